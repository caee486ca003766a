# frozen_string_literal: true

module Operations
  module Flips
    # What it means to flips that a record goes or comes back (see Support::Consequences).
    module Consequences
      extend self

      def pieces_of(record)
        case record
        when Records::Piece then [record.id]
        when Records::Event, Records::Damage, Records::StashUse then [record.piece_id]
        when Records::Lot, Records::PieceSet then record.members.map(&:piece_id)
        when Records::Cost, Records::WorkEntry then record.shares.map(&:piece_id)
        when Records::Channel, Records::ChannelRent
          BoothRents.forget
          BoothRents.pieces_of(record.is_a?(Records::Channel) ? record.id : record.channel_id)
        end
      end

      def restored(records)
        records.grep(Records::WorkEntry).each { |entry| Work.check_day(entry) }
        records.grep(Records::Damage).each { |damage| Damages.apply(damage) }
      end

      def refresh_figures(ids) = Summaries.refresh(ids)
    end
  end
end
