# frozen_string_literal: true

module Operations
  module Flips
    # Drives that carried pieces: what they cost and took, shared over the pieces. Both stand as a shared cost and
    # shared hours of fetching, so that statements, hours rules and undo treat them as any other.
    module Trips
      METRES = { "km" => 1000r, "mi" => Rational(1_609_344, 1000) }.freeze # NIST SP 811

      extend self

      def page(page: 1, per: 40)
        scope = Records::Trip.live.order(Arel.sql("happened_on DESC NULLS LAST, id DESC"))
        rows = scope.offset((page - 1) * per).limit(per)
        [rows.includes(cost: { shares: :piece }, work_entries: [:person, { shares: :piece }]).to_a, scope.count]
      end

      # given: Hash as in the contract's TripInput. Returns the trip. Raises Refused, NotFound.
      def create(given)
        Records::Base.transaction do
          rows = Sharing.read(given["pieces"])
          trip = Records::Trip.new(mileage_rate: Support::Workshop.current.mileage_rate,
                                   **read(given, new: true))
          trip.save!
          carry(trip, rows, people(given))
          trip.reload
        end
      end

      # Returns [trip, sentences of what changed].
      def update(id, given)
        Records::Base.transaction do
          trip = Support::Finder.find(Records::Trip, id)
          rows = given.key?("pieces") ? Sharing.read(given["pieces"]) : Sharing.rows(trip.cost)
          touched = trip.cost.shares.map(&:piece_id) | rows.map(&:first)
          who = given.key?("person_ids") ? people(given) : trip.work_entries.map(&:person)
          Changes.tell(touched, "The trip “#{trip.what}” changed") do
            trip.update!(read(given))
            carry(trip, rows, who)
            trip.reload
          end
        end
      end

      def remove(id)
        trip = Support::Finder.find(Records::Trip, id)
        Support::Removal.of([trip, trip.cost, *trip.work_entries].compact, what: "Trip “#{trip.what}” removed")
      end

      # Core::Flips::Trip of a record. Raises Core::Refusal.
      def drive(trip)
        workshop = Support::Workshop.current
        Core::Flips::Trip.new(metres: trip.metres, rate: rate(trip, workshop), unit_metres: METRES.fetch(workshop.distance_unit),
                              fuel: trip.fuel_minor, hire: trip.hire_minor.to_i, tolls: trip.tolls_minor.to_i,
                              seconds: trip.seconds.to_i, private_share: Rational(trip.private_hundredths.to_i, 10_000))
      end

      # A mileage rate as it is kept: major units a kilometre or mile, as typed. Raises Core::Refusal.
      def read_rate(text)
        value = Core::Units::Numerals.parse(text)
        raise Core::Refusal.new(:negative, given: text) if value.negative?
        raise Core::Refusal.new(:rate_too_large, given: text) if value > 1000

        text
      end

      # Distance in the workshop's unit as it would be typed: "42" or "8.5".
      def distance_text(trip)
        return "" unless trip.metres

        Core::Units::Numerals.plain(trip.metres / METRES.fetch(Support::Workshop.current.distance_unit),
                                    1).delete_suffix(".0")
      end

      private

      def rate(trip, workshop)
        trip.mileage_rate ? Core::Units::Numerals.parse(trip.mileage_rate) * workshop.money.unit : 0r
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:what, max: 120, required: new || params.sent?(:what))
        params.date(:happened_on, what: "Driven")
        params.with(:distance, into: :metres) { |raw| metres(raw) }
        %i[fuel hire tolls].each { |field| params.money(field) }
        params.effort(:effort)
        params.percent(:private_share, into: :private_hundredths)
        params.done!
      end

      def metres(raw)
        value = Core::Units::Numerals.parse(raw)
        clip = Core::Units::Numerals.clip(raw)
        raise Core::Refusal.new(:distance_negative, given: clip) if value.negative?
        raise Core::Refusal.new(:distance_too_large, given: clip) if value > 40_000

        (value * METRES.fetch(Support::Workshop.current.distance_unit)).round
      end

      # Those who drove; nobody named: hours are the first person's.
      def people(given)
        ids = Array(given["person_ids"]).uniq
        ids.empty? ? [Support::Workshop.people.first] : ids.map { |id| Support::Finder.find(Records::Person, id) }
      end

      # Writes the cost and the hours again.
      def carry(trip, rows, people)
        drive = drive(trip)
        cost = trip.cost || trip.build_cost(category: "trip")
        cost.update!(what: trip.what, amount_minor: drive.cost.amount, spent_on: trip.happened_on)
        touched = Sharing.write(cost, rows)
        Summaries.refresh(touched | hours(trip, rows, people, drive.work))
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      def hours(trip, rows, people, seconds)
        wanted = seconds.positive? ? people : []
        gone = trip.work_entries.reject { |entry| wanted.include?(entry.person) }
        touched = gone.flat_map { |entry| entry.shares.map(&:piece_id) }
        gone.each { |entry| entry.shares.destroy_all && entry.destroy! }
        wanted.inject(touched) do |all, person|
          entry = trip.work_entries.find do |one|
            one.person_id == person.id
          end || Records::WorkEntry.new(trip: trip, person: person, kind: "fetching")
          entry.update!(seconds: seconds, worked_on: trip.happened_on)
          Work.check_day(entry)
          all | Sharing.write(entry, rows)
        end
      end
    end
  end
end
