# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # What asking less would bring, were things sold the quicker for it.
        class CheaperPage < Support::Page
          attributes :n, :assumes
          said :sum, :lost, :won, :net
          attribute(:days) { |found| @say.number(found.days) }
          attribute(:needed) { |found| found.needed && "#{Core::Units::Numerals.text(found.needed, 1)}%" }
          attribute(:place_day) { @say.money(Operations::Market::Sellings.place_day) }

          # less, quicker: percent, Integer and decimal text; lens: Books::Lens.
          def initialize(less, quicker, say, lens:)
            super(Operations::Books::WhatIf.cheaper(Rational(less, 100), Rational(quicker), lens), say)
          end
        end
      end
    end
  end
end
