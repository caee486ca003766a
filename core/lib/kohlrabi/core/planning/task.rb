# frozen_string_literal: true

module Core
  module Planning
    # One piece of work on one zone; tasks of one key on several zones become one step.
    # key: stable, so that what was done and edited survives re-planning; phase, seq: its place in the order; kind: of
    # work; label; zone: key; minutes: on this zone; fixed: minutes each time the step is done; wait: minutes before the
    # zone is worked on again;
    # touch: minutes until it is touch dry;
    # materials: {product key => Numeric}; grits: Array; cautions: keys; place: bench, outdoors or tent; way: how it is
    # applied;
    # acts: keys of data/planning/acts.yml, what it does; verb: of Verbs, or nil; wet: done so that no dust is set free;
    # try: Hash of a trial;
    # breaks: whether it breaks an old finish that may hold lead (Dangers says so); outside: done by somebody else;
    # not_before: Date or nil.
    Task = Struct.new(:key, :phase, :seq, :kind, :label, :zone, :minutes, :fixed, :wait, :wait_why, :materials, :grits, :cautions, :done, :why,
                      :place, :way, :acts, :verb, :wet, :touch, :try, :breaks, :outside, :not_before, :note, keyword_init: true)

    # How tasks are made.
    class Task
      def initialize(seq: 0, minutes: 0, fixed: 0, wait: 0, wait_why: nil, materials: {}, grits: [], cautions: [],
                     place: "bench", acts: [], **rest)
        super
      end
    end
  end
end
