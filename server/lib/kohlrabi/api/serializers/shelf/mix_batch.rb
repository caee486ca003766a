# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # What was mixed and stands on the shelf, with what was added to match a colour.
      class MixBatch < Support::Page
        include MixWords

        attributes :id
        said :day, :keeps_until
        said :day, :made_on, from: :bought_on
        attribute(:version) { |batch| batch.mix_version&.number }
        attribute(:made) { mixed(@core.volume) }
        attribute(:left) { mixed(@core.left) }
        attribute(:percent) { (@core.left * 100 / @core.volume).round }
        attribute(:empty) { @core.empty? }
        attribute(:worth) { @formatter.money(@core.worth) }
        attribute(:place) { |batch| batch.place.to_s }
        attribute(:trips) { @log ? @log.trips : 0 }
        attribute(:log) { @log ? @log.lines.map { |line| line(line) } : [] }
        attribute(:corrects) { correction.first }
        attribute(:cannot) { correction.last }

        # batch: Records::Container; mix: Records::Mix.
        def initialize(batch, mix, formatter)
          super(batch, formatter)
          @latest = Operations::Shelf::Mixes.latest(mix)
          @core = Operations::Shelf::Containers.core(batch)
          @log = Operations::Shelf::Batches.log(batch)
        end

        private

        # What would make a batch of an older version the latest one, or why nothing can.
        def correction
          @correction ||= begin
            old = !@core.empty? && object.mix_version && object.mix_version_id != @latest.id
            [old ? corrected(Operations::Shelf::Batches.correction(object, @latest)) : nil, nil]
          rescue Operations::Support::Refused => e
            [nil, e.message]
          end
        end

        def corrected(found)
          { whole: mixed(found.whole),
            adds: found.adds.map { |key, amount| { label: Operations::Shelf::Mixes.label(@latest, key), amount: mixed(amount) } } }
        end

        def line(line)
          entry = line.entry
          { label: entry.label, amount: mixed(entry.amount), percent: percent(line.percent), all: percent(line.all), said: entry.said,
            trip: entry.trip, on: @formatter.day(entry.on) }
        end

        def percent(number) = "#{Core::Units::Numerals.text(number, 1)}%"
      end
    end
  end
end
