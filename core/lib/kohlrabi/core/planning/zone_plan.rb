# frozen_string_literal: true

module Core
  module Planning
    # The course of one zone from what it is to the finish that was chosen for it: what rules ask about it, and the
    # tasks that they have planned so far. The judgements are proposals; what a person says goes first.
    class ZonePlan
      include Judgements::Materials
      include Judgements::Preparation
      include Judgements::PrimerChoice
      include Judgements::Applying
      include Judgements::ClearCoats

      attr_reader :zone, :brief, :choice, :tasks

      # zone: Shape::Zone; brief: Brief; choice: Choice (the brief's, or one of several options of an undecided zone).
      def initialize(zone, brief, choice = brief.choice(zone))
        @zone = zone
        @brief = brief
        @choice = choice
        @tasks = []
      end

      # All that is planned on the zone. Returns Array of Task.
      def plan
        Rules::ON_A_ZONE.each { |rule| rule.new(self).apply }
        tasks
      end

      # What it is when it is finished: as found, or the new wood that covers it.
      def surface = @surface ||= covered? ? NewWood.new(zone, brief, signatures) : ground
      # What it is as found.
      def ground = @ground ||= brief.surface(zone, signatures)
      # Whether applied work is its face, or it is new itself.
      def covered? = !covering.nil? || fresh?
      def covering = brief.covering(zone)
      def fresh? = brief.fresh?(zone)

      # The zone as it is painted: with its slats or flutes.
      def relieved
        return zone unless covering

        @relieved ||= zone.with(area: zone.area * covering.relief.to_f, grade: covering.row[:grade] || zone.grade)
      end

      def practices = brief.practices
      def products = brief.products
      def finish = @finish ||= Finishes.fetch(choice.finish)
      def family = finish[:family]

      # Whether it stays as it is.
      def left? = choice.finish == "leave"

      # Whether it gets a finish that is chosen.
      def finished? = !left? && choice.finish != "undecided"

      # Whether anything has to stick on it.
      def coated? = !left? || sealed_inside? || filled?
      def sealed_inside? = zone.group == "inside" && brief.look.inside == "sealed"

      # Whether it is filled, here or where its pulls were.
      def filled? = Rules::NewPulls.fills?(brief, zone) || treated?("fill")

      # Whether a finding on it is treated in one of these phases.
      def treated?(*phases)
        surface.findings.any? do |finding|
          !finding.late && finding.treatments(family).any? do |row|
            phases.include?(row[:phase])
          end
        end
      end

      # Whether a finding, on whichever zone it was noted, has the whole inside sanded.
      def sanded_inside?
        brief.findings.any? do |finding|
          !finding.late && finding.treatments(family).any? { |row| row[:part] == "inside" && row[:phase] == "sand" }
        end
      end

      # Whether a task of a key, or one that sands with paper, is planned by now.
      def planned?(key) = tasks.any? { |task| task.key == key }
      def sanded? = tasks.any? { |task| task.phase == "sand" && task.grits.any? }

      # Ending of keys that must be told from those of an earlier look.
      def recoat_suffix = surface.recoat_suffix
    end
  end
end
