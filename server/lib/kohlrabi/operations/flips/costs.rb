# frozen_string_literal: true

module Operations
  module Flips
    # Costs of one piece, or shared over several.
    module Costs
      CATEGORIES = Core::Flips::CostCategories::ALL

      extend Support::Refusing

      extend self

      # given: Hash as in the contract's CostInput; without a category it is guessed from the words; "covers": what it
      # pays for of what its pieces still need, none where it is empty; without it that is asked later. Returns the
      # cost. Raises Refused, NotFound.
      def create(given)
        Records::Base.transaction do
          values = read(given, new: true)
          values[:spent_on] ||= Support::Workshop.today if Support::Facts.noted? && !given.key?("spent_on")
          values[:category] ||= Core::Flips::CostCategories.guess(values[:what])
          rows = Sharing.read(given["pieces"])
          cost = Records::Cost.create!(values)
          Summaries.refresh(Sharing.write(cost, rows))
          given.key?("covers") ? Planning::StillToBuy.link(cost, given["covers"]) : Questions.ask_costs(cost)
          cost
        end
      end

      # A changed amount is shared again by the same weights. Where shares change, or a flip has ended, both figures
      # stay in the diary.
      def update(id, given)
        Records::Base.transaction do
          cost = own(id)
          refuse_drawn(cost, read(given))
          rows = given.key?("pieces") ? Sharing.read(given["pieces"]) : Sharing.rows(cost)
          touched = cost.shares.map(&:piece_id) | rows.map(&:first)
          record_change(touched, cost, rows != Sharing.rows(cost)) do
            cost.update!(read(given))
            Summaries.refresh(Sharing.write(cost, rows))
            Planning::StillToBuy.link(cost, given["covers"]) if given.key?("covers")
          end
          cost
        end
      end

      def remove(id)
        cost = own(id)
        cost.draws.any? ? Shelf::Draws.remove(cost) : Support::Removal.of([cost], what: "#{cost.what} removed")
      end

      private

      # What a draw costs follows from its container.
      def refuse_drawn(cost, values)
        return unless cost.draws.any? && %i[what category amount_minor].any? do |name|
          values.key?(name) && values[name] != cost[name]
        end

        refuse(:taken_from_the_shelf, field: :amount, cost: cost.what)
      end

      def record_change(touched, cost, shared_anew, &)
        ended = Records::FlipSummary.where(piece_id: touched, stage: Lists::ENDED).exists?
        return yield unless shared_anew || ended

        Changes.tell(touched, "The cost “#{cost.what}” was edited", &)
      end

      # A cost that stands by itself. Raises Refused for one that a trip made.
      def own(id)
        cost = Support::Finder.find(Records::Cost, id)
        return cost unless cost.trip_id

        refuse(:cost_of_a_trip, trip: cost.trip.what)
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:what, max: 120, required: new || params.sent?(:what))
        params.choice(:category, CATEGORIES, required: !new && params.sent?(:category))
        params.money(:amount, required: new || params.sent?(:amount))
        params.date(:spent_on, what: "Spent")
        params.done!
      end
    end
  end
end
