# frozen_string_literal: true

module Operations
  module Bench
    # What keeps steps and kinds of work of a piece from being started or done, as it is sent with them. The browser
    # only looks whether a block still holds, online and offline.
    module Blocks
      BLOCK = Core::Planning::Block

      extend self

      # {step key => Array of Core::Planning::Block} of the open steps of a plan.
      def of(piece, plan)
        unit = Support::Workshop.current.length_unit
        read = ->(key) { Core::Planning::Cautions.text(key.to_sym, unit: unit) }
        confirmed = piece.confirmations.map(&:caution)
        plan.steps.select(&:open?).to_h do |step|
          [step.key, BLOCK.of(step, plan, confirmed: confirmed, read: read) + drying(piece, step)]
        end
      end

      # {kind of work => Array of Core::Planning::Block}, of kinds that something stands against.
      def of_kinds(piece)
        brief = Planning::Plans.surfaces(piece)
        Core::Planning::Dangers::DUSTY.to_h { |kind| [kind, danger(kind, brief)] }.reject { |_, blocks| blocks.empty? }
      end

      private

      def danger(kind, brief)
        against = Core::Planning::Dangers.against_kind(kind, brief) or return []
        [BLOCK.new(code: "lead", text: against.message, until_answer: ("lead" if brief.lead.nil?))]
      end

      # What it lies on still dries.
      def drying(piece, step)
        Clocks.wet(piece, step).map do |clock|
          dry = Clocks.follows(piece, step, clock)
          BLOCK.new(code: "drying", text: "“#{clock.label}” is dry #{Clocks.said(dry)}.", until: dry)
        end
      end
    end
  end
end
