# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # What would have been earned without a kind of flip.
      class WithoutPage < Support::Page
        attributes :flips, :assumes
        said :sum, :profit, :with, :pay, :pay_with
        said :effort, :freed
        attribute(:label) { @label }
        attribute(:made_up) { |found| found.made_up && @formatter.percent(found.made_up) }
        attribute(:change) { |found| found.profit && found.with && @formatter.money(found.profit - found.with) }

        # by, trait: as Traits has them; filled: percent of the freed hours, Integer; filter: Books::BooksFilter.
        def initialize(by, trait, formatter, filled:, filter:)
          super(Operations::Books::WhatIf.without(by, trait, Rational(filled, 100), filter), formatter)
          @label = Operations::Books::Traits.label(by, trait)
        end
      end
    end
  end
end
