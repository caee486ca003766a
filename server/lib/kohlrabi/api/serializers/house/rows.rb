# frozen_string_literal: true

module Api
  module Serializers
    module House
      # Something that pieces must pass.
      class Opening < Support::Base
        attributes :id, :name, :kind
        attribute(:label) { |opening| Core::Scout::Carrying::KINDS.fetch(opening.kind) }
        attribute(:fields) do |opening|
          %w[width height long].to_h do |side|
            [side, params[:formatter].typed_length(opening["#{side}_mm"])]
          end
        end
        attribute(:text) do |opening|
          sides = [opening.width_mm, opening.long_mm, opening.height_mm].compact.map do |side|
            params[:formatter].length(side)
          end
          sides.join(" × ")
        end
      end

      # Somebody who works here.
      class Person < Support::Base
        attributes :id, :name
      end

      # House rules with the people and the lists to choose from.
      class Workshop < Support::Base
        attributes :uuid
        attributes :currency, :length_unit, :hours_rule, :time_zone, :demo, :lock_version, :distance_unit, :mileage_rate, :places, :drying_places,
                   :material_rule, :price_ending, :step_days, :half_life_days
        said :money, :floor_pay, :target_pay, :sundries, :fixed_fee, :trip, :delivery, :rent, :overhead
        attribute(:symbol) { |workshop| workshop.money.symbol }
        attribute(:country) { |workshop| workshop.country.to_s }
        attribute(:language) { |workshop| Core::Units::Language.of(workshop.country) }
        attribute(:today) { params[:formatter].day(Operations::Support::Workshop.today) }
        attribute(:weekly_hours) { |workshop| params[:formatter].effort(workshop.weekly_seconds) }
        attribute(:spray_tent) { |workshop| params[:formatter].yes_or_no(workshop.spray_tent) }
        %i[light_from light_to].each { |name| attribute(name) { |workshop| Core::Bench::Hours.text(workshop[name]) } }
        attribute(:pick_up) { |workshop| workshop.pick_up.to_s }
        attribute(:openings) { Opening.present(Operations::House::Openings.all, params[:formatter]) }
        attribute(:fee_rate) { |workshop| Operations::Support::Percent.text(workshop.fee_rate_hundredths) }
        %i[haggle step decline day].each { |name| attribute(name) { |workshop| Operations::Support::Percent.text(workshop["#{name}_hundredths"]) } }
        attribute(:backup) do
          latest = Backups.latest
          { latest: params[:formatter].day(latest),
            stale: latest.nil? || latest < Operations::Support::Workshop.today - Backups::STALE }
        end
        attribute(:people) { Person.present(Operations::Support::Workshop.people, params[:formatter]) }
        # In what amounts of paint, temperatures and spreading rates are said and, bare, understood here.
        attribute(:measures) do |workshop|
          measures = Core::Units::Measures
          unit = workshop.length_unit
          { area: Core::Units::Square::NAMES.fetch(unit), temperature: measures.temperature_unit(unit), rate: measures.rate_unit(unit),
            volume: measures.example("ml", unit: unit), mass: measures.example("g", unit: unit),
            batch: measures.us?(unit) ? "8 fl oz" : "250 ml" }
        end
        attribute(:lists) { Operations::House::Choices.all }
      end
    end
  end
end
