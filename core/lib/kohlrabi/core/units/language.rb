# frozen_string_literal: true

module Core
  module Units
    # Which English a country reads.
    module Language
      # Countries that spell as in Britain, by their two letters (common practice, no source).
      BRITISH = %w[GB IE AU NZ ZA IN MT CY SG HK NG KE GH UG TZ JM TT PK LK BD].freeze

      # country: two letters (ISO 3166) or nil. "en-GB" or "en-US".
      def self.of(country) = BRITISH.include?(country) ? "en-GB" : "en-US"
    end
  end
end
