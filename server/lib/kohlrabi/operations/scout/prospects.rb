# frozen_string_literal: true

module Operations
  module Scout
    # Spotted pieces: noted, watched, bought, or let go.
    module Prospects
      CHECKS = %w[use core missing_of_pair pulls_needed pulls_present pulls_same_holes match_price new_price
                  plate_price].freeze
      STATES = { "open" => "spotted", "bought" => "bought", "let_go" => "passed on",
                 "gone" => "someone else got it" }.freeze

      extend Support::Refusing

      extend self

      # [Array of Verdicts, how many in all]. view: "open" or "closed". Kept until anything is written: a verdict looks
      # back on all flips.
      def page(view: "open", page: 1, per: 40, query: nil)
        asked = [:prospects, view, page, per, query, Support::Workshop.today]
        Support::VersionedCache.once(asked) { read_page(view, page, per, query) }
      end

      # Raises NotFound.
      def find(id)
        parts = [:sightings, :photos, { pieces: [:summary, { lot_member: :lot }] }]
        found = Records::Prospect.live.where(id: id).preload(parts).first
        Verdicts.new(found || raise(Support::NotFound.new("spotted piece", id)))
      end

      # The answer for what has been typed so far; nothing is stored. Raises Refused.
      def answer(given)
        prospect = Records::Prospect.new(read(given, new: true))
        check(prospect)
        Verdicts.new(prospect)
      end

      # given: Hash as in the contract's ProspectInput. A tag is the first sighting. Returns Verdicts.
      def create(given)
        Records::Base.transaction do
          Planning::Kinds.keep(given)
          prospect = Records::Prospect.new({ spotted_on: Support::Workshop.today }.merge(read(given,
                                                                                              new: true).compact))
          check(prospect)
          prospect.save!
          prospect.sightings.create!(seen_on: prospect.spotted_on, tag_minor: prospect.tag_minor) if prospect.tag_minor
          Verdicts.new(prospect)
        end
      end

      # A changed tag corrects the sighting it was last seen in. Raises Refused, EditConflict, NotFound.
      def update(id, given)
        Records::Base.transaction do
          prospect = Support::Finder.find(Records::Prospect, id)
          Planning::Kinds.keep({ "kind" => prospect.kind }.merge(given))
          Support::Locking.save(prospect, given, read(given)) { |changed| check(changed) }
          correct_sighting(prospect) if prospect.saved_change_to_tag_minor? && prospect.tag_minor
          Verdicts.new(prospect)
        end
      end

      def remove(id)
        prospect = Support::Finder.find(Records::Prospect, id)
        Support::Removal.of([prospect], what: "#{prospect.title} removed")
      end

      # Notes a tag that was seen. given: {"seen_on", "tag"}. Returns Verdicts.
      def see(id, given)
        Records::Base.transaction do
          prospect = Support::Finder.find(Records::Prospect, id)
          params = Support::Params.new(given, Support::Workshop.current)
          params.date(:seen_on, what: "Seen", required: true)
          params.money(:tag, required: true)
          prospect.sightings.create!(params.done!)
          latest(prospect)
        end
      end

      # Takes a sighting away. Returns the Deletion.
      def forget(id)
        sighting = Support::Finder.find(Records::Sighting, id)
        Records::Base.transaction do
          deletion = Support::Removal.of([sighting], what: "Price removed")
          latest(sighting.prospect)
          deletion
        end
      end

      # Makes the tag that was seen last the one that stands. Returns Verdicts.
      def latest(prospect)
        prospect.sightings.reset
        prospect.update!(tag_minor: prospect.sightings.last&.tag_minor)
        Verdicts.new(prospect)
      end

      # Sightings came back.
      def restored(records) = records.grep(Records::Sighting).each { |sighting| latest(sighting.prospect) }

      # Lets it go, or notes that somebody else took it. given: {"state", "reason", "on"}. Keeps what was expected.
      # Returns Verdicts.
      def close(id, given)
        Records::Base.transaction do
          prospect = Support::Finder.find(Records::Prospect, id)
          refuse_closed(prospect)
          params = Support::Params.new(given, Support::Workshop.current)
          params.choice(:state, %w[let_go gone], required: true)
          params.text(:reason, max: 200, required: given["state"] == "let_go")
          params.date(:on, into: :closed_on, what: "Closed")
          prospect.update!({ closed_on: Support::Workshop.today }.merge(params.done!.compact).merge(expected(Verdicts.new(prospect))))
          Verdicts.new(prospect)
        end
      end

      # Takes closing back. Raises Refused for one that was bought.
      def reopen(id)
        prospect = Support::Finder.find(Records::Prospect, id)
        refuse(:bought_already, title: prospect.title) if prospect.pieces.any?
        prospect.update!(state: "open", closed_on: nil, reason: nil)
        Verdicts.new(prospect)
      end

      # What was expected when it was closed, to be compared later.
      def expected(scouting)
        { most_minor: scouting.most, expected_resale_minor: scouting.resale&.mean&.round, expected_seconds: scouting.hours&.mean&.round,
          expected_materials_minor: scouting.materials&.mean&.round }
      end

      def refuse_closed(prospect)
        return if prospect.state == "open"

        refuse(:closed_already, title: prospect.title,
                                state: STATES.fetch(prospect.state))
      end

      private

      def read_page(view, page, per, query)
        scope = Records::Prospect.live.where(state: view == "open" ? "open" : STATES.keys - ["open"])
        query.to_s.split(/\s+/).first(6).each do |word|
          scope = Support::TextSearch.narrow(scope, %w[name kind source notes], word)
        end
        ordered = scope.includes(:sightings, :photos).order(Arel.sql("COALESCE(closed_on, spotted_on) DESC, id DESC"))
        rows = ordered.offset((page - 1) * per).limit(per).to_a
        histories = Histories.new(rows.map(&:kind))
        [rows.map { |prospect| Verdicts.new(prospect, histories: histories) }, scope.count]
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:kind, max: 80, required: new || params.sent?(:kind))
        params.choice(:condition, Core::Scout::Conditions.keys, required: new || params.sent?(:condition))
        %i[name source].each { |field| params.text(field, max: 120) }
        params.text(:notes, max: 5000)
        params.count(:count, 1..40)
        params.date(:spotted_on, what: "Spotted")
        %i[tag trip delivery standing].each { |field| params.money(field) }
        params.percent(:added)
        %i[width depth height leg].each { |field| params.length(field) }
        estimates(params)
        watch(params)
        values = params.done!
        values[:count] ||= 1 if values.key?(:count)
        values.merge(checks(given))
      end

      def estimates(params)
        Verdicts::POINTS.each do |point|
          params.money(:"resale_#{point}")
          params.money(:"materials_#{point}")
          params.with(:"hours_#{point}", into: :"hours_#{point}_seconds") { |raw| Core::Units::Effort.parse_week(raw) }
        end
      end

      def watch(params)
        params.choice(:cut_basis, Core::Scout::TagRule::BASES.keys)
        params.with(:cut_size) { |raw| Core::Units::Numerals.parse(raw) && raw }
        params.count(:cut_every, 1..Core::Scout::TagRule::LONGEST)
        params.day(:next_cut_on)
        params.day(:remind_on)
      end

      def checks(given)
        return {} unless given.key?("checks")

        { checks: given["checks"].slice(*CHECKS).transform_values do |text|
          text.to_s.strip
        end.reject { |_, text| text.empty? } }
      end

      # Everything must hold together before it is stored: points in order, a rule of cuts that is one, pulls that add
      # up.
      def check(prospect)
        if prospect.cut_basis && (prospect.cut_size.nil? || prospect.cut_every.nil?)
          refuse(:tag_rule_incomplete,
                 field: :cut_size)
        end
        scouting = Verdicts.new(prospect)
        %i[resale hours materials terms].each { |part| scouting.public_send(part) }
        scouting.send(:rule)
        BeforeBuying.new(scouting).hardware
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      def correct_sighting(prospect)
        seen = prospect.sightings.last || prospect.sightings.build(seen_on: prospect.spotted_on)
        seen.update!(tag_minor: prospect.tag_minor)
        prospect.sightings.reset
      end
    end
  end
end
