# frozen_string_literal: true

module Operations
  module Flips
    # Something broke, on the way or later: a dated event that stays in the diary, and what is expected since.
    module Damages
      PLACES = { "way" => "on the way", "workshop" => "in the workshop", "delivery" => "at delivery" }.freeze
      EXPECTED = %i[expected_resale_minor seconds_to_come cost_to_come_minor].freeze

      extend Support::Refusing

      extend self

      # given: {"what", "place", "on", "expected_resale"?, "hours_to_come"?, "cost_to_come"?, "finding"?, "zone"?,
      # "measure"?}: what is expected from now on; what is not sent stays. A finding goes into the plan, which mends
      # it from the state as it is. Returns the damage. Raises Refused, NotFound.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          values = read(given)
          refuse_early(piece, values[:happened_on])
          values[:finding] = found(piece, given, values)
          expected = values.slice(*EXPECTED)
          damage = Records::Damage.new(values.except(*EXPECTED).merge(piece: piece))
          EXPECTED.each do |name|
            damage["#{name}_before"] = piece[name]
            damage["#{name}_after"] = expected.fetch(name, piece[name])
          end
          damage.save!
          apply(damage)
          damage
        end
      end

      # Takes it back: what was expected before stands again.
      def remove(id)
        Records::Base.transaction do
          damage = Support::Finder.find(Records::Damage, id)
          set(damage, "before", was: "after")
          Support::Removal.of([damage, *damage.finding], what: "Damage removed")
        end
      end

      # Makes what is expected since the damage stand.
      def apply(damage) = set(damage, "after", was: "before")

      private

      # The finding that it is, or nil.
      def found(piece, given, values)
        return if given["finding"].to_s.empty?

        Planning::Findings.create(piece.id,
                                  { "kind" => given["finding"], "note" => values[:what],
                                    **given.slice("zone", "measure") })
      end

      # Only what nobody has changed meanwhile is set.
      def set(damage, to, was:)
        piece = damage.piece
        EXPECTED.each do |name|
          before = damage["#{name}_#{was}"]
          after = damage["#{name}_#{to}"]
          next if before == after

          if ToCome::SAID.key?(name)
            say(piece, name, before, after,
                back: to == "before")
          else
            (piece[name] = after if piece[name] == before)
          end
        end
        piece.save!
        Summaries.refresh([piece.id])
      end

      # Taken back, what was planned follows the plan again.
      def say(piece, name, before, after, back:)
        said, since = ToCome::SAID.fetch(name)
        return if [piece[said], piece[name]].exclude?(before)

        piece[said] = back && Planning::Plans.chosen(piece) ? nil : after
        piece[since] = nil unless back
      end

      def read(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:what, max: 300, required: true)
        params.choice(:place, PLACES.keys, required: true)
        params.date(:on, into: :happened_on, what: "Broken")
        params.money(:expected_resale)
        params.money(:cost_to_come)
        params.effort(:hours_to_come, into: :seconds_to_come, bare: :hours, most: Core::Units::Effort::MOST_LEFT)
        params.done!
      end

      def refuse_early(piece, day)
        return if day.nil? || piece.bought_on.nil? || day >= piece.bought_on

        refuse(:broken_before_bought, field: :on, day: Core::Units::Calendar.text(day), bought_on: Core::Units::Calendar.text(piece.bought_on))
      end
    end
  end
end
