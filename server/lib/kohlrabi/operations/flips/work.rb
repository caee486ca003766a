# frozen_string_literal: true

module Operations
  module Flips
    # Hours worked, entered by hand or by the timer, on one piece or shared over several.
    module Work
      extend Support::Refusing

      extend self

      # given: Hash as in the contract's WorkInput; "done_steps": steps that were finished by it, none where it is
      # empty; without it that is asked later. Returns the entry. Raises Refused, NotFound.
      def create(given)
        Records::Base.transaction do
          rows = Sharing.read(given["pieces"])
          values = read(given, new: true)
          values[:worked_on] ||= Support::Workshop.today if Support::Facts.noted? && !given.key?("worked_on")
          record(rows, person_id: person(given).id, **values).tap { |entry| done_with(entry, given["done_steps"]) }
        end
      end

      # Which steps hours finished, as far as somebody said; else it is asked.
      def done_with(entry, steps)
        return Questions.ask_hours(entry) if steps.nil?

        Planning::DoneWith.tick(steps, person: entry.person, pieces: entry.shares.map(&:piece_id), on: entry.worked_on)
      end

      # Stores an entry with its shares. attributes: of Records::WorkEntry. Must run in a transaction.
      def record(rows, **attributes)
        entry = Records::WorkEntry.create!(attributes)
        check_day(entry)
        Summaries.refresh(Sharing.write(entry, rows))
        Questions.ask_overlaps(entry) if entry.started_at
        entry
      end

      def update(id, given)
        Records::Base.transaction do
          entry = own(id)
          entry.assign_attributes(read(given))
          entry.person = person(given) if given.key?("person_id")
          entry.save!
          check_day(entry)
          rows = given.key?("pieces") ? Sharing.read(given["pieces"]) : Sharing.rows(entry)
          Summaries.refresh(Sharing.write(entry, rows))
          done_with(entry, given["done_steps"]) if given.key?("done_steps")
          entry
        end
      end

      def remove(id)
        entry = own(id)
        Support::Removal.of([entry],
                            what: "#{Core::Units::Effort.text(entry.seconds)} of #{Core::Flips::WorkKinds.label(entry.kind).downcase} removed")
      end

      # An entry that stands by itself. Raises Refused for one that a trip made.
      def own(id)
        entry = Support::Finder.find(Records::WorkEntry, id)
        return entry unless entry.trip_id

        refuse(:hours_of_a_trip, trip: entry.trip.what)
      end

      # Refuses more than 24 hours by one person on one date.
      def check_day(entry)
        return unless entry.worked_on

        sum = Records::WorkEntry.live.where(person_id: entry.person_id, worked_on: entry.worked_on).sum(:seconds)
        return if sum <= Core::Units::Effort::DAY

        refuse(:more_than_a_day_worked, field: :effort, sum: Core::Units::Effort.text(sum), person: entry.person.name,
                                        worked_on: Core::Units::Calendar.text(entry.worked_on))
      end

      # Who did something: the person named, or the only one there is; nil where that cannot be told.
      def who(given)
        people = Support::Workshop.people
        given["person_id"] ? person(given) : (people.first if people.one?)
      end

      # The person named, or the first there is.
      def person(given)
        return Support::Finder.find(Records::Person, given["person_id"]) if given["person_id"]

        Records::Person.order(:id).first!
      end

      private

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:kind, required: new || params.sent?(:kind)) { |raw| Core::Flips::WorkKinds.fetch(raw)[:key] }
        params.effort(:effort, required: new || params.sent?(:effort))
        params.date(:worked_on, what: "Worked")
        params.text(:note, max: 300)
        params.done!
      end
    end
  end
end
