# frozen_string_literal: true

module Operations
  module Market
    # What listed pieces bring by now, and what it is worth to wait for another buyer, each from the path it has
    # stood.
    class Waits
      MODEL = Core::Market::Model
      # Days after a counter within which a sale at no less counts as its being taken.
      TAKEN = 21

      def initialize
        @values = {}
        @stays = {}
      end

      # Core::Market::Model::Waiting; nil where nothing tells its value. asking: minor units; enquiries: how many.
      def of(piece, asking:, enquiries: 0, cost: nil)
        value = value(piece) or return
        answer = Positions.of(value, stay: stay(piece), asking: asking, enquiries: enquiries, cost: cost,
                                     delivery: false)
        MODEL::Waiting.of(answer.position, asking, answer.prices)
      end

      # [low, middle, high] that it brings by now, minor units: what stood long is likely worth less. nil where
      # nothing tells it.
      def fetch(piece)
        value = value(piece) or return
        fit = Fits.standing.fit
        stay = stay(piece)
        exposure = stay ? MODEL::Likelihood.exposure_of(stay.stretches, value.log, fit.beta, fit.season) : 0.0
        stood = MODEL::Position.new(value: value, beta: fit.beta, exposure: exposure)
        now = MODEL::Value.new(log: value.log + stood.sunk, doubt: value.doubt, sources: value.sources)
        Core::Market::ValueWords.new(now, got: Fits.standing.got).fetch_said(Support::Workshop.current.money.unit)
      end

      class << self
        # Core::Market::Model::Counters of own ones: taken where the piece was sold soon after at no less.
        def counters
          Support::VersionedCache.once(:counters) do
            rows = Record.of(Support::Workshop.today)[:counters]
            MODEL::Counters.new(rows.filter_map { |row| tried(*row) })
          end
        end

        private

        def tried(offer, asking, counter, stage, got, ended, made)
          ended, made = [ended, made].map { |text| text && Date.iso8601(text) }
          over = stage == "sold" || made + TAKEN < Support::Workshop.today
          return unless asking && over

          taken = stage == "sold" && got && got >= counter && (ended - made).to_i.between?(0, TAKEN)
          MODEL::Counters::Tried.new(offer: offer, asking: asking, counter: counter, taken: taken ? true : false)
        end
      end

      private

      def value(piece) = @values[piece.id] ||= Values.of(piece)
      def stay(piece) = @stays[piece.id] ||= Fits.standing.listings.stay_of(piece.id)
    end
  end
end
