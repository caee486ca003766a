# frozen_string_literal: true

module Core
  module Market
    # Findings that nothing was done about: a buyer has to know them. What a new finish covers by its nature (an old
    # coat, wax, dirt) is none.
    module Flaws
      COVERED = %w[varnish glossy failing painted waxed oiled silicone bare_wood thin_veneer knots tannin_wood dark_stain brown_rinse sand_through
                   slick stickers old_liner grease spiders maker_label hardware_ok].freeze

      extend self

      # findings: Array of Inspection::Finding; done: keys of treatments that were ticked off; place: zone key →
      # words. Array of phrases.
      def left(findings, done, place: ->(zone) { zone })
        findings.reject { |finding| COVERED.include?(finding.key) || treated?(finding, done) }.map do |finding|
          zone = finding.zone && place.call(finding.zone)
          [finding.label.sub(/\A[A-Z](?=[a-z])/, &:downcase), (zone ? "(#{zone})" : nil),
           finding.note].compact.join(" ")
        end
      end

      private

      # Any of its treatments, under whatever finish.
      def treated?(finding, done)
        return done.include?("own-#{finding.id}") if finding.own

        Planning::Inspection::Findings.treatments(finding.row).any? { |row| done.include?(row[:key]) }
      end
    end
  end
end
