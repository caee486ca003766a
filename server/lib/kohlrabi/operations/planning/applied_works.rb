# frozen_string_literal: true

module Operations
  module Planning
    # Slats, wrap, legs and the like as part of a look: what a bench tool set out, on which zones, and what its wood
    # costs.
    module AppliedWorks
      KINDS = Core::Planning::Applied::ROWS
      # Fields of tools that say how wide the zone is that they set out.
      WIDTHS = { "slats" => "field", "grooves" => "panel" }.freeze
      SLACK = 1 # mm by which a measure may lie beside the drawing's

      extend Support::Refusing

      extend self

      # Array of Core::Planning::Applied of a look.
      def core(look)
        look.works.map do |row|
          facts(row)
          Core::Planning::Applied.new(id: row.id, tool: row.tool, zones: zones(row), parts: row.parts,
                                      relief: Rational(row.relief_thousandths, 1000), materials: JSON.parse(row.materials).transform_values(&:to_r))
        end
      end

      # Keys of the zones that it is on.
      def zones(row, piece = row.piece)
        row.zones.empty? ? Core::Planning::Applied.usual(row.tool, Drawing.zones(piece)) : row.zones.split(",")
      end

      # Puts a kept result on a look. given: {"zones"?: keys, "cost"?}; found: Core::Tools::Answer; values: as
      # typed. Raises Refused.
      def put(row, look, given, found, values)
        all = Drawing.zones(row.piece)
        zones = Array(given["zones"]).each { |key| Core::Planning::Shape::Zones.check!(key, all.map(&:key), field: :zones) }
        zones = Core::Planning::Applied.usual(row.tool, all) if zones.empty?
        refuse_wide(row, all.select { |zone| zones.include?(zone.key) }, values)
        params = Support::Params.new(given.slice("cost"), Support::Workshop.current)
        params.money(:cost)
        row.update!(look: look, zones: zones.join(","), cost_minor: params.done![:cost_minor], **counts(found))
      end

      # Minor units of wood and parts that are still to be bought for a look; nil where none has a price.
      def cost_left(piece, look, plan) = to_buy(piece, look, plan).sum(&:cost_minor).then { |sum| sum if sum.positive? }

      # Works whose wood and parts are still to be bought: not begun, and no cost covers them.
      def to_buy(piece, look, plan)
        return [] if RecordedWork.closed?(piece)

        covered = StillToBuy.covered(piece)
        look.works.select { |row| row.cost_minor && !begun?(row, plan) && covered.exclude?("work:#{row.id}") }
      end

      # The same works on another look.
      def copy(from, to)
        from.works.each do |row|
          Records::ToolResult.create!(row.attributes.except("id", "look_id", "piece_id", "done_on", "created_at", "updated_at")
                                         .merge(look: to, piece: to.piece))
        end
      end

      # Ticks all its steps off, or takes that back.
      def finish(row, done)
        piece = row.piece
        own = (Plans.of(piece)&.steps || []).select { |step| of?(row, step) }
        own.each do |step|
          next piece.step_marks.select { |mark| mark.step == step.key }.each(&:destroy!) unless done

          (step.zones - step.done_zones).each { |zone| Steps.mark(piece, step, zone, done_at: Clock.now) }
        end
        Plans.refresh(piece.reload)
      end

      private

      # Whether a step of a plan is one of its own.
      def of?(row, step) = step.key.end_with?("/#{row.id}") && Core::Planning::Applied.verb(step.key.split("/").first)

      # Whether its first step is done: its wood was there.
      def begun?(row, plan)
        step = plan.steps.find { |one| of?(row, one) }
        step.nil? || step.done?
      end

      def counts(found) = { parts: found.parts, relief_thousandths: (found.relief * 1000).round }

      # Of what was kept before works belonged to looks.
      def facts(row)
        return if row.parts

        tool = Core::Tools::Catalogue.fetch(row.tool)
        row.assign_attributes(counts(tool.new(JSON.parse(row.given), unit: row.unit, products: Shelf::Products.core).answer))
      rescue Core::Refusal # it cannot be reckoned any more: its steps stand, for one part
        row.assign_attributes(parts: 1, relief_thousandths: 1000)
      end

      def refuse_wide(row, zones, values)
        name = WIDTHS[row.tool] or return
        wide = Core::Tools::Catalogue.fetch(row.tool).fields.find do |field|
          field.key.to_s == name
        end.read(values[name].to_s, unit: row.unit)
        zone = zones.select(&:width).min_by(&:width) or return
        return if wide <= zone.width + SLACK

        width = Core::Units::Length.text(zone.width, unit: row.unit)
        refuse(:wider_than_its_zone, field: name.to_sym, zone: zone.label, width: width)
      end
    end
  end
end
