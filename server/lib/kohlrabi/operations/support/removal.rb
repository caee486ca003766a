# frozen_string_literal: true

module Operations
  module Support
    # Removing and bringing back. One act hides any number of records under one id; undo restores exactly those.
    module Removal
      MODELS = [Records::Piece, Records::Event, Records::Cost, Records::WorkEntry, Records::Timer, Records::Prospect, Records::Sighting,
                Records::Lot, Records::Trip, Records::PieceSet, Records::PieceSetEvent, Records::Damage, Records::Photo, Records::Opening,
                Records::StashItem, Records::Finding, Records::OwnFinding, Records::Look, Records::PlanEdit, Records::StepMark, Records::Experience,
                Records::NumberedPart, Records::Recipe, Records::Product, Records::Colour, Records::SessionMove,
                Records::Container, Records::Draw, Records::StashUse, Records::Mix, Records::MixVersion,
                Records::MixAddition, Records::ToolResult, Records::Comparable, Records::PriceDecision, Records::PriceStep,
                Records::Offer, Records::Hold, Records::Receipt, Records::WorkshopEntry, Records::Channel, Records::Payment,
                Records::DiaryEntry].freeze
      PLANNED = [Records::Finding, Records::Look, Records::PlanEdit, Records::StepMark, Records::Experience].freeze

      extend Refusing

      extend self

      # Hides records. what: said to the person, "Cost removed". Returns the Deletion.
      def of(records, what:)
        Records::Base.transaction do
          deletion = Records::Deletion.create!(what: what)
          pieces = records.flat_map { |record| touched(record) }
          records.each { |record| record.update_columns(deletion_id: deletion.id, updated_at: Clock.now) }
          Flips::Summaries.refresh(pieces)
          deletion
        end
      end

      # Brings back what a removal hid. Raises NotFound, or Refused when it no longer fits what has happened since.
      def undo(id)
        Records::Base.transaction do
          deletion = Finder.find(Records::Deletion, id)
          refuse(:undone_already) if deletion.undone_at

          records = MODELS.flat_map { |model| model.where(deletion_id: deletion.id).to_a }
          records.each { |record| record.update_columns(deletion_id: nil, updated_at: Clock.now) }
          recheck_days(records)
          recheck_shelf(records)
          records.grep(Records::Sighting).each { |sighting| Scout::Prospects.latest(sighting.prospect) }
          records.grep(Records::Damage).each { |damage| Flips::Damages.apply(damage) }
          Records::SaleReturn.where(sale_deletion_id: deletion.id).find_each(&:destroy!) # the sale stands again
          replan(records)
          deletion.update!(undone_at: Clock.now)
          Flips::Summaries.refresh(records.flat_map { |record| touched(record) })
          deletion
        end
      rescue ActiveRecord::RecordNotUnique
        refuse(:place_taken_since)
      end

      # Ids of the pieces whose figures depend on a record.
      def touched(record)
        case record
        when Records::Piece then [record.id]
        when Records::Event, Records::Damage, Records::StashUse then [record.piece_id]
        when Records::Lot, Records::PieceSet then record.members.map(&:piece_id)
        when Records::Cost, Records::WorkEntry then record.shares.map(&:piece_id)
        when Records::Channel, Records::ChannelRent
          Flips::BoothRents.forget
          Flips::BoothRents.pieces_of(record.is_a?(Records::Channel) ? record.id : record.channel_id)
        else []
        end
      end

      private

      # What makes a plan came back: hours and money to come follow it.
      def replan(records)
        planned = records.select { |record| PLANNED.include?(record.class) }
        Records::Piece.where(id: planned.filter_map(&:piece_id).uniq).each { |piece| Planning::Plans.refresh(piece) }
      end

      # What was put back on the shelf may have been taken for something else since.
      def recheck_shelf(records)
        Records::Container.where(id: records.grep(Records::Draw).map(&:container_id).uniq).preload(:draws).each do |row|
          next unless Shelf::Containers.core(row).left.negative?

          refuse(:shelf_taken_since)
        end
      end

      def recheck_days(records)
        records.grep(Records::WorkEntry).each { |entry| Flips::Work.check_day(entry) }
      end
    end
  end
end
