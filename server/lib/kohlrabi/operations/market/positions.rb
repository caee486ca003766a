# frozen_string_literal: true

module Operations
  module Market
    # How pieces stand on the market: value, demand, the path they took and what came of it, for the core to say
    # what waiting is worth.
    module Positions
      MODEL = Core::Market::Model
      FORTNIGHTS = 13
      # position: Core::Market::Model::Position; day: DayWorth::Answer; prices: Array of minor units that may be
      # asked; advised: those that may be the best.
      Answer = Struct.new(:position, :day, :prices, :advised, keyword_init: true)

      extend self

      # value: Core::Market::Model::Value. stay: Core::Market::Model::ListingPath of a listed piece, nil for one that is
      # not; asking: minor units that must be among the prices; enquiries: how many there were; cost: in it and to
      # come, minor units or nil.
      def of(value, stay: nil, asking: nil, enquiries: 0, cost: nil, delivery: true)
        standing = Fits.standing
        fit = standing.fit
        day = DayWorth.of(value, cost: cost)
        exposure = stay ? MODEL::Likelihood.exposure_of(stay.stretches, value.log, fit.beta, fit.season) : 0.0
        position = MODEL::Position.new(value: value, beta: fit.beta, got: standing.got.share, net: net(delivery), day: day.minor,
                                       season: season(fit), exposure: exposure, enquiries: enquiries / 2.0, rate: enquiry_rate)
        Answer.new(position: position, day: day, prices: ladder(value, asking),
                   advised: ladder(value, nil).select { |price| price <= value.high }).freeze
      end

      def net(delivery)
        workshop = Support::Workshop.current
        fixed = [workshop.fixed_fee_minor, workshop.rent_minor, (workshop.delivery_minor if delivery)].sum(&:to_i)
        MODEL::Net.new(fee_rate: workshop.fee_rate || 0, fixed: fixed)
      end

      # The programme of what may be asked, by the house's steps. Kept by what it is made from.
      def programme(answer, prices: answer.prices)
        workshop = Support::Workshop.current
        stage = workshop.step_days.zero? ? MODEL::Programme::LONGEST : workshop.step_days.clamp(7, 91)
        PROGRAMMES.of([answer.position, prices, stage, workshop.step_hundredths]) do
          MODEL::Programme.new(answer.position, prices, stage: stage, step: step(workshop), advised: answer.advised)
        end
      end
      PROGRAMMES = Support::LruCache.new(60)

      private

      def ladder(value, asking)
        workshop = Support::Workshop.current
        MODEL::Ladder.of(value, ending: workshop.price_ending, unit: workshop.money.unit, also: asking)
      end

      # By fortnight from today on.
      def season(fit)
        today = Support::Workshop.today
        (0...FORTNIGHTS).map { |n| fit.month((today + (n * 14) + 7).month) }
      end

      # Enquiries a sale, halved as they cluster; two sales with four of them are taken for granted.
      def enquiry_rate
        counts = Record.of(Support::Workshop.today)[:enquiries].flatten
        (4.0 + (counts.sum / 2.0)) / (2 + counts.size)
      end

      # Half of the house's step at the least; none where no steps are wanted.
      def step(workshop) = workshop.step_hundredths.zero? ? 0.999 : [workshop.step_hundredths / 20_000.0, 0.02].max
    end
  end
end
