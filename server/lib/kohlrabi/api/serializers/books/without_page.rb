# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # What would have been earned without a kind of flip.
        class WithoutPage < Support::Page
          attributes :flips, :assumes
          said :sum, :profit, :with, :pay, :pay_with
          said :effort, :freed
          attribute(:label) { @label }
          attribute(:made_up) { |found| found.made_up && @say.percent(found.made_up) }
          attribute(:change) { |found| found.profit && found.with && @say.money(found.profit - found.with) }

          # by, trait: as Traits has them; filled: percent of the freed hours, Integer; lens: Books::Lens.
          def initialize(by, trait, say, filled:, lens:)
            super(Operations::Books::WhatIf.without(by, trait, Rational(filled, 100), lens), say)
            @label = Operations::Books::Traits.label(by, trait)
          end
        end
      end
    end
  end
end
