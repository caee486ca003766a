# frozen_string_literal: true

module Operations
  module Planning
    # What was tried: product, surface and tool, whether it worked, and how much time was lost. Shown when the same is
    # planned again.
    module Experiences
      extend Support::Refusing

      LATEST = 200 # that are looked back on

      extend self

      # given: {"step", "worked" (yes or no), "lost"?, "note"?}. A trial that is answered is done. Returns the
      # experience.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          plan = Plans.of(piece)
          step = plan&.step(given["step"].to_s) or refuse(:no_such_step, field: :step)
          # before its result takes it out of the plan
          Steps.finish(piece_id, { "step" => step.key }, tried: true) if step.try && !step.done?
          row = piece.experiences.create!(**read(given), **of_step(plan, step), step: step.key, happened_on: Support::Workshop.today)
          Flips::Changes.write(piece, "experience", sentence(row, step))
          replan(row)
          row
        end
      end

      def remove(id)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Experience, id)
          deletion = Support::Removal.of([row], what: "Note on what worked removed")
          replan(row)
          deletion
        end
      end

      # Array of Core::Planning::Experience, the LATEST ones first.
      def core
        Records::Experience.live.order(id: :desc).limit(LATEST).map do |row|
          Core::Planning::Experience.new(product: row.product, surface: row.surface, tool: row.tool, worked: row.worked,
                                         seconds_lost: row.seconds_lost, note: row.note)
        end
      end

      private

      # The piece itself, and all that wait to try the product.
      def replan(row)
        Plans.refresh(Support::Finder.find(Records::Piece, row.piece_id))
        Plans.refresh_all(product: row.product)
      end

      def read(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.choice(:worked, %w[yes no], required: true)
        params.effort(:lost, into: :seconds_lost, bare: :minutes)
        params.text(:note, max: 200)
        values = params.done!
        values.merge(worked: values[:worked] == "yes", seconds_lost: values[:seconds_lost].to_i)
      end

      # Product, surface and tool of a step.
      def of_step(plan, step)
        zone = plan.brief.zones.find { |one| step.zones.include?(one.key) }
        product = step.try ? step.try[:product] : step.materials.keys.first&.then { |key| Core::Shelf::Products.product(key) }
        { product: product || step.kind, surface: zone && plan.brief.surface(zone).coating.to_s, tool: step.ways.first }
      end

      def sentence(row, step)
        lost = row.seconds_lost.positive? ? ", #{Core::Units::Effort.text(row.seconds_lost)} lost" : ""
        "#{step.label}: #{row.worked ? 'worked' : 'did not work'}#{lost}#{". #{row.note}" if row.note}."
      end
    end
  end
end
