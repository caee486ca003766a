# frozen_string_literal: true

module Operations
  module House
    # Changing the house rules: currency, units, pay targets, hours that count, time zone, fees, sundries, and who works
    # here. They are read from Support::Workshop.
    module WorkshopSettings
      extend Support::Refusing

      extend self

      # given: Hash as in the contract's HouseRulesChange. Returns the workshop. Raises Refused, EditConflict.
      def update(given)
        Support::Context.forget
        workshop = Support::Workshop.current
        rule = workshop.material_rule
        values = read(given, workshop)
        check_currency(workshop, values)
        Support::Locking.save(workshop, given, values) do |record|
          check_pays(record)
          Core::Bench::Hours.read(record.light_from, record.light_to)
        end
        Planning::Plans.refresh_all if given["practices"] # another way of working
        Shelf::Draws.refresh_plans if workshop.material_rule != rule
        workshop
      end

      # Adds a person. Raises Refused when the name is empty or taken.
      def add_person(given)
        Records::Person.create!(name: person_name(given, Records::Person.new))
      end

      def rename_person(id, given)
        person = Support::Finder.find(Records::Person, id)
        person.update!(name: person_name(given, person))
        person
      end

      private

      def read(given, workshop)
        params = Support::Params.new(given, workshop)
        params.with(:currency) { |raw| Core::Units::Currency.find(raw).code }
        params.choice(:length_unit, %w[mm in])
        params.with(:country) { |raw| country(raw) }
        params.choice(:hours_rule, %w[bench all])
        params.choice(:material_rule, %w[part whole])
        params.with(:time_zone) { |raw| zone(raw) }
        %i[floor_pay target_pay sundries fixed_fee trip delivery rent overhead].each { |field| params.money(field) }
        buying(params)
        bench(params)
        selling(params)
        params.with(:fee_rate, into: :fee_rate_hundredths) { |raw| Support::Percent.parse(raw) }
        values = params.done!
        given["practices"] ? values.merge(practices: practices(given["practices"], workshop)) : values
      end

      # raw: two letters, or a country's name as the list has it.
      def country(raw)
        found = Choices.countries.find { |row| [row[:key], row[:label]].any? { |word| word.casecmp?(raw.strip) } }
        found ? found[:key] : raise(Core::Refusal.new(:not_a_country, given: raw))
      end

      # The workshop's own ways: those sent are laid over those that stand. Raises Core::Refusal for what is not one.
      def practices(chosen, workshop)
        all = workshop.practices_chosen.merge(chosen)
        Core::Planning::WorkshopPractices.new(all)
        JSON.generate(all)
      end

      def buying(params)
        params.choice(:distance_unit, Flips::Trips::METRES.keys)
        params.with(:mileage_rate) { |raw| Flips::Trips.read_rate(raw) }
        params.count(:places, 0..10_000)
        params.with(:weekly_hours, into: :weekly_seconds) { |raw| Core::Units::Effort.parse_week(raw) }
      end

      def bench(params)
        params.count(:drying_places, 1..1000)
        params.choice(:spray_tent, %w[yes no], required: params.sent?(:spray_tent))
        %i[light_from light_to].each { |field| params.with(field, required: params.sent?(field)) { |raw| Core::Bench::Hours.clock(raw) } }
        params.values[:spray_tent] = params.values[:spray_tent] == "yes" if params.values.key?(:spray_tent)
      end

      # Room for haggling, endings of prices, steps down, below what share of its worth an offer is declined, what a
      # day costs, how listings fade.
      def selling(params)
        params.choice(:price_ending, Core::Market::AskingPrice::ENDINGS.keys, required: params.sent?(:price_ending))
        params.text(:pick_up, max: 200)
        params.count(:step_days, 0..365, required: params.sent?(:step_days))
        params.count(:half_life_days, 30..7300, required: params.sent?(:half_life_days))
        params.with(:day, into: :day_hundredths, required: params.sent?(:day)) { |raw| day_share(raw) }
        %i[haggle step decline].each do |field|
          params.with(field, into: :"#{field}_hundredths", required: params.sent?(field)) { |raw| Support::Percent.parse(raw, most: 99) }
        end
      end

      # At nothing a day there is no best price: the higher the better.
      def day_share(raw)
        hundredths = Support::Percent.parse(raw, most: 5)
        hundredths.positive? ? hundredths : raise(Core::Refusal.new(:day_worth_nothing))
      end

      def zone(name)
        return name if ActiveSupport::TimeZone[name]

        raise Core::Refusal.new(:not_a_time_zone, given: name)
      end

      def check_currency(workshop, values)
        return if values.fetch(:currency, workshop.currency) == workshop.currency
        return unless money_recorded?

        refuse(:currency_fixed, field: :currency, currency: workshop.currency)
      end

      def money_recorded?
        [Records::Cost, Records::Sale, Records::Piece.where.not(purchase_minor: nil),
         Records::Listing.where.not(asking_minor: nil), Records::Lot, Records::Prospect.where.not(tag_minor: nil),
         Records::StashItem.where.not(value_minor: nil), Records::Container.where.not(paid_minor: nil)].any?(&:exists?)
      end

      def check_pays(workshop)
        Core::Market::CostAndPay.check_pays(workshop.floor_pay_minor, workshop.target_pay_minor)
      end

      def person_name(given, person)
        params = Support::Params.new(given, Support::Workshop.current)
        name = params.text(:name, max: 40, required: true)
        params.done!
        taken = Records::Person.where(name: name).where.not(id: person.id).exists?
        refuse(:person_here_already, field: :name, name: name) if taken

        name
      end
    end
  end
end
