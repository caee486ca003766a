# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # A face of a piece that is finished by itself.
      # key: stable name ("front-2-1"); role: what it is; group: touched together ("fronts"); area: mm² of one face;
      # faces: 1 or 2;
      # grade: flat, curved, detailed or hard (to reach); material: solid, veneer, laminate, plywood, board or nil;
      # width, height: of the rectangle it is shown as, mm; edge: mm of edge to mask.
      # open: seen though it lies inside (open shelves, behind glass).
      Zone = Struct.new(:key, :label, :role, :group, :area, :faces, :grade, :material, :width, :height, :edge, :open,
                        keyword_init: true)

      # What a zone answers.
      class Zone
        GROUPS = { "top" => "Tops", "fronts" => "All drawer fronts", "doors" => "All doors", "carcass" => "Body", "legs" => "Legs and base",
                   "shelves" => "Shelves", "inside" => "Inside and drawers", "hidden" => "Back and underside" }.freeze
        GRADES = { "flat" => "flat", "curved" => "curved", "detailed" => "detailed", "hard" => "hard to reach" }.freeze
        # How the grade multiplies minutes (common practice, weak, no source).
        GRADE_FACTORS = { "flat" => 1r, "curved" => 12/10r, "detailed" => 15/10r, "hard" => 2r }.freeze
        OPEN = 12/10r # an open inside, which roller, sprayer and arm reach into
        ADVICE = { "hard" => "hard to reach: see whether it comes off", "detailed" => "detailed: small brush, folded paper, no machine",
                   "curved" => "curved: foam pad under the paper" }.freeze
        MATERIALS = %w[solid veneer laminate plywood board].freeze
        SHOWN = %w[top fronts doors carcass legs].freeze
        TRIM = %w[edge frame rail].freeze

        # Whether people see it: what is not shown is left as it is unless somebody chooses otherwise.
        def shown? = SHOWN.include?(group) || open == true
        def trim? = TRIM.include?(role)

        # m², over all faces.
        def square_metres = area * faces / 1_000_000.0
        def factor = hard? || grade != "hard" ? GRADE_FACTORS.fetch(grade) : OPEN

        # Whether it is hard to reach: not what lies open.
        def hard? = grade == "hard" && !open

        # Whether it is one broad, flat face: no frame, door, shelf, detail or inside.
        def broad? = grade == "flat" && !trim? && !%w[doors shelves].include?(group)

        # The advice that its grade gives, or nil.
        def advice = (ADVICE[grade] unless open)

        def with(**changes) = self.class.new(**to_h, **changes).freeze
      end
    end
  end
end
