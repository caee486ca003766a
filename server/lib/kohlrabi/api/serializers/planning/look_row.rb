# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # One look with what it comes to, to stand beside the others.
      class LookRow < Support::Page
        shows :fields, :conflicts
        attributes :id, :name, :chosen, :lock_version
        attribute(:zones) { choices }
        attribute(:works) { |look| look.works.map { |row| Tools::ToolResult.new(row, @formatter).to_h } }
        attribute(:fittings) do |look|
          look.fittings.map do |row|
            { kind: row.kind, number: row.number.to_s, treatment: row.treatment, missing: row.missing.to_s }
          end
        end
        attribute(:figures) { outcome.figures.map { |figure| @formatter.figure(figure) } }
        attribute(:ready) { @formatter.ready(ready) }
        attribute(:undecided) { @plan.undecided.size }

        # zones: Array of Core::Planning::Shape::Zone.
        def initialize(piece, look, zones, formatter)
          super(look, formatter)
          @piece = piece
          @look = look
          @zones = zones
          @plan = Operations::Planning::Plans.of(piece, look: look)
        end

        private

        def ready
          return Operations::Bench::ReadyDates.of(@piece) if @look.chosen

          Operations::Bench::ReadyDates.instead(@piece, @plan, Operations::Planning::Plans.of(@piece))
        end

        def outcome = Operations::Market::Outcomes.of(@piece, @look, @plan)

        def fields
          { wear: @look.wear, hardware: @look.hardware, spacing: @formatter.typed_length(@look.spacing_mm),
            hardware_on: @look.hardware_on&.iso8601.to_s,
            hardware_price: @formatter.typed_money(@look.hardware_minor), inside: @look.inside, lined: @look.lined.to_s, pulls: @look.pulls.to_s,
            primer: @look.primer, name: @look.name,
            expected_resale: @formatter.typed_money(@look.expected_resale_minor) }
        end

        def choices
          colours = @plan.brief.products.colours
          @zones.map do |zone|
            choice = @plan.brief.choice(zone)
            { zone: zone.key, finish: choice.finish, label: Core::Planning::Finishes.label(choice.finish), over: choice.over || [],
              colour: choice.colour, undercolour: choice.undercolour, swatch: colours.hex(choice.colour),
              colour_name: colours.fetch(choice.colour)&.to_s, product: choice.product, wear: choice.wear, options: choice.options || [],
              preparation: choice.preparation, coats: choice.coats&.to_s, way: choice.way }
          end
        end

        def conflicts
          Core::Planning::Conflicts.of(@plan.brief).map do |one|
            { key: one.key, zones: one.zones, where: Core::Planning::ZoneWords.list(one.zones, @zones), text: one.text, settled: one.settled,
              remedies: one.remedies.map do |remedy|
                { label: remedy.label, look: remedy.look, choice: remedy.choice }
              end }
          end
        end
      end
    end
  end
end
