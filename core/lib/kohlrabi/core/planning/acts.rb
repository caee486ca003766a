# frozen_string_literal: true

module Core
  module Planning
    # What steps do, from data/planning/acts.yml.
    module Acts
      BY_KEY = Core.table("planning/acts").to_h { |row| [row[:key], row] }.freeze
      # A word in the forms that people give it, whole: stripped and stripping, but no stripes.
      WORDS = BY_KEY.transform_values do |row|
        words = row[:words]&.map { |word| Regexp.escape(word).gsub('\ ', '\s+') }
        words && /\b(?:#{words.join('|')})(?:s|d|n|ed|er|ing|[lnpt](?:ed|er|ing))?\b/i
      end.compact.freeze
      # Work whose steps speak of other things by the same words (“cut the edge in with the brush”): there only what
      # sets dust free counts.
      GENTLE = %w[cleaning painting priming staining clear_coat photographing fetching selling delivering
                  filming].freeze
      DUSTY = %w[abrade wear scrape strip].freeze

      extend self

      def fetch(key) = BY_KEY.fetch(key.to_s)
      def cautions(keys) = keys.flat_map { |key| fetch(key)[:cautions] || [] }.uniq
      def removing?(keys) = keys.any? { |key| fetch(key)[:removes] }

      # Keys of what a step of a person's own, or of a bench tool, does: by its words and the kind of work. Too many
      # rather than too few: what follows is a caution, and the question whether the old finish holds lead.
      def read(label, work)
        known = BY_KEY.keys.select { |key| WORDS[key]&.match?(label) || BY_KEY[key][:works]&.include?(work) }
        GENTLE.include?(work) ? known & (DUSTY + %w[solvent spray steel_wool chlorine acid contain lift]) : known
      end
    end
  end
end
