# frozen_string_literal: true

module Operations
  module Planning
    # Plans made lately, by what they were made from. A plan depends on nothing but its brief, and briefs compare by
    # value: one that is asked for again (a page after a tap, Today over all pieces) need not be made again.
    module PlanMemory
      MAX_PLANS = 64 # more than a workshop has in hand
      KEPT = Support::LruCache.new(MAX_PLANS)

      extend self

      # Core::Planning::Plan of a brief. Raises what the block raises, and keeps nothing then.
      def of(brief, &) = KEPT.of(brief, &)
    end
  end
end
