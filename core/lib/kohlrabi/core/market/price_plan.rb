# frozen_string_literal: true

module Core
  module Market
    # Planned steps of an asking price, as they will come about (common practice, no source).
    module PricePlan
      extend self

      # steps: [[Date, minor units]] by date. One that is late moves those after it by as many days.
      def ahead(steps, today:)
        return [] if steps.empty?

        late = [(today - steps.first.first).to_i, 0].max
        steps.map { |on, minor| [on + late, minor] }
      end
    end
  end
end
