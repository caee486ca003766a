# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A cost with its shares.
      class Cost < Support::Base
        attributes :id, :what, :category, :trip_id
        attribute(:receipts) { |cost| cost.receipts.map { |photo| Photo.address(photo) } }
        said :money, :amount
        said :day, :spent_on
        attribute(:shares) { |cost| params[:formatter].shares(cost.shares) }
      end

      # Something that broke, and what it changed.
      class Damage < Support::Base
        attributes :id, :what
        attribute(:place) { |damage| Operations::Flips::Damages::PLACES.fetch(damage.place) }
        said :day, :on, from: :happened_on
        attribute(:changes) { |damage| changes(damage) }

        EXPECTED = { "expected price" => %w[expected_resale_minor money], "work left" => %w[seconds_to_come effort],
                     "still to spend" => %w[cost_to_come_minor money] }.freeze

        def changes(damage)
          EXPECTED.filter_map do |name, (column, how)|
            before = damage["#{column}_before"]
            after = damage["#{column}_after"]
            "#{name} #{text(how, before)} → #{text(how, after)}" if before != after
          end
        end

        def text(how, amount) = amount ? params[:formatter].public_send(how, amount)[:text] : "unknown"
      end

      # A piece that may have been worked on today, with the kind of work done on it last.
      class DayOffer < Support::Base
        attribute(:piece) { |offer| { id: offer.piece.id, name: offer.piece.name } }
        attribute(:kind, &:kind)
      end

      # A line of everything on a piece in order (Operations::Flips::Diary::Line).
      class DiaryLine < Support::Base
        attributes :kind, :text
        said :day, :on
        said :effort, :effort, from: :seconds
        said :sum, :money, from: :minor
      end

      # A recorded event with what belongs to it.
      class Event < Support::Base
        attributes :id, :piece_id, :kind
        attribute(:label) { |event| Operations::Flips::Events::KINDS.fetch(event.kind) }
        said :day, :on, from: :happened_on
        attribute(:recorded) { true }
        attribute(:set_id) { |event| event.piece_set_event&.piece_set_id }
        attribute(:asking) { |event| params[:formatter].money(event.listing&.asking_minor) }
        attribute(:channel) { |event| event.listing&.channel || event.sale&.channel }
        attribute(:sale) { |event| amounts(event.sale, %i[price tip fee delivery asking]) }
        attribute(:refund) { |event| amounts(event.refund, %i[amount fee_back]) }

        def amounts(row, names)
          row && names.to_h { |name| [name, params[:formatter].money(row["#{name}_minor"])] }
        end
      end

      # A photo: where its two sizes are found, and what it shows.
      class Photo < Support::Base
        attributes :id, :kind, :caption, :width, :height, :face, :cost_id
        attribute(:label) { |photo| Operations::Flips::Photos::KINDS.fetch(photo.kind) }
        attribute(:large) { |photo| Photo.address(photo, :large) }
        attribute(:small) { |photo| Photo.address(photo) }

        # Address of one size.
        def self.address(photo, size = :small) = "/photos/#{photo.fingerprint}#{'-small' if size == :small}.jpg"
      end

      # A piece where only its name is needed.
      class PieceName < Support::Base
        attributes :id, :name
        attribute(:ticket, &:ticket_text)
        attribute(:mates) { |piece| Operations::Planning::Twins.mates(piece).map { |mate| { id: mate.id, name: mate.name } } }
        attribute(:stage) { |piece| piece.summary.stage }
      end

      # A trip with what each piece bears of it.
      class Trip < Support::Base
        attributes :id, :what
        said :day, :on, from: :happened_on
        attribute(:fields) { |trip| fields(trip) }
        attribute(:cost) { |trip| params[:formatter].figure(Operations::Flips::Trips.drive(trip).cost) }
        attribute(:effort) { |trip| params[:formatter].effort(trip.work_entries.sum(&:seconds)) }
        attribute(:people) { |trip| trip.work_entries.map { |entry| { id: entry.person.id, name: entry.person.name } } }
        attribute(:shares) { |trip| shares(trip) }

        def shares(trip)
          hours = trip.work_entries.flat_map { |entry| entry.shares.to_a }.group_by(&:piece_id)
          params[:formatter].shares(trip.cost.shares).map do |share|
            share.merge(effort: hours[share[:piece_id]]&.then { |rows| params[:formatter].effort(rows.sum(&:seconds)) })
          end
        end

        def fields(trip)
          formatter = params[:formatter]
          { what: trip.what, happened_on: trip.happened_on&.iso8601.to_s, distance: Operations::Flips::Trips.distance_text(trip),
            fuel: formatter.typed_money(trip.fuel_minor),
            hire: formatter.typed_money(trip.hire_minor), tolls: formatter.typed_money(trip.tolls_minor),
            effort: formatter.typed_effort(trip.seconds),
            private_share: Operations::Support::Percent.text(trip.private_hundredths).to_s }
        end
      end

      # A stretch of work with its shares.
      class Work < Support::Base
        attributes :id, :kind, :note, :trip_id
        attribute(:label) { |entry| Core::Flips::WorkKinds.label(entry.kind) }
        said :effort, :effort, from: :seconds
        said :day, :worked_on
        attribute(:started_at) do |entry|
          entry.started_at&.in_time_zone(params[:formatter].workshop.zone)&.strftime("%H:%M")
        end
        attribute(:taken) { |entry| (entry.taken || []).map { |cost| { id: cost.id, what: cost.what } } }
        attribute(:person) { |entry| { id: entry.person.id, name: entry.person.name } }
        attribute(:shares) { |entry| params[:formatter].shares(entry.shares) }
      end

      # A receipt that was recorded: what it came to, and what became of its lines.
      class Receipt < Support::Base
        attributes :id, :shop
        said :money, :total, :tax
        said :day, :spent_on
        # What stands on it, in words.
        attribute(:lines) do |receipt|
          products = Operations::Shelf::Products.core
          receipt.costs.map(&:what) + receipt.containers.map { |tin| products.fetch(tin.product)[:label] }
        end
        attribute(:photos) { |receipt| receipt.photos.map { |photo| Flips::Photo.address(photo, :large) } }
        attribute(:costs) { |receipt| receipt.costs.map(&:id) }
        attribute(:containers) { |receipt| receipt.containers.map(&:id) }
      end
    end
  end
end
