# frozen_string_literal: true

module Core
  module Planning
    # What a face of a zone is at a moment of the plan, from the wood out: what lies on it, its coats, its fills,
    # whether a coat holds on it. dirt, dusty (of sanding), wax: on its surface; coats: Array of Coat, the outermost
    # last; fill: nil, :raw, :level or :sealed; keyed: a coat holds on it; taped; chemical: "acid" or "chlorine" that
    # was not rinsed off; bleached: its wood.
    class State
      # kind: :paint, :clear, :primer, :stain, :wash, :oil, :wax, :paper, :laminate; old: lay there before the work
      # began; lead: may hold it.
      # colour: "#rrggbb" or nil.
      Coat = Struct.new(:kind, :old, :lead, :colour, keyword_init: true)
      SEEN = %i[paint primer stain wash paper].freeze # coats that are seen through what lies over them

      attr_accessor :dirt, :dusty, :wax, :coats, :fill, :keyed, :taped, :chemical, :bleached, :veneer

      # zone: Shape::Zone; brief: Brief. As the piece was found.
      def self.found(zone, brief)
        return new(dirt: false, coats: [], keyed: true) if brief.fresh?(zone)

        surface = brief.surface(zone)
        kind = { paint: :paint, varnish: :clear, laminate: :laminate }[surface.coating]
        coats = kind ? [Coat.new(kind: kind, old: !surface.fresh?, lead: surface.old?)] : []
        new(dirt: true, wax: surface.sign?(:wax, :oil, :silicone), coats: coats, keyed: coats.empty?,
            veneer: surface.veneer?)
      end

      def initialize(**given)
        given.each { |name, value| public_send(:"#{name}=", value) }
        @coats ||= []
      end

      def bare? = coats.empty?
      def top = coats.last
      def new?(*kinds) = coats.any? { |coat| !coat.old && kinds.include?(coat.kind) }
      def lead? = coats.any?(&:lead)

      # How it looks: [key of a finish, colour or nil]; "leave" where it looks as it was found.
      def face
        fresh = coats.reject(&:old)
        coat = fresh.reverse.find { |one| SEEN.include?(one.kind) } || fresh.last
        return [coat.kind == :primer ? "paint" : coat.kind.to_s, coat.colour] if coat
        return ["leave", nil] if coats.any?

        [bleached ? "bleach" : "bare", nil]
      end

      # Wood, or board, with nothing on it.
      def stripped!
        self.coats = coats.select { |coat| coat.kind == :laminate }
        self.wax = false
        self.keyed = coats.empty?
      end

      # What lay there is under it now: it is a fault of this coat, not of the next.
      def lay(kind, colour = nil)
        self.dirt = self.dusty = false
        coats << Coat.new(kind: kind, old: false, lead: false, colour: colour)
        self.keyed = true
        self.wax = kind == :wax
      end
    end
  end
end
