# frozen_string_literal: true

module Operations
  module Books
    # Whether a flip that ended was worth it: what was expected before buying, or said of the piece, against what
    # came.
    module WorthIt
      MATERIALS = %i[materials hardware].freeze

      extend self

      # Core::Books::WorthIt::Answer; nil while it runs, and for what was kept or given away. statement:
      # Core::Flips::Statement.
      def of(piece, statement, workshop)
        return unless Core::Books::Totals::PAID.include?(statement.stage)

        Core::Books::WorthIt.new(expected: expected(piece), came: came(statement), profit: statement.cash_profit.amount,
                                 pay: statement.hourly_pay.amount, floor: workshop.floor_pay_minor, target: workshop.target_pay_minor,
                                 text: workshop.amounts).answer
      end

      private

      # Of several spotted at once each was expected to take its share.
      def expected(piece)
        prospect = piece.prospect_id && piece.prospect
        share = ->(whole) { whole && (whole / [prospect.count, 1].max) }
        Core::Books::WorthIt::Figures.new(resale: piece.expected_resale_minor || (prospect && share.call(prospect.expected_resale_minor)),
                                          costs: prospect && share.call(prospect.expected_materials_minor),
                                          seconds: prospect ? share.call(prospect.expected_seconds) : piece.said_seconds)
      end

      def came(statement)
        materials = statement.money_in.parts.select { |part| MATERIALS.include?(part.key) }.map(&:amount)
        Core::Books::WorthIt::Figures.new(resale: statement.receipts.amount, costs: (materials.sum if materials.all?),
                                          seconds: statement.hours.amount)
      end
    end
  end
end
