# frozen_string_literal: true

module Core
  module Planning
    # What kinds of work need of a face, what they leave, and what they endanger; one file a verb. They know nothing of
    # the rules that plan them.
    module Verbs
      # An act on one face.
      class Verb
        LAYING = %w[Prime Coat Clear Stain ThinWash Oil Bleach Hang].freeze

        # task: Task; state: State of the face before it; brief: Brief; past: keys of steps done before.
        def initialize(task, state, brief, past)
          @task = task
          @state = state
          @brief = brief
          @past = past
        end

        # Array of [level, code, text] that speak against it now.
        def faults = []

        # Whether it lays something on the face that wets it.
        def lays? = LAYING.include?(self.class.name.split("::").last)

        # Changes the state to what it leaves.
        def leave; end

        private

        attr_reader :task, :state, :brief, :past

        def danger(code, text) = [:danger, code, text]
        def impossible(code, text) = [:impossible, code, text]
        def craft(code, text) = [:craft, code, text]

        # Rows of the products that it takes.
        def products = @products ||= task.materials.keys.map { |key| brief.products.fetch(key) }
        def product = products.first

        # "#rrggbb" of what it lays, nil where the product comes in no colours or nobody has chosen one.
        def colour = product && product[:colour]&.hex

        # Dust or chips of what may hold lead: set free only where that is ruled out.
        def lead_fault
          return if task.wet || task.outside || !state.lead? || brief.after_limit || brief.lead == "clear"
          return danger(:lead, "what may hold lead is broken; lead is there or not ruled out") if brief.lead

          danger(:lead_untested, "what may hold lead is broken before it was tested") unless past.include?("lead")
        end

        # What a coat of any kind needs under it.
        def under_a_coat
          [(craft(:on_dirt, "it goes on dirt: wash and rinse first") if state.dirt),
           (craft(:on_dust, "dust under a coat stays in it: vacuum and tack off first") if state.dusty),
           (if state.wax
              craft(:on_wax,
                    "nothing sticks on wax, oil or polish: take it off with mineral spirits first")
            end),
           (if state.chemical
              danger(:chemicals,
                     "what it lies on was not rinsed: clean water and full drying first")
            end)].compact
        end

        def open_wood
          if state.bare?
            []
          else
            [craft(:not_open_wood,
                   "it needs open wood, and there is a finish on it: take that off first")]
          end
        end
      end
    end
  end
end
