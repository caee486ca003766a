# frozen_string_literal: true

module Operations
  module Market
    # Who has a listed piece held, for how much, and when it is fetched.
    module Holds
      extend Support::Refusing

      extend self

      # given: {"who", "price"?, "deposit"?, "until_on"?, "pick_up_on"?, "pick_up"?}. One at a time. Returns the hold.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = ListedPieces.find(piece_id)
          refuse(:held_already, field: :who) if Records::Hold.live.exists?(piece: piece)
          params = Support::Params.new(given, Support::Workshop.current)
          params.text(:who, max: 60, required: true)
          params.money(:price)
          params.money(:deposit)
          %i[until_on pick_up_on].each { |field| params.day(field) }
          params.text(:pick_up, max: 60)
          held = Records::Hold.create!(piece: piece, **params.done!)
          Flips::Changes.write(piece, "hold",
                               "Reserved for #{held.who}#{", #{ListedPieces.money(held.deposit_minor)} deposit paid" if held.deposit_minor}.")
          held
        end
      end

      def release(id)
        held = Support::Finder.find(Records::Hold, id)
        Support::Removal.of([held], what: "No longer reserved for #{held.who}")
      end

      # Holds of listed pieces whose pick-up is agreed, to a day.
      def fetched_by(day)
        Records::Hold.live.where(piece: ListedPieces.listings, pick_up_on: ..day).order(:pick_up_on).limit(50)
      end

      # When it is fetched, in words.
      def fetched(hold)
        [hold.pick_up_on == Support::Workshop.today ? "today" : Core::Units::Calendar.short(hold.pick_up_on, today: Support::Workshop.today),
         hold.pick_up].compact_blank.join(", ")
      end
    end
  end
end
