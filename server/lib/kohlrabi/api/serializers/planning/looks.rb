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

      # A look to begin with, as the piece would look and what it would come to (Operations::Planning::Starters::Row).
      class StarterLook < Support::Page
        shows :zones, :figures
        attributes :key, :name
        attribute(:conflicts) { |row| Core::Planning::Conflicts.of(row.plan.brief).reject(&:settled).map(&:text).uniq }

        # piece: Records::Piece.
        def initialize(piece, row, formatter)
          super(row, formatter)
          @piece = piece
        end

        private

        def zones
          colours = Operations::Shelf::Colours.core
          object.look.look_zones.map do |row|
            { zone: row.zone, finish: row.finish, colour: colours.hex(row.colour), pattern: row.over.presence }
          end
        end

        def figures
          outcome = Operations::Market::Outcomes.of(@piece, object.look, object.plan)
          [outcome.hours, outcome.materials, outcome.take_home, outcome.pay].map { |figure| @formatter.figure(figure) }
        end
      end

      # The lists that looking over, looks and plans choose from.
      class Catalogue < Support::Page
        WALK = Core::Planning::Inspection::Findings::WALK
        HARDWARE = { "kept" => "kept", "cleaned" => "cleaned", "sprayed" => "cleaned and sprayed", "replaced" => "replaced",
                     "none" => "left on" }.freeze
        INSIDES = { "leave" => "left as it is", "clean" => "cleaned", "liner" => "cleaned and lined",
                    "sealed" => "sealed" }.freeze

        shows :walk, :finishes, :practices
        attribute(:products) { products.all.map { |row| product(row) } }
        attribute(:own_products) { Shelf::Product.present(Operations::Shelf::Products.all, @formatter) }
        attribute(:wears) { pairs(Core::Planning::Coats::WEAR) }
        attribute(:hardware) { pairs(HARDWARE) }
        attribute(:preparations) { pairs(Core::Planning::Judgements::Preparation::WAYS) }
        attribute(:ways) { pairs(Core::Planning::Judgements::Applying::WAYS) }
        attribute(:fittings) { pairs(Core::Planning::Fitting::LABELS) }
        attribute(:fitting_treatments) { pairs(Core::Planning::Fitting::TREATMENTS) }
        attribute(:insides) { pairs(INSIDES) }
        attribute(:grades) { pairs(Core::Planning::Shape::Zone::GRADES) }
        attribute(:leads) { pairs(Operations::Planning::LeadAnswers::WORDS) }
        attribute(:bases) { pairs(Core::Shelf::ProductCautions::BASES) }
        attribute(:labels) { Core::Shelf::Products::LABELS.transform_values { |all| pairs(all) } }
        attribute(:recipes) { Operations::Planning::Recipes.all.map { |row| { id: row.id, name: row.name } } }

        def initialize(formatter)
          super(nil, formatter)
        end

        private

        def products = Operations::Shelf::Products.core
        def pairs(hash) = hash.map { |key, label| { key: key, label: label } }

        def walk
          own = Operations::Planning::Findings.own_kinds.group_by(&:walk)
          WALK.map do |stop, label|
            rows = Core::Planning::Inspection::Findings.at(stop).map { |row| { kind: row[:key], own_finding_id: nil, **words(row) } }
            { key: stop, label: label, findings: rows + (own[stop] || []).map do |row|
              { kind: nil, own_finding_id: row.id, **words(Operations::Planning::Findings.own(row)) }
            end }
          end
        end

        def words(row)
          measure = row[:measure] && { label: row[:measure][:label],
                                       unit: row[:measure][:unit] == "mm" ? @formatter.workshop.length_unit : "count" }
          { label: row[:label], says: row[:says], why: row[:why], measure: measure }
        end

        def finishes
          Core::Planning::Finishes::ALL.map do |row|
            { key: row[:key], label: row[:label], product: row[:product], over: row[:over] == true, colour: row[:colour] == true,
              family: row[:family] }
          end
        end

        def product(row)
          { key: row[:key], label: row[:label], kind: row[:kind], own: row.key?(:like), mix: !row[:mix].nil?,
            colours: products.colours?(row), swatch: swatches[row[:key]],
            rate: row[:rate] && Core::Units::Measures.rate(row[:rate], unit: @formatter.workshop.length_unit),
            waits: %i[sand recoat handle].filter_map { |name| "#{name} #{@formatter.wait(row[name])}" if row[name] },
            cautions: row[:cautions].map { |key| Core::Planning::Cautions.text(key.to_sym, unit: @formatter.workshop.length_unit) } }
        end

        # {product key => colour} of mixes.
        def swatches
          @swatches ||= Operations::Shelf::Mixes.all.to_h { |mix| [Operations::Shelf::Mixes.key(mix), mix.swatch] }
        end

        def practices
          own = Core::Planning::WorkshopPractices.new(@formatter.workshop.practices_chosen)
          Core::Planning::WorkshopPractices::ALL.map do |row|
            { question: row[:question], label: row[:label], chosen: own[row[:question]], choices: row[:choices].map do |choice|
              choice.slice(:key, :label, :why)
            end }
          end
        end
      end
    end
  end
end
