# frozen_string_literal: true

module Api
  module Serializers
    module Planning
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
        attribute(:leads) { pairs(Operations::Planning::Steps::LEAD) }
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
