# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # A running timer: what it runs on, and where it may have been forgotten, when the work was probably over.
      class Timer < Support::Base
        attributes :id, :kind, :reference
        attribute(:label) { |timer| Core::Flips::WorkKinds.label(timer.kind) }
        attribute(:started_at) { |timer| timer.started_at.iso8601 }
        attribute(:started_text) do |timer|
          timer.started_at.in_time_zone(params[:formatter].workshop.zone).strftime("%H:%M")
        end
        attribute(:elapsed) { |timer| params[:formatter].effort((Clock.now - timer.started_at).to_i) }
        attribute(:long) { |timer| !Operations::Bench::Timers.proposal(timer).nil? }
        attribute(:steps) do |timer|
          Operations::Bench::Timers.steps(timer).map do |piece, step|
            { piece_id: piece.id, step: step.key, label: step.label, estimate: params[:formatter].effort(step.remaining), units: Planning::StepRow.units(step),
              trial: !step.try.nil? }
          end
        end
        attribute(:takes) { |timer| Operations::Bench::Timers.takes(timer) }
        attribute(:proposal) do |timer|
          stop, why = Operations::Bench::Timers.proposal(timer)
          formatter = params[:formatter]
          stop && { at: stop.in_time_zone(formatter.workshop.zone).strftime("%H:%M"), why: why,
                    effort: formatter.effort(((stop.to_i / 60) - (timer.started_at.to_i / 60)) * 60) } # both by the minute, as they are shown
        end
        one :person, resource: House::Person
        many :pieces, resource: Flips::PieceName
      end
    end
  end
end
