# frozen_string_literal: true

module Core
  # From what lies on a piece and the look that was chosen to the steps of its plan. Its small values stand here.
  module Planning
    # How one zone will look. finish: key of Finishes; over: decoration on top, in order; colour, undercolour: key of
    # Shelf::Colours or nil;
    # product: key or nil (the standard one of its kind); wear: own, or nil for the look's; options: finishes still in
    # question;
    # preparation: key of Judgements::Preparation::WAYS, coats: of paint, oil or clear coat, and way of
    # Judgements::Applying::WAYS, where somebody says so.
    Choice = Struct.new(:finish, :over, :colour, :undercolour, :product, :wear, :options, :preparation, :coats, :way,
                        keyword_init: true)

    # One change that the user made to a plan. kind: remove, time (seconds), wait (minutes), label (text), note (text),
    # split (number), add (text, work kind, seconds, minutes of wait; after step), before (step before other). It names
    # steps by key, so it outlives re-planning.
    Edit = Struct.new(:id, :kind, :step, :other, :text, :work, :seconds, :minutes, :number, keyword_init: true)

    # What was tried before: product × surface × tool, whether it worked, seconds lost.
    Experience = Struct.new(:product, :surface, :tool, :worked, :seconds_lost, :note, keyword_init: true)

    # What does not hold in a plan. level: :danger, :impossible, or :craft (against the order of the craft: a warning
    # that a person may pass over as their own way); code; step: Step, nil at the end of the plan; zones: keys; text:
    # why, and the better way.
    Fault = Struct.new(:level, :code, :step, :zones, :text, keyword_init: true) do
      # Whether nobody may pass over it.
      def refused? = level != :craft
    end

    # Fittings of one kind on a piece: hinges, shelf pins, knobs, locks, catches, castors. number: how many there will
    # be; treatment: of TREATMENTS; missing: how many of them are not there.
    Fitting = Struct.new(:kind, :number, :treatment, :missing, keyword_init: true)

    # What is done about them, by data/planning/fittings.yml.
    class Fitting
      ROWS = Core.table("planning/fittings").to_h { |row| [row[:key], row] }.freeze
      LABELS = ROWS.transform_values { |row| row[:label] }.freeze
      TREATMENTS = { "kept" => "kept", "cleaned" => "cleaned", "sprayed" => "cleaned and sprayed", "replaced" => "replaced",
                     "removed" => "taken off for good" }.freeze
      MAX_NUMBER = 200

      def row = ROWS.fetch(kind)
      def label = row[:label].downcase
      def there = number - missing.to_i
      def stays? = treatment != "removed"
    end

    # A look of a piece. wear: display, everyday or hard; hardware: kept, cleaned, sprayed, replaced or none; spacing:
    # mm of new pulls;
    # hardware_on: when ordered ones come; inside: leave, clean, liner or sealed; lined: how many
    # drawers are lined, nil for all there is inside; works: Array of Applied; pulls: how many in all, nil for one each;
    # fittings: Array of Fitting; primer: "auto", "none" or a product; choices: {zone => Choice}.
    Look = Struct.new(:wear, :hardware, :spacing, :hardware_on, :inside, :lined, :primer, :choices, :works, :pulls,
                      :fittings, keyword_init: true)

    # Nothing is put on unless it is said.
    class Look
      def initialize(works: [], fittings: [], **rest) = super
    end

    # What was done on a zone: an event on its state. deed: Deed; zone: key.
    Mark = Struct.new(:deed, :zone, keyword_init: true)

    # By the key of its step, where it is in a plan.
    class Mark
      def initialize(zone:, key: nil, deed: Deed.read(key)) = super(zone: zone, deed: deed)
      def key = deed.key
    end

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
    # not_before: Date or nil; own: whether a person added it and said how long it takes.
    Task = Struct.new(:key, :phase, :seq, :kind, :label, :zone, :minutes, :fixed, :wait, :wait_why, :materials, :grits, :cautions, :done, :why,
                      :place, :way, :acts, :verb, :wet, :touch, :try, :breaks, :outside, :not_before, :note, :own, keyword_init: true)

    # How tasks are made.
    class Task
      def initialize(seq: 0, minutes: 0, fixed: 0, wait: 0, wait_why: nil, materials: {}, grits: [], cautions: [],
                     place: "bench", acts: [], **rest)
        super
      end
    end
  end
end
