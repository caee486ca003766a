# frozen_string_literal: true

module Api
  module Serializers
    module Flips
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
    end
  end
end
