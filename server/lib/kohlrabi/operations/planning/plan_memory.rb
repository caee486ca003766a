# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Planning
      # Plans made lately, by what they were made from. A plan depends on nothing but its brief, and briefs compare by value: one that
      # is asked for again (a page after a tap, Today over all pieces) need not be made again. Nothing to forget when something changes:
      # then the brief is another.
      module PlanMemory
        LOCK = Mutex.new
        MAX_PLANS = 64 # more than a workshop has in hand; the one used least lately goes first
        @plans = {}

        module_function

        # Core::Planning::Plan of a brief. Raises what the block raises, and keeps nothing then.
        def of(brief)
          kept = LOCK.synchronize { @plans.delete(brief)&.tap { |plan| @plans[brief] = plan } }
          kept || keep(brief, yield)
        end

        def keep(brief, plan)
          LOCK.synchronize do
            @plans.shift while @plans.size >= MAX_PLANS
            @plans[brief] = plan
          end
        end
        private_class_method :keep
      end
    end
  end
end
