# frozen_string_literal: true

module Operations
  module Planning
    # Plans kept as the workshop's own recipes, and laid over other pieces.
    module Recipes
      extend Support::Refusing

      extend self

      def all = Records::Recipe.live.order(:name).to_a

      # Keeps the plan of a piece. given: {"name"}. Returns the recipe.
      def keep(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        params = Support::Params.new(given, Support::Workshop.current)
        name = params.text(:name, max: 60, required: true)
        params.done!
        plan = Plans.of(piece) or refuse(:no_plan_yet)
        Records::Recipe.create!(name: name, body: JSON.generate(Core::Planning::Recipe.from(plan.brief, plan)))
      end

      # Lays a recipe over a new look: its finishes by what the zones are, its edits scaled to the areas here.
      def lay(recipe, look)
        body = JSON.parse(recipe.body, symbolize_names: true)
        look.update!(**body[:look].slice(:wear, :hardware, :inside, :lined, :primer))
        Core::Planning::Recipe.choices_for(body, Drawing.zones(look.piece)).each do |zone, choice|
          look.look_zones.create!(zone: zone, over: (choice.over || []).join(","), product: product(choice.product),
                                  **choice.to_h.slice(:finish, :colour, :undercolour, :wear, :preparation, :coats, :way))
        end
        lay_edits(body, look.reload)
      end

      def remove(id)
        recipe = Support::Finder.find(Records::Recipe, id)
        Support::Removal.of([recipe], what: "Recipe “#{recipe.name}” removed")
      end

      private

      # Edits come along only onto a piece that has none of its own.
      def lay_edits(body, look)
        piece = look.piece
        return if piece.plan_edits.any?

        brief = Plans.brief(piece, look)
        Core::Planning::Recipe.edits_for(body, brief, Core::Planning::Planner.new(brief).plan).each do |edit|
          piece.plan_edits.create!(edit.slice(:kind, :step, :other, :text, :seconds, :minutes,
                                              :number).merge(work_kind: edit[:work]))
        end
      end

      # A product that is gone since gives way to the usual one.
      def product(key) = key && Shelf::Products.core.all.any? { |row| row[:key] == key } ? key : nil
    end
  end
end
