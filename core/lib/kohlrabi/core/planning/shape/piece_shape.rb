# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # The few measures a piece is drawn and zoned from, in mm; nil where not given, and then the kind's usual one
      # stands in.
      class PieceShape < Value
        include Refusing

        MAX_ROWS = 12
        MAX_IN_ROW = 8
        MAX_DOORS = 8
        MAX_SHELVES = 20
        BASES = { "legs" => "legs", "plinth" => "plinth", "skirt" => "skirt", "none" => "none" }.freeze
        TOPS = { "rectangular" => "rectangular", "round" => "round", "half-round" => "half-round", "oval" => "oval",
                 "drop-leaf" => "drop-leaf" }.freeze
        DOORS = { "plain" => "plain", "panelled" => "frame and panel", "glazed" => "glazed" }.freeze
        FRONTS = { "flat" => "flat", "bow" => "bowed", "slant" => "a slant fall above" }.freeze
        UPPERS = { "doors" => "doors", "glazed" => "glazed doors", "open" => "open shelves",
                   "mirror" => "a mirror" }.freeze
        COUNTS = { doors: MAX_DOORS, upper_doors: MAX_DOORS, shelves: MAX_SHELVES, inner_shelves: MAX_SHELVES,
                   compartments: MAX_DOORS }.freeze

        # What stands where neither the piece nor its kind says otherwise.
        USUAL = { form: nil, base: "legs", drawer_rows: [], doors: 0, shelves: 0, inner_shelves: 0, compartments: 0, top_shape: "rectangular",
                  leaf: 0.0, upper_height: 0.0, upper_doors: 0, upper_style: "doors", door_style: "plain", front: "flat" }.freeze
        # What a kind's template says of its parts; nothing of it stands once somebody has said what is there.
        PARTS = %i[drawer_rows doors shelves inner_shelves compartments base front door_style upper_height upper_doors
                   upper_style].freeze
        # What can be said of a form beside its size; of a case everything.
        SAID = { "table" => %i[drawer_rows row_heights top_shape leaf leg upper_height upper_style], "chair" => %i[leg], "trunk" => %i[base leg],
                 "cart" => %i[shelves leg], "bed" => %i[leg], "panel" => %i[leg], "frame" => [],
                 "case" => %i[drawer_rows row_heights compartments doors door_style inner_shelves shelves front base leg upper_height upper_depth
                              upper_style upper_doors] }.freeze
        UPPER = 0.6 # depth of an upper part as a share of the lower one (assumed)

        number = Types::Float.optional.default(nil)
        count = Types::Integer.optional.default(nil)
        attribute :kind, Types::String.optional
        attribute :width, Types::Float.optional
        attribute :height, Types::Float.optional
        attribute :depth, number
        attribute :drawer_rows, Types::Array.of(Types::Integer).optional.default(nil)
        attribute :row_heights, Types::Array.of(Types::Float).optional.default(nil)
        attribute :doors, count
        attribute :shelves, count
        attribute :leg, number
        attribute :base, Types::String.enum(*BASES.keys).optional.default(nil)
        attribute :top_shape, Types::String.enum(*TOPS.keys).optional.default(nil)
        attribute :leaf, number
        attribute :upper_height, number
        attribute :upper_depth, number
        attribute :upper_doors, count
        attribute :upper_style, Types::String.enum(*UPPERS.keys).optional.default(nil)
        attribute :door_style, Types::String.enum(*DOORS.keys).optional.default(nil)
        attribute :front, Types::String.enum(*FRONTS.keys).optional.default(nil)
        attribute :inner_shelves, count
        attribute :compartments, count
        attribute :form, Types::String.enum(*Kinds::FORMS.keys).optional.default(nil) # said of a kind that is not known
        attribute :checked, Types::Bool.default(false) # somebody looked: what is not given is not there

        # text: "2,1,1", drawers in each row from the top; "" or "0" for none. Returns Array of Integers. Raises
        # Refusal.
        def self.parse_rows(text)
          return [] if text.strip.empty? || text.strip == "0"

          rows = text.split(/[,\s]+/).map { |row| row.match?(/\A\d{1,2}\z/) ? row.to_i : 0 }
          return rows if rows.size <= MAX_ROWS && rows.all? { |row| row.between?(1, MAX_IN_ROW) }

          raise Refusal.new(:not_a_stack_of_drawers, field: :drawer_rows, given: text, max_rows: MAX_ROWS,
                                                     max_in_row: MAX_IN_ROW)
        end

        # Raises Refusal when the measures cannot be those of one piece.
        def initialize(attributes)
          super
          refuse_size
          refuse(:legs_as_tall_as_piece, field: :leg) if leg && height && leg >= height
          refuse_upper
          refuse_rows
        end

        def template = Kinds.template(kind, form: form)

        # Fields that say something of its form.
        def said = SAID.fetch(drawn[:form])

        # Whether the drawing can be to scale.
        def measured? = !width.nil? && !height.nil?

        # Whether the areas rest on the piece's own measures.
        def sized? = measured? && !depth.nil?

        # Measures with the template's standing in for missing ones, and its parts as long as nobody has looked.
        def drawn
          usual = USUAL.merge(template.slice(:form, *(PARTS unless checked)))
          own = to_h.except(:form).slice(*USUAL.keys).compact
          size = %i[width depth height].to_h { |side| [side, self[side] || template[side].to_f] }
          all = { **usual, **own, **size, row_heights: row_heights, upper_height: upper(usual, size) }
          all.merge(leg: foot(all), upper_depth: upper_depth || (size[:depth] * UPPER))
        end

        # Whether parts are drawn that nobody has said are there.
        def assumed?
          !checked && PARTS.any? { |part| self[part].nil? && template.key?(part) && template[part] != USUAL[part] }
        end

        private

        # The usual upper part takes the same part of a height that was given.
        def upper(usual, size) = upper_height || (usual[:upper_height].to_f * size[:height] / template[:height])

        def foot(all)
          return 0.0 if all[:base] == "none"

          [leg || (template[:leg] || 0).to_f, (all[:height] - all[:upper_height]) * 0.92].min
        end

        def refuse_size
          # An upper part of no height is one that was taken off.
          { width: width, depth: depth, height: height, upper_height: upper_height&.nonzero?, upper_depth: upper_depth,
            leaf: leaf }.each do |name, size|
            refuse(:not_positive, field: name, name: name.to_s.tr("_", " ").capitalize) if size && size <= 0
          end
        end

        def refuse_upper
          refuse(:upper_part_as_tall_as_piece, field: :upper_height) if
            upper_height && height && upper_height >= height
          refuse(:upper_part_too_deep, field: :upper_depth) if
            upper_depth && depth && upper_depth > depth
        end

        def refuse_rows
          return unless row_heights&.any?

          rows = drawn[:drawer_rows].size
          refuse(:heights_do_not_match_rows, field: :row_heights, number: row_heights.size, rows: rows) unless
            row_heights.size == rows
          room = drawn[:height] - drawn[:upper_height] - drawn[:leg]
          return unless row_heights.sum > room

          refuse(:drawers_too_tall, field: :row_heights, sum: row_heights.sum.round, room: room.round)
        end
      end
    end
  end
end
