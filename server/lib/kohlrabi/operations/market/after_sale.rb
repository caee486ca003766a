# frozen_string_literal: true

module Operations
  module Market
    # Money that comes in parts, and pieces that come back.
    module AfterSale
      LATEST = 60 # days for which sold pieces are shown
      # A sold piece with what was paid of it in parts, as Core::Market::Owed says. price, paid, left: minor units
      # or nil.
      Row = Struct.new(:piece, :sold_on, :price, :paid, :left, :payments, keyword_init: true)

      extend Support::Refusing

      extend self

      # Array of Row: sold lately, or with something still to be paid where parts were noted.
      def rows
        pieces = lately.preload(:summary).to_a
        ids = pieces.map(&:id)
        paid = Records::Payment.live.where(piece_id: ids).order(:paid_on, :id).group_by(&:piece_id)
        holds = Records::Hold.live.where(piece_id: ids).index_by(&:piece_id)
        found = pieces.map { |piece| row(piece, paid.fetch(piece.id, []), holds[piece.id]) }
        found.select { |one| one.left&.positive? || (one.sold_on && one.sold_on >= Support::Workshop.today - LATEST) }
      end

      # given: {"amount", "on"?, "note"?}. Returns the payment.
      def pay(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          offered = %w[listed sold].include?(piece.summary.stage)
          refuse(:neither_for_sale_nor_sold, field: :amount, piece: piece.name) unless offered
          params = Support::Params.new(given, Support::Workshop.current)
          amount = params.money(:amount, required: true)
          params.date(:on, into: :paid_on)
          params.text(:note, max: 120)
          values = params.done!
          refuse(:payment_of_nothing, field: :amount) unless amount.positive?
          payment = Records::Payment.create!(piece: piece, paid_on: Support::Workshop.today, **values.compact)
          Flips::Changes.write(piece, "payment", "Partial payment of #{money(amount)}.")
          payment
        end
      end

      def remove_payment(id)
        payment = Support::Finder.find(Records::Payment, id)
        Support::Removal.of([payment], what: "Partial payment of #{money(payment.amount_minor)} removed")
      end

      # It came back: the sale and its refunds are taken back, so that it is listed again, from today; the fee and
      # delivery of that sale, less what of the fee comes back, and what else was lost on it, are a cost of the
      # flip. given: {"fee_back"?, "lost"?, "why"?}. Returns [Deletion, cost or nil].
      def take_back(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          sold = piece.events.find do |event|
            event.kind == "sold"
          end or refuse(:not_sold, field: :lost, piece: piece.name)
          refuse(:sold_in_a_set, field: :lost, piece: piece.name) if sold.piece_set_event_id
          params = Support::Params.new(given, Support::Workshop.current)
          %i[fee_back lost].each { |field| params.money(field) }
          params.text(:why, max: 120)
          values = params.done!
          gone = Core::Market::Return.new(Flips::FlipRecords.of(piece).sale, fee_back: values[:fee_back_minor].to_i,
                                                                             other: values[:lost_minor].to_i)
          [undo_sale(piece, sold, values[:why]), gone.lost.positive? ? cost(piece, gone) : nil]
        end
      end

      private

      # Pieces sold lately, or of which something was paid in parts.
      def lately
        scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "sold" })
        late = scope.where(flip_summaries: { ended_on: (Support::Workshop.today - LATEST).. })
        parted = scope.where(id: Records::Payment.live.select(:piece_id)).or(scope.where(id: deposits))
        late.or(parted).order(Arel.sql("flip_summaries.ended_on DESC, pieces.id DESC")).limit(100)
      end

      # Pieces that something was paid down for.
      def deposits = Records::Hold.live.where("deposit_minor > 0").select(:piece_id)

      # The days that it was on the market stand by themselves; from today it is listed again.
      def undo_sale(piece, sold, why)
        listed = TimeToSell.listed_since(piece, piece.summary.listed_on)
        deletion = Support::Removal.of([*piece.events.select do |event|
          event.kind == "refunded"
        end, sold], what: "Sale of #{piece.name} undone")
        Records::SaleReturn.create!(piece: piece, sale_deletion: deletion, listed_on: listed,
                                    sold_on: sold.happened_on, returned_on: Support::Workshop.today)
        Flips::Changes.write(piece, "return", ["It was returned.", why].compact.join(" "))
        deletion
      end

      def row(piece, payments, hold)
        price = piece.summary.receipts_minor
        owed = Core::Market::Owed.of(price: price, payments: payments.map(&:amount_minor), deposit: hold&.deposit_minor)
        Row.new(piece: piece, sold_on: piece.summary.ended_on, price: price, paid: owed.paid, left: owed.left,
                payments: payments)
      end

      def cost(piece, gone)
        what = "Lost on the return: #{gone.parts.map { |name, minor| "#{name} #{money(minor)}" }.join(', ')}"
        Flips::Costs.create("what" => what, "category" => "other", "amount" => Core::Units::MoneyText.plain(gone.lost, Support::Workshop.current.money),
                            "spent_on" => Support::Workshop.today.iso8601, "pieces" => [{ "piece_id" => piece.id }])
      end

      def money(minor) = Support::Workshop.current.amounts.exact(minor)
    end
  end
end
