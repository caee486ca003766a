# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # Looking over, looks and plan of one piece, as the contract's Plan.
      class PlanPage < Support::Page
        SHAPE = Operations::Planning::Shapes::FIELDS.grep_v(/_mm\z|row_heights/)
        LENGTHS = %w[width depth height leg leaf upper_height upper_depth].freeze

        shows :bought, :planned_shape, :findings, :acts, :lead
        attributes :id, :name, :kind
        attribute(:ticket, &:ticket_text)
        attribute(:drawing) { @formatter.drawing(@piece) }
        attribute(:shape) { Planning::Shape.present(Operations::Planning::Shapes.of(@piece), @formatter) }
        attribute(:sized) { Operations::Planning::Drawing.shape(@piece).sized? }
        attribute(:zones) { @zones.map { |zone| zone_row(zone) } }
        attribute(:looks) { @looks.map { |look| LookRow.new(@piece, look, @zones, @formatter).to_h } }
        attribute(:plan) { @plan && PlanRow.new(@piece, @plan, @formatter).to_h }
        attribute(:parts) { Planning::NumberedPart.present(@piece.numbered_parts, @formatter) }
        attribute(:mates) { Operations::House::Choices.mates(@piece).map { |mate| { id: mate.id, name: mate.name } } }

        attribute(:kinds) do
          Operations::Bench::Blocks.of_kinds(@piece).map { |kind, blocks| { kind: kind, blocks: StepRow.blocks(blocks) } }
        end

        # piece: Records::Piece; formatter: Formatter.
        def initialize(piece, formatter)
          super
          @piece = piece
          @workshop = formatter.workshop
          @zones = Operations::Planning::Drawing.zones(piece)
          @plan = Operations::Planning::Plans.of(piece)
          @looks = piece.looks.to_a
        end

        private

        # The drawing as bought, where it shall become another.
        def bought
          return unless @piece.planned_shape

          @formatter.elevation(Core::Planning::Shape::Elevation.new(Operations::Planning::Drawing.bought(@piece)),
                               @piece)
        end

        def zone_row(zone)
          change = @piece.zone_changes.find { |row| row.zone == zone.key || zone.key.start_with?("#{row.zone}/") }
          { key: zone.key, label: zone.label, role: zone.role, group: zone.group, group_label: Core::Planning::Shape::Zone::GROUPS.fetch(zone.group),
            faces: zone.faces, area: @formatter.area(zone.area), width: zone.width, height: zone.height, shown: zone.shown?, advice: zone.advice,
            grade: Core::Planning::Shape::Zone::GRADES.fetch(zone.grade), material: zone.material,
            state: @plan ? @plan.zone_state(zone.key) : "untouched",
            change: change && change_fields(change), changed: change&.zone }
        end

        def change_fields(row)
          lengths = %w[relief_depth relief_pitch].to_h { |name| [name, @formatter.typed_length(row["#{name}_mm"])] }
          words = %w[label grade material relief parts into].to_h { |name| [name, row[name].to_s] }
          { **words, "area" => @formatter.typed_area(row.area_mm2), **lengths }
        end

        def planned_shape
          row = @piece.planned_shape or return
          plain = SHAPE.to_h { |name| [name, row[name].to_s] }
          lengths = LENGTHS.to_h { |name| [name, @formatter.typed_length(row["#{name}_mm"])] }
          { **plain, **lengths, "row_heights" => @formatter.typed_lengths(row.row_heights),
                                "without_upper" => row.without_upper ? "yes" : "" }
        end

        def findings
          rows = @piece.findings.index_by(&:id)
          Operations::Planning::Findings.core(@piece).map { |finding| FindingRow.new(finding, rows.fetch(finding.id), @zones, @formatter).to_h }
        end

        def acts
          Operations::Planning::Plans.acts(@piece, @workshop).map { |act| { key: act.key, label: act.label, spare: act.spare&.slice(:name, :count) } }
        end

        def lead
          answer = @piece.lead_answer
          { open: @plan ? @plan.lead_open? : false, answer: answer, answer_label: answer && Operations::Planning::Steps::LEAD.fetch(answer),
            after_limit: Core::Planning::Cautions.made_after_limit?(@piece.made_about), text: Core::Planning::Cautions.text(:lead) }
        end
      end
    end
  end
end
