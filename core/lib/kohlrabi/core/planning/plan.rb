# frozen_string_literal: true

module Core
  module Planning
    # The plan of a piece: its steps in order, what they add up to, and what it was made from.
    class Plan
      attr_reader :brief, :graph, :lost_edits

      # graph: Graph; lost_edits: Array of Edit whose step is not in the plan now.
      def initialize(brief, graph, lost_edits: [])
        @brief = brief
        @graph = graph
        @lost_edits = lost_edits
      end

      # Array of Step in an order that can be worked. Once the piece is ready, what was not done is in it no more: see
      # dropped.
      def steps = @steps ||= graph.order.reject(&:dropped?)
      def step(key) = graph[key]&.then { |step| step unless step.dropped? }

      # Whether the piece is ready or further: nothing is open but what is to be touched up.
      def closed? = brief.recorded&.closed == true

      # Steps that were never done, once the piece is ready.
      def dropped = graph.order.select(&:dropped?)

      # The same as lines to read: Array of Lines::Line.
      def lines = Lines.of(steps)

      # Hands-on seconds: all, when all goes well, when it does not, and those still to come.
      def seconds = steps.sum(&:seconds)
      def low = steps.sum(&:low)
      def high = steps.sum(&:high)
      def remaining = steps.sum(&:remaining)

      # {product key => amount}, all and still to come.
      def materials = total(:materials)
      def materials_left = total(:materials_left)

      # Keys of zones that are not decided yet.
      def undecided = steps.filter_map { |step| step.key[%r{\Adecide/(.+)}, 1] if step.open? }

      # Open steps that took well past their estimates.
      def past = @past ||= brief.recorded ? brief.recorded.past(steps) : []

      # Steps that somebody else does, and that are not done: until then nobody can say when it is ready.
      def outside = steps.select { |step| step.outside? && step.open? }

      AFTER = %w[dress show].freeze # phases that do not make a zone unfinished

      # How far a zone is by the steps on it: untouched, begun or finished; finished once the piece is ready. key: the
      # zone's, of one piece or of several alike.
      def zone_state(key)
        return "finished" if closed?

        own = steps.select { |step| !AFTER.include?(step.phase) && on?(step.zones, key) }
        done = own.count { |step| !on?(step.zones - step.done_zones, key) }
        return "untouched" if done.zero?

        done == own.size ? "finished" : "begun"
      end

      # What does not hold in it: Array of Fault. What was done is not judged once the piece is ready.
      def faults = closed? ? [] : replay.faults

      # How it looks after each step: see Replay#frames.
      def frames = replay.frames

      # Whether the lead question is open: some step breaks an old finish of unknown age.
      def lead_open? = step("lead")&.open? == true

      # Marks whose step is not in the plan any more: work done for an earlier look.
      def left_behind
        brief.marks.reject { |mark| step(mark.key)&.zones&.include?(mark.zone) || brief.laid_marks.served?(mark) }
      end

      private

      def replay = @replay ||= Replay.new(self)
      def on?(keys, zone) = keys.any? { |key| Repeats.base(key) == zone }

      def total(name)
        steps.each_with_object(Hash.new(0)) do |step, sums|
          step.public_send(name).each do |key, amount|
            sums[key] += amount
          end
        end
      end
    end
  end
end
