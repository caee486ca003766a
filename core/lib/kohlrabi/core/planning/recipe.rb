# frozen_string_literal: true

module Core
  module Planning
    # A plan kept as the workshop's own recipe: how the zones look, by what they are, and the user's edits with the
    # areas they were made for.
    module Recipe
      CHOICE = %i[finish over colour undercolour product wear preparation coats way].freeze

      extend self

      # brief: Brief; plan: its Plan. Returns a Hash of plain values.
      def from(brief, plan)
        { look: brief.look.to_h.slice(:wear, :hardware, :inside, :lined, :primer), choices: choices(brief),
          edits: brief.edits.map { |edit| edit.to_h.except(:id).merge(area: area(brief, plan, edit.step)) } }
      end

      # Choices for other zones: by the same key, else the same role, else the same group. recipe: Hash as from gives
      # it.
      def choices_for(recipe, zones)
        rows = recipe[:choices]
        zones.to_h do |zone|
          row = rows.find { |one| one[:key] == zone.key } || rows.find do |one|
            one[:role] == zone.role
          end || rows.find do |one|
                   one[:group] == zone.group
                 end
          [zone.key, row && Choice.new(**row.slice(*CHOICE))]
        end.compact
      end

      # Edits with their times scaled to the areas of the piece at hand. plan: its Plan before them. Returns Array of
      # Hash.
      def edits_for(recipe, brief, plan)
        recipe[:edits].map do |edit|
          now = area(brief, plan, edit[:step])
          before = edit[:area]
          scale = edit[:seconds] && now&.positive? && before&.positive? ? now / before : 1
          edit.except(:area).merge(seconds: edit[:seconds] && ((edit[:seconds] * scale / 60.0).round * 60))
        end
      end

      private

      def choices(brief)
        Repeats.single(brief.zones).filter_map do |zone|
          choice = brief.look.choices[zone.key] or next
          { key: zone.key, role: zone.role, group: zone.group, **choice.to_h.slice(*CHOICE) }
        end
      end

      # m² of the zones of a step, or nil.
      def area(brief, plan, key)
        zones = plan.step(key)&.zones or return
        brief.zones.select { |zone| zones.include?(zone.key) }.sum(&:square_metres)
      end
    end
  end
end
