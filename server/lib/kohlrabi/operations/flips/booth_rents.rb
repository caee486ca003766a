# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Flips
      # The rent of rented places, charged by days to what stood there and was sold.
      class BoothRents
        STAYS = %w[piece_id channel listed_on ended_on].freeze

        # Rented places: {name in small letters => rent a month}; empty where there are none.
        def self.places
          Records::Household.all(:channels).select { |row| row.rent_minor.to_i.positive? }.to_h { |row| [row.name.strip.downcase, row.rent_minor] }
        end

        # What stood at rented places, as asked for; nil where nothing is rented.
        def self.asked
          names = places.keys
          return if names.empty?

          [Records::FlipSummary.where(live: true).where.not(listed_on: nil).where("LOWER(TRIM(channel)) IN (?)", names), *STAYS]
        end

        # rows: of #asked, or nil.
        def initialize(rows)
          @places = rows ? BoothRents.places : {}
          @rows = (rows || []).map { |id, channel, from, to| [id, channel.strip.downcase, Date.iso8601(from), to && Date.iso8601(to)] }
        end

        # Minor units of a sold piece. from, to: days it was there; nil where it was never listed.
        def of(id, channel, from, to)
          place = channel.to_s.strip.downcase
          rent = @places[place]
          return 0 unless rent && from && to

          own = Core::Flips::RentShares::Stay.new(id: id, from: from, to: to)
          others = @rows.select { |other, name, *| name == place && other != id }
          stays = others.map { |other, _, came, left| Core::Flips::RentShares::Stay.new(id: other, from: came, to: left) }
          Core::Flips::RentShares.new([own, *stays], rent: rent, today: House::WorkshopSettings.today).of(id)
        end

        # Sold pieces whose rent hangs on some others: they stood at the same rented place in the same months.
        def self.beside(ids)
          names = places.keys
          return [] if names.empty?

          there = Records::FlipSummary.where(live: true).where.not(listed_on: nil).where("LOWER(TRIM(channel)) IN (?)", names)
          own = there.where(piece_id: ids).minimum(:listed_on) or return []
          there.where(stage: "sold").where.not(piece_id: ids).where(ended_on: own.beginning_of_month..).pluck(:piece_id)
        end
      end
    end
  end
end
