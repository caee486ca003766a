# frozen_string_literal: true

module Core
  module Bench
    # A step of a piece that is to be put into sessions. All times are whole minutes on one line of time.
    # id; piece: id; minutes: hands-on; needs: Array of [id of the step before, minutes to wait after it]; wait: minutes
    # it keeps its place afterwards; place: name, or nil; hands: whether it needs a person; divisible: whether it may go
    # on in the next session;
    # not_before: minute; blocked: why nobody can work it, or nil; pinned: minute of the session it was moved to, or
    # nil;
    # like: what it shares with like work (product, grit); position: its place in the plan.
    Job = Struct.new(:id, :piece, :minutes, :needs, :wait, :place, :hands, :divisible, :not_before, :blocked, :pinned, :like, :position,
                     keyword_init: true)

    # How a job is made.
    class Job
      def initialize(piece: nil, needs: [], wait: 0, hands: true, divisible: false, not_before: 0, position: 0, **rest)
        super
      end
    end
  end
end
