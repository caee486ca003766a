# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A running timer. Beyond LONG it may have been forgotten, and the screen asks how long it really was.
      class Timer < Base
        LONG = 5 * 3600

        attributes :id, :kind
        attribute(:label) { |timer| Core::Work::Kinds.label(timer.kind) }
        attribute(:started_at) { |timer| timer.started_at.iso8601 }
        attribute(:started_text) { |timer| timer.started_at.in_time_zone(params[:say].workshop.zone).strftime("%H:%M") }
        attribute(:elapsed) { |timer| params[:say].effort((Clock.now - timer.started_at).to_i) }
        attribute(:long) { |timer| Clock.now - timer.started_at > LONG }
        one :person, resource: Person
        many :pieces, resource: PieceName
      end
    end
  end
end
