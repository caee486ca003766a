# frozen_string_literal: true

require "digest"

module Operations
  module Market
    # What own listings say of the market, kept and renewed after the request that changed one: no page waits for
    # it, unless there is so little that it takes no time.
    module Fits
      MODEL = Core::Market::Model
      INLINE = 15 # listings with which it is worked out at once
      LOCK = Mutex.new
      MEMORY = Support::LruCache.new(4)
      # fit: Core::Market::Model::Fit; got: SaleToAsk; current: whether it holds all that is recorded by now.
      # listings: OwnListings that are as recorded.
      Standing = Struct.new(:fit, :got, :current, :listings, keyword_init: true)

      extend self

      # Returns Standing. Kept until anything is written or the day is over.
      def standing
        Support::Context.once(:market_fit) { Support::VersionedCache.once([:market_fit, Support::Workshop.today]) { look_up } }
      end

      # Whether a page had to do with an older one.
      def wanted? = @wanted == true

      # Works it out again where what is recorded is not what it was made from, and keeps it. Called when nobody waits.
      def renew
        LOCK.synchronize do
          @wanted = false
          listings = OwnListings.new(Support::Workshop.today)
          inputs = listings.fingerprint
          kept(inputs) || store(inputs, made(listings, inputs))
        end
      end

      private

      def look_up
        listings = OwnListings.new(Support::Workshop.today)
        inputs = listings.fingerprint
        fit = kept(inputs) || (made(listings, inputs) if listings.size <= INLINE)
        return Standing.new(fit: fit, got: listings.got, current: true, listings: listings).freeze if fit

        @wanted = true
        older = latest || MODEL::Fit.usual(level_known: Support::Workshop.current.money.much_alike?)
        Standing.new(fit: older, got: listings.got, current: false, listings: listings).freeze
      end

      def kept(inputs)
        row = record[:fits].first
        MEMORY.of(inputs) { (MODEL::FitJson.read(row.fit) if row&.inputs == inputs) || (return nil) }
      end

      def record = Record.of(Support::Workshop.today)

      def made(listings, inputs) = MEMORY.of(inputs) { MODEL::Fitter.of(listings.evidence, from: latest) }

      def latest = record[:fits].first&.then { |row| MODEL::FitJson.read(row.fit) }

      # The one before is of no use any more.
      def store(inputs, fit)
        Records::Base.transaction do
          Records::MarketFit.delete_all
          Records::MarketFit.create!(inputs: inputs, fit: MODEL::FitJson.write(fit))
        end
        fit
      end
    end
  end
end
