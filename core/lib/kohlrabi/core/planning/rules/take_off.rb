# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What hangs or runs in a frame comes off when either is worked on, and goes back when both may be handled.
      class TakeOff < PieceRule
        # off, back: tasks; seen: zones whose work asks for it; list: what comes off; count: how many; take, put:
        # minutes each.
        def take_off(off, back, seen:, list:, count:, take:, put:)
          return if seen.empty? || !touched?(seen + frame)

          add(off, list, minutes: take * count)
          add(back, list | touched(frame) | undecided(frame), minutes: put * count, seq: 1)
        end
      end
    end
  end
end
