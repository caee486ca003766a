# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # What listed pieces bring by now, and what it is worth to wait for another buyer, each from the path it has stood. All are read at once.
      class Waits
        MODEL = Core::Market::Model
        # Days after a counter within which a sale at no less counts as its being taken.
        TAKEN = 21

        # pieces: listed ones.
        def initialize(pieces)
          ids = pieces.map(&:id)
          @stays = OwnListings.stays_of(ids, House::WorkshopSettings.today)
          @seen = Records::Comparable.live.where(piece_id: ids, seen_on: ..House::WorkshopSettings.today).order(:id).group_by(&:piece_id)
          @kept = {}
        end

        # Core::Market::Model::Waiting; nil where nothing tells its value. asking: minor units; enquiries: how many.
        def of(piece, asking:, enquiries: 0, cost: nil)
          value = value(piece) or return
          answer = Positions.of(value, stay: @stays[piece.id], asking: asking, enquiries: enquiries, cost: cost, delivery: false)
          MODEL::Waiting.of(answer.position, asking, answer.prices)
        end

        # [low, middle, high] that it brings by now, minor units: what stood long is likely worth less. nil where nothing tells it.
        def fetch(piece)
          value = value(piece) or return
          fit = Fits.standing.fit
          stay = @stays[piece.id]
          exposure = stay ? MODEL::Likelihood.exposure_of(stay.stretches, value.log, fit.beta, fit.season) : 0.0
          now = MODEL::Value.new(log: value.log + sunk(value, exposure, fit.beta), doubt: value.doubt, sources: value.sources)
          Core::Market::ValueWords.new(now, got: Fits.standing.got).fetch
        end

        # Core::Market::Model::Counters of own ones: taken where the piece was sold soon after at no less.
        def self.counters
          Support::VersionedCache.once(:counters) do
            rows = Records::Offer.live.where.not(counter_minor: nil).where("amount_minor > 0")
                                 .joins("JOIN flip_summaries ON flip_summaries.piece_id = offers.piece_id").order(id: :desc).limit(200)
                                 .pluck(:amount_minor, "flip_summaries.asking_minor", :counter_minor, "flip_summaries.stage", "flip_summaries.receipts_minor",
                                        "flip_summaries.ended_on", :made_on)
            MODEL::Counters.new(rows.filter_map { |row| tried(*row) })
          end
        end

        def self.tried(offer, asking, counter, stage, got, ended, made)
          ended = Date.iso8601(ended) if ended.is_a?(String)
          over = stage == "sold" || made + TAKEN < House::WorkshopSettings.today
          return unless asking && over

          taken = stage == "sold" && got && got >= counter && (ended - made).to_i.between?(0, TAKEN)
          MODEL::Counters::Tried.new(offer: offer, asking: asking, counter: counter, taken: taken ? true : false)
        end
        private_class_method :tried

        private

        def value(piece) = @kept[piece.id] ||= Values.of(piece, seen: @seen.fetch(piece.id, []))

        def sunk(value, exposure, beta)
          first = MODEL::Frailty.of(beta * value.doubt)
          now = first.after(exposure)
          (Math.log(now.k / now.r) - Math.log(first.k / first.r)) / beta
        end
      end
    end
  end
end
