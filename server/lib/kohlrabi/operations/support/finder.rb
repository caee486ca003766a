# frozen_string_literal: true

module Operations
  module Support
    # Finds live records by id, or says that they are missing.
    module Finder
      NAMES = { Records::Piece => "piece", Records::Event => "event", Records::Cost => "cost",
                Records::WorkEntry => "hours entry", Records::Timer => "timer", Records::Person => "person",
                Records::Deletion => "removal", Records::Prospect => "spotted piece", Records::Sighting => "sighting", Records::Lot => "lot",
                Records::Trip => "trip", Records::PieceSet => "set", Records::PieceSetEvent => "entry of a set", Records::Damage => "damage",
                Records::Photo => "photo", Records::Opening => "opening", Records::StashItem => "stash item",
                Records::Finding => "finding", Records::OwnFinding => "problem of your own", Records::Look => "look",
                Records::PlanEdit => "change to the plan", Records::Experience => "experience", Records::NumberedPart => "part",
                Records::Recipe => "recipe", Records::Product => "product", Records::Colour => "colour", Records::Container => "container",
                Records::StashUse => "use from the stash", Records::Mix => "mix", Records::MixVersion => "version",
                Records::ToolResult => "result of a tool", Records::Comparable => "comparable",
                Records::PriceStep => "price drop", Records::Offer => "offer", Records::Hold => "hold", Records::WorkshopEntry => "entry",
                Records::Channel => "channel", Records::Receipt => "receipt", Records::Payment => "payment",
                Records::DiaryEntry => "note" }.freeze

      extend self

      # Raises NotFound.
      def find(model, id)
        scope = model.respond_to?(:live) ? model.live : model
        scope.find_by(id: id) or raise NotFound.new(NAMES.fetch(model), id)
      end

      # Live pieces by id, in the order given. Raises NotFound for the first that is not there.
      def pieces(ids)
        found = Records::Piece.live.where(id: ids).index_by(&:id)
        ids.map { |id| found[id] or raise NotFound.new("piece", id) }
      end
    end
  end
end
