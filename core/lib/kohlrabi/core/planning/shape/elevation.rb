# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Shape
        # A simple front elevation to scale, in polygons in mm (see Form), and the zones of the piece.
        class Elevation
          FORMS = { "case" => Forms::CaseForm, "table" => Forms::TableForm, "chair" => Forms::ChairForm,
                    "trunk" => Forms::TrunkForm, "cart" => Forms::CartForm, "frame" => Forms::FrameForm }.freeze

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
          def zones = @form.zones.sort_by.with_index { |zone, place| [ORDER.fetch(zone.group), place] }

          def to_scale? = @shape.measured?

          # In words, for whoever cannot see it. unit: "mm" or "in".
          def description(unit:)
            rows = @drawn[:drawer_rows].sum
            contents = [("#{rows} #{rows == 1 ? 'drawer' : 'drawers'}" if rows.positive?),
                        ("#{@drawn[:doors]} #{@drawn[:doors] == 1 ? 'door' : 'doors'}" if @drawn[:doors].positive?)].compact
            size = "#{Units::Length.text(width, unit: unit)} wide, #{Units::Length.text(height, unit: unit)} high"
            ["Front view", to_scale? ? size : "not to scale, measures not given", *contents].join(", ")
          end
        end
      end
    end
  end
end
