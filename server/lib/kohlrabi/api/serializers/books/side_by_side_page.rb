# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # Own pieces worked again, one to several at a time.
      class SideBySidePage < Support::Page
        ASSUMED = ["Each piece takes the days of work it took, with its waiting spread evenly between them.",
                   "A pair of hands is on one piece a day, and there on every day it is needed.",
                   "Each brings what your pieces brought on average, and buyers are found for all of them."].freeze

        attribute(:n) { @pieces }
        attribute(:rows) { @rows.map { |row| side(row) } }
        attribute(:profit) { @formatter.money(@profit) }
        attribute(:assumes) { ASSUMED }

        # filter: Books::BooksFilter.
        def initialize(hands, formatter, filter:)
          super(nil, formatter)
          @rows, @pieces, @profit = Operations::Books::WhatIf.side_by_side(hands, filter)
        end

        private

        def side(row)
          { at_once: row.at_once, days: row.days, a_year: Core::Units::Numerals.text(row.a_year, 1), idle: @formatter.percent(row.idle),
            profit: @formatter.money(@profit && (@profit * row.a_year)) }
        end
      end
    end
  end
end
