# frozen_string_literal: true

module Core
  module Planning
    # Which verb a task is of: as data/planning/tasks.yml says, or by the phase and the acts of what findings and people
    # ask for.
    module Verbs
      %w[verb removing laying handling].each { |name| require_relative "verbs/#{name}" }

      BY_NAME = { "apply" => Apply, "bleach" => Bleach, "carve" => Carve, "clean" => Clean, "clear" => Clear, "coat" => Coat,
                  "decorate" => Decorate, "degloss" => Degloss, "degrease" => Degrease, "dewax" => Dewax, "dust" => Dust, "fill" => Fill,
                  "hang" => Hang, "mask" => Mask, "oil" => Oil, "peel" => Peel, "plain" => Plain, "prime" => Prime, "put_back" => PutBack,
                  "sand" => Sand, "scrape" => Scrape, "seal" => Seal, "stain" => Stain, "strip" => Strip, "take_off" => TakeOff,
                  "thin_wash" => ThinWash, "wax" => Wax, "wear" => Wear }.freeze
      # Of treatments: by the phase they stand in.
      BY_PHASE = { "fill" => "fill", "refill" => "fill", "level" => "sand", "relevel" => "sand", "wash" => "degrease",
                   "bleach" => "bleach" }.freeze

      extend self

      # Class of the verb of a task.
      def of(task) = BY_NAME.fetch(name_of(task))

      # The same by name.
      def name_of(task) = task.verb || of_treatment(task)

      # By what is done and how (parameters of a Deed), where no task is at hand.
      def named(name, params = {})
        return params.dig("layer", "finish") == "wash" ? "thin_wash" : "stain" if name == "colour"

        return "sand" if name == "smooth"

        applied = Applied.verb(name)
        return applied if applied

        row = Tasks::ROWS[name.tr("-", "_").delete_suffix("_after").to_sym] unless name.include?("_")
        row ? row[:verb] : by_treatment(name)
      end

      private

      def of_treatment(task)
        return "bleach" if task.cautions.intersect?(Bleach::CHEMICALS) && task.materials.any?

        BY_PHASE.fetch(task.phase) { breaks?(task) ? "carve" : "plain" }
      end

      # What findings ask for, by its row.
      def by_treatment(name)
        return "clean" if name.start_with?("rinse-")
        return "carve" if name.start_with?("cut_")

        row = Inspection::Findings::TREATMENTS[name] || {}
        materials = row[:product] ? { row[:product] => 1 } : {}
        of_treatment(Task.new(phase: row[:phase] || name, cautions: (row[:cautions] || []).map(&:to_s), acts: Array(row[:act]),
                              materials: materials))
      end

      # Whether it goes through what lies there, dry.
      def breaks?(task) = task.acts.any? { |act| Acts.fetch(act)[:reach] && !Acts.fetch(act)[:removes] }
    end
  end
end
