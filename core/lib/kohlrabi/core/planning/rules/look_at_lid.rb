# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # A lid is looked at where nothing was found of it.
      class LookAtLid < PieceRule
        rule "Look at the lid",
             on: "a chest with a lid of which nothing was noted",
             why: "self-latching lids trap children, falling ones break fingers",
             source: "usual cautions"
        FOUND = %w[lid_latch lid_no_stay].freeze

        def applies?
          Cautions::LIDDED.include?(brief.kind.to_s.downcase) && !brief.findings.map(&:key).intersect?(FOUND)
        end

        def plan = add(:lid_check, zones)
      end
    end
  end
end
