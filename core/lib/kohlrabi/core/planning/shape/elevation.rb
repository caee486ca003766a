# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # A simple front elevation to scale, in polygons in mm (see Form), and the zones of the piece.
      class Elevation
        FORMS = { "case" => Forms::CaseForm, "table" => Forms::TableForm, "chair" => Forms::ChairForm,
                  "trunk" => Forms::TrunkForm, "cart" => Forms::CartForm, "frame" => Forms::FrameForm, "bed" => Forms::BedForm,
                  "panel" => Forms::PanelForm }.freeze

        ORDER = Zone::GROUPS.keys.each_with_index.to_h.freeze

        # shape: PieceShape.
        def initialize(shape)
          @shape = shape
          @drawn = shape.drawn
          @form = FORMS.fetch(@drawn[:form]).new(@drawn)
        end

        def width = @drawn[:width]
        def height = @drawn[:height]
        def parts = @form.parts

        # Array of Zone, as the measures give them, tops first; see Zones for what people change.
        def zones = @form.zones.sort_by.with_index { |zone, index| [ORDER.fetch(zone.group), index] }

        def to_scale? = @shape.measured?

        # In words, for whoever cannot see it. unit: "mm" or "in".
        def description(unit:)
          size = "#{Units::Length.text(width, unit: unit)} wide, #{Units::Length.text(height, unit: unit)} high"
          ["Front view", to_scale? ? size : "not to scale, measures not given", *contents].join(", ")
        end

        # What is there, in words: "4 drawers", "2 glazed doors".
        def contents
          upper = "an upper part with #{PieceShape::UPPERS.fetch(@drawn[:upper_style])}" if @drawn[:upper_height].positive?
          [counted(@drawn[:drawer_rows].sum, "drawer"), counted(@drawn[:doors], "#{'glazed ' if @drawn[:door_style] == 'glazed'}door"),
           counted(@drawn[:compartments], "open compartment"), upper].compact
        end

        private

        def counted(number, word) = ("#{number} #{word}#{'s' unless number == 1}" if number.positive?)
      end
    end
  end
end
