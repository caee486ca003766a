# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Flips
        # A trip with what each piece bears of it.
        class Trip < Support::Base
          attributes :id, :what
          said :day, :on, from: :happened_on
          attribute(:fields) { |trip| fields(trip) }
          attribute(:cost) { |trip| params[:say].figure(Operations::Flips::Trips.drive(trip).cost) }
          attribute(:effort) { |trip| params[:say].effort(trip.work_entries.sum(&:seconds)) }
          attribute(:people) { |trip| trip.work_entries.map { |entry| { id: entry.person.id, name: entry.person.name } } }
          attribute(:shares) { |trip| shares(trip) }

          def shares(trip)
            hours = trip.work_entries.flat_map { |entry| entry.shares.to_a }.group_by(&:piece_id)
            params[:say].shares(trip.cost.shares).map do |share|
              share.merge(effort: hours[share[:piece_id]]&.then { |rows| params[:say].effort(rows.sum(&:seconds)) })
            end
          end

          def fields(trip)
            say = params[:say]
            { what: trip.what, happened_on: trip.happened_on&.iso8601.to_s, distance: Operations::Flips::Trips.distance_text(trip),
              fuel: say.typed_money(trip.fuel_minor),
              hire: say.typed_money(trip.hire_minor), tolls: say.typed_money(trip.tolls_minor), effort: say.typed_effort(trip.seconds),
              private_share: Operations::Support::Percent.text(trip.private_hundredths).to_s }
          end
        end
      end
    end
  end
end
