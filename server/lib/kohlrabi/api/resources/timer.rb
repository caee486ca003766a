# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A running timer: what it runs on, and where it may have been forgotten, when the work was probably over.
      class Timer < Base
        attributes :id, :kind
        attribute(:label) { |timer| Core::Flips::WorkKinds.label(timer.kind) }
        attribute(:started_at) { |timer| timer.started_at.iso8601 }
        attribute(:started_text) { |timer| timer.started_at.in_time_zone(params[:say].workshop.zone).strftime("%H:%M") }
        attribute(:elapsed) { |timer| params[:say].effort((Clock.now - timer.started_at).to_i) }
        attribute(:long) { |timer| !Desk::Timers.proposal(timer).nil? }
        attribute(:steps) do |timer|
          Desk::Timers.steps(timer).map do |piece, step|
            { piece_id: piece.id, step: step.key, label: step.label, estimate: params[:say].effort(step.remaining), units: StepRow.units(step),
              trial: !step.try.nil? }
          end
        end
        attribute(:takes) { |timer| Desk::Timers.takes(timer) }
        attribute(:proposal) do |timer|
          stop, why = Desk::Timers.proposal(timer)
          stop && { at: stop.in_time_zone(params[:say].workshop.zone).strftime("%H:%M"), why: why,
                    effort: params[:say].effort(((stop.to_i / 60) - (timer.started_at.to_i / 60)) * 60) } # both by the minute, as they are shown
        end
        one :person, resource: Person
        many :pieces, resource: PieceName
      end
    end
  end
end
