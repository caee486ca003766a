# frozen_string_literal: true

module Core
  module Shelf
    # The cautions that a product carries: those of its row, and what follows from its base, its kind and its name, so
    # that a product of a person's own has them too. A base that nobody gave is taken for the one that can hurt (common
    # practice; a product's own label wins).
    module ProductCautions
      BASES = { "water" => "water", "oil" => "oil", "solvent" => "solvent or mineral spirits", "shellac" => "shellac or spirit",
                "wax" => "wax" }.freeze
      BY_KIND = { "stripper" => %w[stripper], "dewaxer" => %w[solvent], "deglosser" => %w[solvent], "aerosol" => %w[spray solvent],
                  "aerosol_primer" => %w[spray solvent], "oil" => %w[rags], "wax" => %w[rags], "stain_lifter" => %w[acid] }.freeze
      # Of a kind, by its base; nil: not known. Oil on a rag heats itself: whatever its kind.
      BY_BASE = { "oil" => { "stain" => %w[rags solvent], "paint" => %w[rags solvent], "primer" => %w[rags solvent], "clear" => %w[rags solvent] },
                  nil => { "stain" => %w[rags solvent] } }.freeze
      BY_NAME = { /chlor|hypochlor|household bleach|laundry bleach/i => "chlorine", /oxalic|vinegar|\bacid\b/i => "acid",
                  /two-part bleach|peroxide|caustic|\blye\b/i => "bleach_two", /linseed|tung oil|teak oil|hardening oil|oil wax/i => "rags",
                  /shellac|lacquer|acetone|spirits?\b|thinner|solvent/i => "solvent", /aerosol|spray can/i => "spray",
                  /two-part filler|hardener/i => "solvent", /stripper/i => "stripper" }.freeze

      # What a product carries for its base alone.
      BY_SOLVENT = %w[solvent rags].freeze

      extend self

      # row: Hash of a product (label, kind, base, cautions). Returns Array of keys of data/planning/cautions.yml.
      def of(row)
        kind, base = row.values_at(:kind, :base)
        named = BY_NAME.filter_map { |words, key| key if words.match?(row[:label].to_s) }
        named -= %w[solvent] if kind == "stripper" # its own caution says as much and more
        ((row[:cautions] || []).map(&:to_s) | BY_KIND.fetch(kind, []) | by_base(kind, base) | named).uniq
      end

      private

      def by_base(kind, base)
        return %w[solvent] if %w[solvent shellac].include?(base)

        found = BY_BASE.fetch(base, {}).fetch(kind, [])
        base == "oil" ? found | %w[rags] : found
      end
    end
  end
end
