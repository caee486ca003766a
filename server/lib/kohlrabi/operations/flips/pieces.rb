# frozen_string_literal: true

module Operations
  module Flips
    # Recording and changing pieces.
    module Pieces
      MATERIALS = %w[solid veneer laminate plywood board].freeze

      extend Support::Refusing

      extend self

      # {costs:, work:} of a piece, with what their lines say.
      def costs_and_work(piece)
        costs = Records::Cost.live.where(id: Records::CostShare.where(piece_id: piece.id).select(:cost_id)).order(
          :spent_on, :id
        )
        work = Records::WorkEntry.live.where(id: Records::WorkShare.where(piece_id: piece.id).select(:work_entry_id)).order(
          :worked_on, :id
        )
        { costs: costs.preload(:receipts, { shares: :piece }).to_a,
          work: work.preload(:person, { shares: :piece }).to_a }
      end

      def find(id) = Support::Finder.find(Records::Piece, id)

      # given: Hash as in the contract's PieceInput. A new piece bears the house's sundries. Returns the piece.
      def create(given)
        workshop = Support::Workshop.current
        Records::Base.transaction do
          values = { sundries_minor: workshop.sundries_minor }.merge(read(given, workshop, new: true))
          Planning::Kinds.keep(given)
          piece = Records::Piece.new(values)
          Planning::Shapes.check_size(piece, given)
          store(piece).tap { Techniques.set(piece, given) }
        end
      end

      # Stores a new piece. Must run in a transaction. Raises Refused.
      def store(piece)
        Planning::Shapes.check(piece)
        piece.save!
        Summaries.refresh([piece.id])
        piece
      end

      # Raises Refused, EditConflict, NotFound.
      def update(id, given)
        Records::Base.transaction do
          piece = find(id)
          Support::Locking.save(piece, given, read(given, Support::Workshop.current)) do |changed|
            Planning::Kinds.keep(given)
            Planning::Shapes.check_size(changed, given)
            Planning::Shapes.check(changed)
            refuse_own_price(changed)
          end
          Techniques.set(piece, given)
          Splits.redate(piece) if piece.saved_change_to_bought_on?
          Planning::Plans.refresh(piece)
          Summaries.refresh([piece.id])
          piece
        end
      end

      # Hides the piece; its costs and hours stay with it, so that undo brings all back.
      def remove(id)
        piece = find(id)
        refuse_shared(piece)
        refuse_tied(piece)
        timed = Records::Timer.live.joins(:timer_pieces).where(timer_pieces: { piece_id: piece.id }).exists?
        refuse(:timer_running_on_piece, piece: piece.name) if timed
        Support::Removal.of([piece], what: "#{piece.name} removed")
      end

      # Attributes of a piece from what was typed. Raises Refused.
      def read(given, workshop, new: false)
        params = Support::Params.new(given, workshop)
        params.text(:name, max: 120, required: new || params.sent?(:name))
        %i[kind source maker label_found made_about].each { |field| params.text(field, max: 80) }
        %i[body_material surface_material].each { |field| params.choice(field, MATERIALS) }
        params.text(:notes, max: 5000)
        params.date(:bought_on, what: "Bought")
        params.day(:promised_on)
        %i[purchase sundries cost_to_come expected_resale].each { |field| params.money(field) }
        params.with(:hours_to_come, into: :seconds_to_come) { |raw| Core::Units::Effort.parse(raw, bare: :hours, most: Core::Units::Effort::MOST_LEFT) }
        params.count(:units, 1..Core::Planning::Repeats::MAX_UNITS)
        params.choice(:go_on, %w[yes no])
        Planning::Shapes.read(params)
        %i[body_colour front_colour].each { |field| params.with(field) { |raw| Shelf::Colours.hex(raw) } }
        values = params.done!
        values[:units] ||= 1 if values.key?(:units) # empty: one
        values[:go_on] = values[:go_on] == "yes" if values.key?(:go_on)
        ToCome.say(values)
      end

      private

      # A shared cost or stretch of work would no longer add up over the pieces that remain.
      def refuse_shared(piece)
        shared = { piece.costs => "cost", piece.work_entries => "stretch of work" }
                 .find { |records, _| records.any? { |record| record.shares.size > 1 } }
        return unless shared

        refuse(:shares_with_other_pieces, piece: piece.name, kind: shared.last)
      end

      # A lot's member has its price from the lot, a part of a split piece from the whole.
      def refuse_own_price(piece)
        return unless piece.purchase_minor_changed?

        lot = piece.lot if piece.lot&.deletion_id.nil?
        refuse(:price_is_share_of_lot, field: :purchase, piece: piece.name, lot: lot.name) if lot
        whole = Splits.whole_of(piece)
        return unless whole

        refuse(:price_is_share_of_split, field: :purchase, piece: piece.name, whole: whole.name)
      end

      # What carries shares of something is not removed: the rest would no longer add up.
      def refuse_tied(piece)
        tie = [("bought in the lot “#{piece.lot.name}”" if piece.lot && piece.lot.deletion_id.nil?),
               ("part of a split piece" if Splits.whole_of(piece)), ("split into parts" if Splits.parts_of(piece).any?),
               ("in the set “#{Sets.standing(piece).name}”" if Sets.standing(piece))].compact.first
        return unless tie

        refuse(:tied_to_others, piece: piece.name, tie: tie)
      end
    end
  end
end
