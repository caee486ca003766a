# frozen_string_literal: true

module Core
  module Planning
    # The one place that decides what a step endangers. Its cautions follow from what it does, and from what lies on the
    # zone by then: whatever sands, scrapes, wears, drills, saws or heats a coat that may hold lead carries the lead
    # caution and waits for the answer; where lead is there or nobody is sure it is done wet, or is not for this
    # workshop. Planned steps, own ones, those of bench tools, timers and ticks all ask here.
    class Dangers
      FIRM = "Have it done by a certified lead-safe firm: "
      COATS = %w[prime colour coat decorate clear wax].freeze
      WHOLE = %w[cut drill].freeze
      DUSTY = %w[sanding stripping].freeze # kinds of work

      # Whether a piece may hold lead as far as anybody has said. lead: clear, present, unsure or nil; after_limit: made
      # after the limit.
      def self.open?(lead, after_limit) = lead != "clear" && !after_limit

      # Why a step must not be started now, as a Refusal; nil where nothing stands against it. brief: of its plan.
      def self.against(step, brief)
        if step.outside?
          Refusal.new(:not_for_this_workshop, field: :step, step: step.label)
        elsif step.breaks? && brief.lead.nil?
          Refusal.new(:lead_not_answered, field: :lead, work: "“#{step.label}”")
        end
      end

      # The same of a kind of work that is not a step of a plan: where it makes dust of what lies on a piece. brief: of
      # the piece.
      def self.against_kind(kind, brief)
        return unless DUSTY.include?(kind) && open?(brief.lead, brief.after_limit) && brief.old?(brief.zones)
        return Refusal.new(:lead_not_answered, field: :lead, work: Flips::WorkKinds.label(kind)) if brief.lead.nil?

        Refusal.new(:old_finish_may_hold_lead, field: :step, work: Flips::WorkKinds.label(kind).downcase)
      end

      # What to do now that a step was done which should not have been: a sentence, or nil. It is recorded all the same.
      def self.aftermath(step, brief)
        Cautions.row(:lead)[:after] if step.breaks? && open?(brief.lead, brief.after_limit)
      end

      # tasks: all of a plan; brief: Brief. Settles them in place and returns them.
      def self.settle(tasks, brief) = new(tasks, brief).settle

      def initialize(tasks, brief)
        @tasks = tasks
        @brief = brief
        @zones = brief.zones.to_h { |zone| [zone.key, zone] }
        planned = tasks.reject { |task| own?(task) }
        sanded = places(planned.select { |task| task.acts.include?("sand_bare") }, :max)
        @removed = sanded.merge(places(planned.select { |task| Acts.removing?(task.acts - ["sand_bare"]) }, :max))
        @covered = places(tasks.select { |task| covers?(task) }, :min)
      end

      def settle
        @tasks.each do |task|
          task.cautions |= Acts.cautions(task.acts)
          task.breaks = breaks?(task)
          task.cautions |= %w[lead] if remains?(task)
        end
        @tasks.group_by(&:key).each_value { |same| at_once(same) if same.any?(&:breaks) }
        @tasks
      end

      private

      # A cut or a hole goes through all its zones: where one of them holds back, none is done dry.
      def at_once(same)
        breaking = whole?(same.first) ? same : same.select(&:breaks)
        @brief.lead.nil? ? breaking.each { |task| task.cautions |= %w[lead] } : contain_all(breaking)
      end

      def whole?(task) = task.acts.any? { |key| WHOLE.include?(key) }

      # {zone key => place of the first or the last (:min, :max) of some tasks on it}.
      def places(some, which)
        some.group_by(&:zone).transform_values { |all| all.map { |task| place(task) }.public_send(which) }
      end

      # Whether an old coat lies under it from then on: a new coat, or new wood.
      def covers?(task) = task.verb == "apply" || (COATS.include?(task.phase) && task.materials.any? && task.try.nil?)

      def place(task) = [Phases.place(task.phase), task.seq]

      # Whether it breaks an old coat that may hold lead and that is still there by then.
      def breaks?(task)
        return false if task.wet || task.outside || @brief.lead == "clear" || !old?(task.zone)
        return false if @removed[task.zone] && (@removed[task.zone] <=> place(task)).negative?

        reaches?(task)
      end

      # How deep a step of a person's own goes, and what it took off, nobody knows.
      def own?(task) = task.key.start_with?(Edits::OWN)

      # Whether it makes dust of what is left of an old coat in the pores.
      def remains?(task)
        task.cautions.include?("dust") && Dangers.open?(@brief.lead,
                                                        @brief.after_limit) && old?(task.zone) && reaches?(task)
      end

      def old?(key)
        zone = @zones[key]
        zone && @brief.old?([zone])
      end

      def reaches?(task)
        task.acts.any? do |key|
          case Acts.fetch(key)[:reach]
          when "through" then true
          when "top" then own?(task) || @covered[task.zone].nil? || (@covered[task.zone] <=> place(task)).positive?
          end
        end
      end

      # Lead is there, or nobody is sure: wet where that can be, else by those who are certified for it. The key says so
      # too, for a step may be dry on another zone.
      def contain_all(tasks)
        ways = tasks.first.acts.map { |key| Acts.fetch(key) }.select { |row| row[:reach] }.map { |row| row[:wet] }
        tasks.each do |task|
          task.breaks = false
          ways.all? ? wet(task, ways.first) : outside(task)
        end
      end

      def wet(task, way)
        task.wet = true
        task.key += "/wet" unless whole?(task)
        task.label += ", #{way}"
        task.cautions = (task.cautions - %w[dust]) | %w[lead]
      end

      def outside(task)
        task.outside = true
        task.key += "/firm" unless whole?(task)
        task.label = "#{FIRM}#{task.label}"
        task.cautions = %w[lead]
      end
    end
  end
end
