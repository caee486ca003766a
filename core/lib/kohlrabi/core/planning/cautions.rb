# frozen_string_literal: true

module Core
  module Planning
    # Cautions in plain words, from data/planning/cautions.yml, shown where the work can hurt somebody.
    module Cautions
      ROWS = Core.table("planning/cautions").to_h { |row| [row[:key].to_sym, row] }.freeze
      # What one person lifts, by the workshop's unit of length; where that is not known, in both.
      ALONE = { "mm" => "25 kg", "in" => "55 lb" }.freeze
      TEXTS = ROWS.transform_values { |row| row[:text].sub("{alone}", "25 kg (55 lb)") }.freeze
      LEAD_LIMIT = 1978 # the year of the limit in the USA; other places have their own, so the text says so
      LIDDED = ["blanket box", "trunk"].freeze

      extend self

      # Text by key, in the measures of the workshop's unit of length. Raises KeyError.
      def text(key, unit: nil)
        ALONE.key?(unit) ? ROWS.fetch(key)[:text].sub("{alone}", ALONE[unit]) : TEXTS.fetch(key)
      end

      # {key:, text:, wear:, waste:, serious:} by key. Raises KeyError.
      def row(key, unit: nil) = ROWS.fetch(key.to_sym).merge(text: text(key.to_sym, unit: unit))

      # Whether it must be confirmed once per piece before the step starts.
      def serious?(key) = row(key)[:serious] == true

      # Keys of products to wear (data/shelf/products.yml) with the cautions of a step.
      def gear(keys) = keys.flat_map { |key| row(key).fetch(:gear, []) }.uniq

      # The cautions to have in mind before buying. kind: name; condition: key of buying/conditions; made_about: as
      # typed, may be empty;
      # tips: whether it can tip over, by its kind's usual measures where it was not measured.
      def before_buying(kind:, condition:, made_about: nil, tips: TipOver.kind?(kind))
        name = kind.to_s.strip.downcase
        keys = [(:lead if condition != "sound" && !made_after_limit?(made_about)), (:mould if condition == "rough"),
                (:lid if LIDDED.include?(name)), (:tip if tips), (:children if name.match?(/\b(cot|crib|bunk|child|toy)/))]
        keys.compact.map { |key| text(key) }
      end

      # Whether every year named lies after the limit; without one the age is unknown.
      def made_after_limit?(made_about)
        years = made_about.to_s.scan(/\b(?:1[6-9]|20)\d\d\b/).map(&:to_i)
        years.any? && years.min > LEAD_LIMIT
      end
    end
  end
end
