# frozen_string_literal: true

module Operations
  module Books
    # A flip that was finished long ago, written down in one form: read and taken as a row of a file is, in the
    # words of a person.
    module PastFlips
      extend self

      # given: {column of Formats::FlipsCsv => text}; hours as said ("9", "8h30"). Returns the piece. Raises Refused
      # naming the field.
      def create(given)
        texts = given.except("kind_form").transform_values { |text| text.to_s.strip }
        texts["hours"] = hours(texts["hours"].to_s)
        flip = Formats::CsvFlip.new(1, texts.compact, problem: nil, currency: Support::Workshop.current.money,
                                                      today: Support::Workshop.today, decimal: :either, dates: :iso,
                                                      unit: Support::Workshop.current.length_unit)
        refuse_problems(flip.problems)
        Records::Base.transaction do
          Planning::Kinds.keep(given)
          Import.take([flip])
          Records::Piece.order(:id).last
        end
      end

      private

      # Decimal hours, as the row has them.
      def hours(text)
        return if text.empty?

        Core::Units::Numerals.plain(Rational(Core::Units::Effort.parse_week(text), 3600), 6)
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:hours)]
      end

      # Each begins with the column that it is of.
      def refuse_problems(problems)
        return if problems.empty?

        raise Support::Refused, (problems.map do |problem|
          field, said = problem.split(": ", 2)
          Core::Refusal.new(:row_refused, field: field, problem: said.to_s)
        end)
      end
    end
  end
end
