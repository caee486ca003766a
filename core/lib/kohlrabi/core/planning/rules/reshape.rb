# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What the shape as planned is without comes off, into the stash where it is of use; a cut is marked and checked
      # first.
      class Reshape < PieceRule
        rule "Parts off and cuts",
             on: "the shape as planned differs from the one bought",
             why: "a cut cannot be taken back, so it is tried dry"
        STOP = 20 # minutes after which the trial is given up

        def applies? = brief.acts.any?

        def plan
          brief.acts.each do |act|
            next part_on(act) if act.adds

            act.cut ? cut(act) : part_off(act)
          end
        end

        private

        def part_off(act)
          add(:part_off, zones, key: act.key, words: { what: act.spare ? "#{act.label}; into the stash" : act.label })
        end

        # Where the look says how the legs are made, that stands.
        def part_on(act)
          return unless look.works.none?(&:fresh?)

          add(:part_on, zones.select do |zone|
            zone.group == "legs"
          end, key: act.key, words: { what: act.label })
        end

        def cut(act)
          add(:try_cut, zones, key: "try-#{act.key}", seq: -1,
                               try: { product: "saw", stop: STOP, fallback: "keep it as it is" })
          add(:cut, zones, key: act.key, words: { what: act.label })
        end
      end
    end
  end
end
