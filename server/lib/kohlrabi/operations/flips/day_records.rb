# frozen_string_literal: true

module Operations
  module Flips
    # The hours of a day, written down in the evening: several pieces, kinds of work and people at once, all or
    # nothing.
    module DayRecords
      RECENT = 14 # days back from which pieces and their last kind of work are offered first
      SHOWN = 12
      Offer = Struct.new(:piece, :kind, keyword_init: true)

      extend Support::Refusing

      extend self

      # Array of Offer: what was worked on last first, then what is in hand.
      def offers
        today = Support::Workshop.today
        recent = Records::WorkShare.joins(:work_entry).where(work_entries: { deletion_id: nil, worked_on: (today - RECENT).. })
                                   .order("work_entries.worked_on DESC", "work_entries.id DESC").pluck(:piece_id, "work_entries.kind")
        kinds = recent.uniq(&:first).to_h
        rows = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: Lists::IN_HAND }).order(:ticket).to_a
        rows.sort_by.with_index { |piece, index| [kinds.keys.index(piece.id) || SHOWN, index] }.first(SHOWN)
            .map { |piece| Offer.new(piece: piece, kind: kinds[piece.id] || "sanding") }
      end

      # given: {"worked_on", "unit" (what a bare number is: "h" or "min"), "rows": [{"pieces", "kind", "effort",
      # "note"?, "people"?: [ids], "done_steps"?}]}. An hour of two people is an entry each. Returns the entries. Raises
      # Refused
      # naming the row: rows/2/effort.
      def create(given)
        rows = Array(given["rows"])
        refuse(:nothing_recorded, field: :rows) if rows.empty?
        Records::Base.transaction do
          rows.each_with_index.flat_map { |row, index| of_row(row, index) { entries(row, given) } }
        end
      end

      # Takes back what was recorded together. ids: of work entries. Returns the Deletion.
      def remove(ids)
        entries = Array(ids).map { |id| Work.own(id) }
        Support::Removal.of(entries,
                            what: "Hours by #{entries.size} #{entries.size == 1 ? 'entry' : 'entries'} removed")
      end

      private

      def entries(row, given)
        effort = Core::Units::Effort.parse(row["effort"].to_s, bare: given["unit"] == "min" ? :minutes : :auto)
        people = Array(row["people"]).presence || [nil]
        people.map.with_index do |person, place|
          steps = place.zero? ? row["done_steps"] : row["done_steps"] && [] # ticked once, by the first of them
          Work.create({ "kind" => row["kind"], "effort" => "#{effort / 60} min", "worked_on" => given["worked_on"], "note" => row["note"],
                        "pieces" => row["pieces"], "person_id" => person, "done_steps" => steps }.compact)
        end
      end

      # Says of which row something was refused.
      def of_row(_row, index)
        yield
      rescue Core::Refusal => e
        raise Support::Refused, [e.at("rows/#{index}/effort")]
      rescue Support::Refused => e
        raise(Support::Refused, e.refusals.map { |refusal| refusal.at("rows/#{index}/#{refusal.field}") })
      end
    end
  end
end
