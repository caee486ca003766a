# frozen_string_literal: true

module Operations
  module Shelf
    # Levels that were read, and what was taken before and after them: told in any order, the level comes out the
    # same.
    module Levels
      extend self

      # What was lost or found unseen by each reading of a container, worked out again from the order in which all
      # happened; its money follows, so that all draws together cost their part of what was paid. Returns the
      # container, fresh.
      def settle(container)
        lines = in_order(container)
        return container if lines.none?(&:reading_thousandths)

        thousandths = ->(number) { number && Rational(number, Containers::THOUSANDTHS) }
        gone = Core::Shelf::Readings.gone(thousandths[container.size_thousandths], lines.map do |line|
          reading = thousandths[line.reading_thousandths]
          amount = thousandths[line.amount_thousandths] unless reading
          Core::Shelf::Readings::Line.new(at: line.happened_at, amount: amount, reading: reading)
        end)
        lines.zip(gone) { |line, lost| lost && put(line, (lost * Containers::THOUSANDTHS).round) }
        container.reload
      end

      # Readings made later than now, which is when something happened that is synced late, are taken as if they had
      # not been made yet; settle makes them stand again.
      def lift(containers)
        containers.each do |container|
          later = container.draws.select { |draw| draw.reading_thousandths && moment(draw) > Clock.now }
          later.each { |draw| draw.update!(amount_thousandths: 0, amount_minor: 0, value_minor: 0) }
          container.draws.reset if later.any?
        end
      end

      private

      # One reading's unseen loss, with its part of the money.
      def put(line, lost)
        return if line.amount_thousandths == lost

        line.update!(amount_thousandths: 0, amount_minor: 0, value_minor: 0)
        container = Records::Container.find(line.container_id)
        amount = Rational(lost, Containers::THOUSANDTHS)
        line.update!(amount_thousandths: lost, amount_minor: Containers.core(container).cost(amount).to_i,
                     value_minor: Containers.valued(container).cost(amount).to_i)
      end

      def in_order(container) = container.draws.sort_by { |draw| [moment(draw), draw.id] }

      # What was written before moments were kept is as old as its row.
      def moment(draw) = draw.happened_at || draw.created_at
    end
  end
end
