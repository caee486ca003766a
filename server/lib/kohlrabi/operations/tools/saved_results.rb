# frozen_string_literal: true

module Operations
  module Tools
    # The bench tools: what they start from, what they answer, what is kept of them on a piece.
    module SavedResults
      UNPAINTED = %w[leave undecided].freeze

      extend self

      # Core::Tools::Answer. given: {field => typed}; unit: of bare lengths. Raises Refused.
      def answer(key, given, unit: Support::Workshop.current.length_unit)
        tool = Core::Tools::Catalogue.fetch(key)
        tool.new(given, unit: unit, products: Shelf::Products.core, grits: grits).answer
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # {field => as it would be typed} that a tool begins with: of a piece where one is named.
      def begun(tool, piece, unit: Support::Workshop.current.length_unit)
        own = piece ? tool.start(start(piece)) : {}
        tool.fields.to_h do |field|
          [field.key, own.key?(field.key) ? field.write(own[field.key], unit: unit) : field.typed(unit: unit)]
        end
      end

      # What a piece brings. Returns Core::Tools::Start.
      def start(piece)
        shape = Planning::Drawing.shape(piece)
        zones = Planning::Drawing.zones(piece)
        size = %i[width depth height].to_h { |side| [side, shape.public_send(side)&.to_f] }
        sides = lambda { |group|
          zones.select do |zone|
            zone.group == group && zone.width && !zone.trim?
          end.map { |zone| [zone.width.to_f, zone.height.to_f] }
        }
        Core::Tools::Start.new(**size, leg: shape.leg&.to_f, fronts: sides.call("fronts"), doors: sides.call("doors"), painted: painted(piece,
                                                                                                                                        zones),
                                       material: [piece.name, piece.body_material].compact.join(" "))
      end

      # Grits of the discs on the shelf; the usual ones where there are none.
      def grits
        there = Shelf::Containers.left.select { |_, left| left.positive? }.keys.filter_map { |key| key[/\Adisc_(\d+)\z/, 1]&.to_i }
        there.empty? ? Core::Planning::Grits::USUAL : there.sort
      end

      # Keeps a result on a piece. given: {"tool", "values": {field => typed}, "zones"?, "cost"?}. What is put on a
      # piece belongs to its chosen look, and stands in the plan in its place; of other tools the steps go into the
      # plan, where there is one, and their materials are bought with all others. Returns the result.
      def save(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          values = given["values"].to_h.transform_values(&:to_s)
          found = answer(given["tool"], values)
          materials = found.materials.transform_values { |amount| amount.to_r.to_s }
          row = Records::ToolResult.create!(piece: piece, tool: given["tool"], given: values.to_json,
                                            unit: Support::Workshop.current.length_unit, materials: materials.to_json)
          look = Planning::Plans.chosen(piece) if Planning::AppliedWorks::KINDS.key?(row.tool)
          look ? Planning::AppliedWorks.put(row, look, given, found, values) : steps(piece, row, found.steps)
          Planning::Plans.refresh(piece.reload)
          Flips::Changes.write(piece, "tool", "#{label(row)}: #{found.headline}")
          row
        end
      end

      # What was kept on a piece, without what looks put on that are not chosen.
      def of(piece)
        other = Records::Look.where(piece: piece, chosen: false).select(:id)
        kept = Records::ToolResult.live.where(piece: piece)
        kept.where(look_id: nil).or(kept.where.not(look_id: other)).order(:id).to_a
      end

      def label(row) = Core::Tools::Catalogue.fetch(row.tool).label

      # Core::Tools::Answer of a result, as it was asked; nil where it cannot be any more.
      def again(row)
        answer(row.tool, JSON.parse(row.given), unit: row.unit)
      rescue Support::Refused
        nil
      end

      # Done or not: what is done is bought no more. given: {"done", "offcuts"?}: what is left over goes into the stash.
      # Returns the result.
      def finish(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::ToolResult, id)
          row.update!(done_on: given["done"] ? Support::Workshop.today : nil)
          Planning::AppliedWorks.finish(row, given["done"]) if row.look_id
          row.stash_items.each(&:destroy!) unless given["done"]
          stash(row) if given["done"] && given["offcuts"] && row.stash_items.empty?
          row.reload
        end
      end

      def remove(id)
        Records::Base.transaction do
          row = Support::Finder.find(Records::ToolResult, id)
          deletion = Support::Removal.of([row, *row.plan_edits, *row.stash_items],
                                         what: "#{label(row)} removed from the piece")
          Planning::Plans.refresh(row.piece.reload)
          deletion
        end
      end

      # {product key => {piece name => amount}} that kept results still ask for; what a look puts on is in its plan.
      def needs
        open = Records::ToolResult.live.where(done_on: nil, look_id: nil).joins(piece: :summary)
                                  .where(flip_summaries: { stage: Flips::Lists::IN_HAND }).preload(:piece)
        open.each_with_object({}) do |row, all|
          JSON.parse(row.materials).each { |key, amount| (all[key] ||= Hash.new(0))[row.piece.name] += amount.to_r }
        end
      end

      private

      # mm² of the zones that the chosen look covers; of all that is seen where there is no look; nil where nothing was
      # measured.
      def painted(piece, zones)
        look = Planning::Plans.chosen(piece)
        covered = zones.select(&:shown?).map(&:key)
        covered = look.look_zones.reject { |row| UNPAINTED.include?(row.finish) }.map(&:zone) if look
        square = zones.select { |zone| covered.include?(zone.key) }.sum { |zone| zone.square_metres * 1_000_000 }
        square if square.positive?
      end

      # Steps after the first of the plan that is not done; a piece without a plan has none.
      def steps(piece, row, steps)
        open = Planning::Plans.of(piece)&.steps&.find { |step| !step.done? } or return
        steps.each do |step|
          edit = Planning::PlanEdits.create(piece.id,
                                            { "kind" => "add", "step" => open.key, "text" => step.label, "work_kind" => step.work,
                                              "time" => step.minutes.to_s }, sure: false)
          edit.update!(tool_result_id: row.id)
          piece.reload
        end
      end

      def stash(row)
        again(row)&.offcuts&.each do |offcut|
          Records::StashItem.create!(name: offcut.name, count: offcut.number, kind: "board", length_mm: offcut.long, width_mm: offcut.wide,
                                     origin: row.piece.name[0, 120], got_on: Support::Workshop.today, tool_result_id: row.id)
        end
      end
    end
  end
end
