# frozen_string_literal: true

module Api
  module Serializers
    module Flips
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
    end
  end
end
