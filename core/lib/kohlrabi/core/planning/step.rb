# frozen_string_literal: true

module Core
  module Planning
    # A step of a plan: one key of work on one zone or several.
    # tasks: Array of Task; state: open, part or done by the marks; needs: Array of Need; remembered: Array of
    # Experience.
    class Step
      # needs: key of the step before; wait: minutes after it; why.
      Need = Struct.new(:key, :wait, :why, keyword_init: true)
      # Spread of an estimate: when all goes well, when it does not (common practice, weak, no source).
      LOW = 7/10r
      HIGH = 16/10r

      # What comes around all work: moving things and looking, a tenth of it; and beginning and ending a session, 10 min
      # in some three hours (common practice, no source).
      AROUND = 115/100r

      attr_reader :key, :tasks, :needs, :edits
      attr_accessor :label_override, :seconds_override, :wait_override, :part, :note, :remembered, :seq, :moved

      # factor: learned factor of its kind; marks: Marks; pieces: on how many pieces it is done in one go, which share
      # what is fixed.
      def initialize(key, tasks, factor: 1, marks: Marks.new([]), pieces: 1)
        @key = key
        @tasks = tasks
        @factor = tasks.first.own ? 1 : factor
        @pieces = pieces
        @marks = marks
        @done = marks.done(key, zones)
        @needs = []
        @part = 1r
        @remembered = []
        @seq = tasks.first.seq
        @edits = []
      end

      # One of several equal parts of the step; only the last keeps the wait.
      def share(key, part, last:, of:)
        Step.new(key, tasks, factor: @factor, marks: @marks, pieces: @pieces).tap do |step|
          step.part = part
          step.seq = seq
          step.wait_override = 0 unless last
          step.label_override = "#{label}, part #{of.first} of #{of.last}"
        end
      end

      def first = tasks.first
      def phase = first.phase
      def kind = first.kind
      def place = first.place
      def label = label_override || first.label
      def zones = @zones ||= tasks.map(&:zone).uniq
      def grits = first.grits
      def done_when = first.done
      def why = first.why
      def try = first.try
      GLUE = "glue" # product
      # Whether it glues: what glues dries side by side.
      def glues? = wait.positive? && materials.key?(GLUE)
      def peels? = first.verb == "peel"

      # Minutes until what it laid on a zone is touch dry: then tape comes off.
      def touch_on(zone)
        touch = tasks.select { |task| task.zone == zone }.filter_map(&:touch).max
        touch ? [touch, wait_on(zone)].min : wait_on(zone)
      end

      def outside? = tasks.any?(&:outside)
      def breaks? = tasks.any?(&:breaks)
      def cautions = tasks.flat_map(&:cautions).uniq
      def ways = tasks.filter_map(&:way).uniq
      def notes = [note, *tasks.map(&:note)].compact.uniq
      def not_before = tasks.filter_map(&:not_before).max
      def position = [*(moved || [Phases.place(phase), seq]), key]

      # Minutes to wait after it; the longest of its zones.
      def wait = wait_override || tasks.map(&:wait).max

      # Minutes to wait on one zone.
      def wait_on(zone)
        @waits ||= tasks.group_by(&:zone).transform_values { |all| all.map(&:wait).max }
        wait_override || @waits.fetch(zone, 0)
      end

      def wait_why = tasks.max_by(&:wait).wait_why

      # Hands-on seconds by the rates alone, and as estimated: learned factor, own figure. Whole minutes, so that what
      # is shown adds up.
      def base_seconds = whole((tasks.sum(&:minutes) + fixed) * around * part)
      def seconds = seconds_override || whole(base_seconds/60r * @factor)
      def low = whole(seconds/60r * LOW)
      def high = whole(seconds/60r * HIGH)

      # Seconds of one of its zones: its own minutes, and the fixed ones on the first. Over all zones they add up to the
      # step's, but for rounding.
      def seconds_on(zone)
        own = tasks.select { |task| task.zone == zone }.sum(&:minutes)
        own += fixed if zone == zones.first
        (own * around * 60 * part).round
      end

      # What was recorded on the step itself. seconds: of hours that belong to it.
      def worked(seconds) = @worked = seconds

      # The step won't be done: the piece is ready without it.
      def drop = @dropped = true

      # Takes off what was used or bought for it otherwise. amounts: {product key => amount}.
      def credit(amounts)
        @credits = (@credits || {}).merge(amounts) { |_, one, other| one + other }
      end

      # Work left, in seconds: of the zones that are not done, and the fixed part once more, less what was recorded on
      # the step beyond its ticked zones, but at least Recorded::LEAST_LEFT of it.
      def remaining
        return 0 if @dropped
        return unticked unless @worked&.positive?

        [unticked - [@worked - (seconds - unticked), 0].max, least_left].max
      end

      # The same by ticks alone.
      def unticked
        return 0 if done?
        return seconds if @done.empty? || seconds_override

        open = tasks.reject { |task| @done.include?(task.zone) }
        whole((open.sum(&:minutes) + fixed) * around * part * @factor)
      end

      def done_zones = zones & @done
      def done? = (zones - @done).empty?
      def open? = !done? && !@dropped

      # Id of the finding noted late that it is for, or nil.
      def finding = @finding ||= Deed.read(key).finding

      def state
        if done? || (@dropped && done_zones.any?)
          "done"
        else
          done_zones.any? ? "part" : "open"
        end
      end

      # Whether it was dropped without any of it done.
      def dropped? = @dropped == true && done_zones.empty?

      # {product key => amount rounded up to whole units or hundredths of m²}.
      def materials
        @materials ||= tasks.each_with_object(Hash.new(0)) do |task, sums|
          task.materials.each do |key, amount|
            sums[key] += amount
          end
        end
                            .transform_values { |amount| (amount * part).round(6).ceil(amount < 10 ? 2 : 0) }
      end

      # Materials still to be used.
      def materials_left
        return {} if @dropped

        left = @done.empty? ? materials : materials_for(zones)
        return left unless @credits&.any?

        left.to_h do |key, amount|
          [key, [amount - @credits.fetch(key, 0), 0].max]
        end.select { |_, amount| amount.positive? }
      end

      # Materials of those of some zones that are not done yet.
      def materials_for(some)
        open = tasks.select { |task| some.include?(task.zone) && !@done.include?(task.zone) }
        open.each_with_object(Hash.new(0)) { |task, sums| task.materials.each { |key, amount| sums[key] += amount } }
            .transform_values { |amount| (amount * part).round(6).ceil(amount < 10 ? 2 : 0) }
      end

      private

      # Minutes that somebody gave for a step of their own are taken as they are.
      def around = first.own ? 1 : AROUND

      # In whole minutes, up.
      def least_left = (unticked * Recorded::LEAST_LEFT / 60).ceil * 60

      # Minutes each time it is done, its share of them where several pieces are worked on in one go.
      def fixed = Rational(tasks.map(&:fixed).max.to_r, @pieces)

      # Minutes as whole minutes in seconds; what takes any time at all takes one.
      def whole(minutes) = minutes.positive? ? [minutes.round, 1].max * 60 : 0
    end
  end
end
