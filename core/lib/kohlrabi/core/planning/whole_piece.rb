# frozen_string_literal: true

module Core
  module Planning
    # The piece as a whole: what rules ask that concern more than one zone, and the tasks that they have planned so
    # far.
    class WholePiece
      # Pulls and their like are worked on by themselves, away from the piece.
      HARDWARE = Shape::Zone.new(key: "hardware", label: "Hardware", role: "hardware", group: "hardware", area: 0.0,
                                 faces: 1, grade: "flat",
                                 material: nil, width: 0.0, height: 0.0, edge: 0.0).freeze
      FRAME = %w[carcass inside].freeze

      attr_reader :brief, :tasks

      # brief: Brief; touched: keys of zones that get more than cleaning.
      def initialize(brief, touched)
        @brief = brief
        @touched = touched
        @tasks = []
      end

      # All that is planned for it. Returns Array of Task.
      def plan
        Rules::ON_THE_PIECE.each { |rule| rule.new(self).apply }
        tasks
      end

      def look = brief.look
      def practices = brief.practices
      def products = brief.products
      def zones = brief.zones
      def alike = Repeats.count(zones)
      def fronts = brief.zones_of("fronts")
      def doors = brief.zones_of("doors")
      def shelves = brief.zones_of("shelves")
      def within = brief.zones_of("inside")
      def drawers = fronts + zones.select { |zone| zone.role == "drawers" }

      # The zones that stand round drawers, doors and shelves.
      def frame = zones.select { |zone| FRAME.include?(zone.group) }
      def touched(list) = list.select { |zone| @touched.include?(zone.key) }
      def undecided(list) = list.select { |zone| brief.choice(zone).finish == "undecided" }
      def touched?(list) = list.any? { |zone| @touched.include?(zone.key) }

      # Zones that pulls are on, and how many they are.
      def pulled = brief.zones_of("fronts", "doors")
      def pulls = brief.pulls
      def pulls_replaced? = look.hardware == "replaced"

      # Whether pulls are worked on at all.
      def pulls_off?
        pulls.positive? && look.hardware != "none" && (touched?(fronts + doors) || look.hardware != "kept")
      end
    end
  end
end
