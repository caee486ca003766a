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

      extend Refusing

      extend self

      # Hides records. what: said to the person, "Cost removed". Returns the Deletion.
      def of(records, what:)
        Records::Base.transaction do
          deletion = Records::Deletion.create!(what: what)
          pieces = records.flat_map { |record| Consequences.pieces_of(record) }
          records.each { |record| record.update_columns(deletion_id: deletion.id, updated_at: Clock.now) }
          Consequences.refresh_figures(pieces)
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
          Consequences.restored(records)
          Records::SaleReturn.where(sale_deletion_id: deletion.id).find_each(&:destroy!) # the sale stands again
          deletion.update!(undone_at: Clock.now)
          Consequences.refresh_figures(records.flat_map { |record| Consequences.pieces_of(record) })
          deletion
        end
      rescue ActiveRecord::RecordNotUnique
        refuse(:place_taken_since)
      end
    end
  end
end
