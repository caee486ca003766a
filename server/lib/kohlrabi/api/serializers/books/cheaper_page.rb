# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # What asking less would bring, were things sold the quicker for it.
      class CheaperPage < Support::Page
        attributes :n, :assumes
        said :sum, :lost, :won, :net
        attribute(:days) { |found| @formatter.number(found.days) }
        attribute(:needed) { |found| found.needed && "#{Core::Units::Numerals.text(found.needed, 1)}%" }
        attribute(:profit_per_space_day) { @formatter.money(Operations::Market::TimeToSell.profit_per_space_day) }

        # less, quicker: percent, Integer and decimal text or nil; filter: Books::BooksFilter.
        def initialize(less, quicker, formatter, filter:)
          super(Operations::Books::WhatIf.cheaper(Rational(less, 100), quicker && Rational(quicker), filter), formatter)
        end
      end
    end
  end
end
