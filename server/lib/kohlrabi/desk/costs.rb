# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Costs of one piece, or shared over several.
    module Costs
      CATEGORIES = %w[materials hardware other].freeze

      module_function

      # given: Hash as in the contract's CostInput. Returns the cost. Raises Refused, Missing.
      def create(given)
        Records::Base.transaction do
          values = read(given, new: true)
          rows = Sharing.read(given["pieces"])
          cost = Records::Cost.create!(values)
          Summaries.refresh(Sharing.write(cost, rows))
          cost
        end
      end

      # A changed amount is shared anew by the same weights.
      def update(id, given)
        Records::Base.transaction do
          cost = own(id)
          cost.update!(read(given))
          rows = given.key?("pieces") ? Sharing.read(given["pieces"]) : Sharing.rows(cost)
          Summaries.refresh(Sharing.write(cost, rows))
          cost
        end
      end

      def remove(id)
        cost = own(id)
        Removal.of([cost], what: "#{cost.what} removed")
      end

      # A cost that stands by itself. Raises Refused for one that a trip made.
      def own(id)
        cost = Finder.find(Records::Cost, id)
        return cost unless cost.trip_id

        raise Refused, [Core::Refusal.new("This cost belongs to the trip “#{cost.trip.what}”.", "Correct or remove the trip.")]
      end
      private_class_method :own

      def read(given, new: false)
        reading = Reading.new(given, House.workshop)
        reading.text(:what, max: 120, required: new || reading.sent?(:what))
        reading.choice(:category, CATEGORIES, required: new || reading.sent?(:category))
        reading.money(:amount, required: new || reading.sent?(:amount))
        reading.date(:spent_on, what: "Spent")
        reading.done!
      end
      private_class_method :read
    end
  end
end
