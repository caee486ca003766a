# frozen_string_literal: true

module Operations
  module Flips
    # The rent of rented places, charged by days to what stood there and was sold. A month is settled when it ends;
    # until then its shares follow the days, and the stored figures are brought up to each new day before anybody reads
    # them (#run), so that Books and every page have the same.
    class BoothRents
      STAYS = %w[piece_id channel_id listed_on ended_on].freeze
      # A rented place. rents: Array of [Date, minor units a month]; ended: Date on which it was removed, or nil.
      Place = Struct.new(:rents, :ended, keyword_init: true)

      class << self
        # {channel id => Place} of places that cost rent at any time, removed ones too.
        def places
          Support::Context.once(:rented_places) do
            rents = Records::ChannelRent.order(:from_on).pluck(:channel_id, :from_on, :rent_minor).group_by(&:first)
            ended = Records::Channel.where(id: rents.keys).joins(:deletion).pluck(:id, "deletions.created_at").to_h
            zone = Support::Workshop.current
            rents.select { |_, rows| rows.any? { |row| row.last.positive? } }.to_h do |id, rows|
              [id, Place.new(rents: rows.map { |row| row.drop(1) }, ended: ended[id] && zone.date_of(ended[id]))]
            end
          end
        end

        # [piece id, channel id, first day, last day or nil] of what stood at rented places.
        def stays = stood.where(channel_id: places.keys).pluck(*STAYS)

        # Ids of pieces that were listed or sold at channels.
        def pieces_of(channels)
          [Records::Listing, Records::Sale].flat_map do |model|
            model.where(channel_id: channels).joins(:event).pluck("events.piece_id")
          end.uniq
        end

        # A rent or a channel has changed.
        def forget = Support::Context.forget(:rented_places)

        # Sold pieces whose rent may hang on some others, as those are stored: they stood at the same rented place in
        # the same months.
        def beside(ids)
          rented = places.keys
          return [] if rented.empty?

          own = stood.where(piece_id: ids, channel_id: rented).group(:channel_id).minimum(:listed_on)
          own.flat_map { |channel, from| sold_since(channel, from).where.not(piece_id: ids).pluck(:piece_id) }.uniq
        end

        # Those of some that were sold at a rented place.
        def sold_among(ids)
          places.empty? ? [] : stood.where(piece_id: ids, stage: "sold", channel_id: places.keys).pluck(:piece_id)
        end

        # Brings what was sold in months that were still running the last time up to today.
        def run
          workshop = Support::Workshop.current
          today = Support::Workshop.today
          return if workshop.rents_run_on == today

          Records::Base.transaction do
            since = [workshop.rents_run_on, today].compact.min
            ids = places.keys.flat_map { |channel| sold_since(channel, since).pluck(:piece_id) }
            Summaries.recount(ids) if ids.any?
            workshop.update_columns(rents_run_on: today)
          end
        end

        private

        def stood = Records::FlipSummary.where(live: true).where.not(listed_on: nil)

        # Sold pieces of a channel that were there in the month of a day or later.
        def sold_since(channel, day)
          stood.where(stage: "sold", channel_id: channel, ended_on: day.beginning_of_month..)
        end
      end

      # places: as BoothRents.places has them; none, and nothing costs rent.
      def initialize(places = BoothRents.places)
        @places = places
        @stays = places.empty? ? {} : BoothRents.stays.group_by { |_, channel, *| channel }
      end

      # Minor units of a sold piece. from, to: days it was there; nil where it was never listed.
      def of(id, channel, from, to)
        place = @places[channel]
        return 0 unless place && from && to

        others = @stays.fetch(channel, []).reject { |other, *| other == id }
        stays = [[id, channel, from, to], *others].map { |one, _, came, left| stay(one, came, left) }
        Core::Flips::RentShares.new(stays, rents: place.rents, ended: place.ended, today: Support::Workshop.today).of(id)
      end

      private

      def stay(id, from, to) = Core::Flips::RentShares::Tenancy.new(id: id, from: from, to: to)
    end
  end
end
