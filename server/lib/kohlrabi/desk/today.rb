# frozen_string_literal: true

module Kohlrabi
  module Desk
    # What is running, what was worked today, and what is in hand, most pressing first.
    module Today
      Answer = Struct.new(:date, :timers, :done, :worked, :stages, :tags, keyword_init: true)
      # What a flipper can move along: work in hand first, then what earns nothing until it is listed.
      ORDER = ["on the bench", "ready", "bought", "listed"].freeze
      MOST = 12

      module_function

      def answer
        today = House.today
        entries = Records::WorkEntry.live.where(worked_on: today).order(:id).includes(:person, shares: :piece).to_a
        Answer.new(date: today, timers: Timers.running, done: entries, worked: entries.sum(&:seconds), tags: TagWatch.due,
                   stages: ORDER.map { |stage| [stage, *rows(stage)] })
      end

      # [rows, how many there are in all]; those touched last come first, at most MOST.
      def rows(stage)
        scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: stage })
        recent = scope.preload(:summary).order("flip_summaries.updated_at DESC, pieces.ticket DESC").limit(MOST)
        [ListRow.all(recent, House.workshop), scope.count]
      end
      private_class_method :rows
    end
  end
end
