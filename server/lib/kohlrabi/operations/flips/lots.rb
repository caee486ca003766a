# frozen_string_literal: true

module Operations
  module Flips
    # One purchase with several pieces: price, premium and tax shared over them; what was found inside costs nothing.
    module Lots
      MAX_MEMBERS = 200 # pieces in one lot

      extend Support::Refusing

      extend self

      def page(page: 1, per: 40)
        scope = Records::Lot.live.order(Arel.sql("bought_on DESC NULLS LAST, id DESC"))
        [scope.offset((page - 1) * per).limit(per).includes(:stash_items, members: { piece: :summary }).to_a,
         scope.count]
      end

      # given: Hash as in the contract's LotInput. Returns the lot. Raises Refused, NotFound.
      def create(given)
        Records::Base.transaction do
          lot = Records::Lot.new(read(given, new: true))
          lot.share_rule ||= "equal"
          lot.save!
          members(lot, given.fetch("members", []))
          found(lot, given.fetch("stash", []))
          share(lot)
          lot.reload
        end
      end

      # Changes the lot or its members; members that are left out stay as they are unless "members" is sent, which
      # then is all of them. Returns [lot, sentences of what changed].
      def update(id, given)
        Records::Base.transaction do
          lot = Support::Finder.find(Records::Lot, id)
          Changes.tell(lot.members.map(&:piece_id), "The lot “#{lot.name}” changed") do
            Support::Locking.save(lot, given, read(given))
            members(lot, given["members"]) if given.key?("members")
            found(lot, given["stash"]) if given.key?("stash")
            lot.members.each { |member| redate(member.piece, lot) }
            share(lot)
            lot.reload
          end
        end
      end

      # Hides the lot with its pieces. Raises Refused where one of them has a history of its own.
      def remove(id)
        lot = Support::Finder.find(Records::Lot, id)
        busy = lot.pieces.find { |piece| piece.cost_shares.any? || piece.work_shares.any? || piece.events.any? }
        refuse(:pieces_of_lot_in_use, field: :members, busy: busy.name) if busy
        Support::Removal.of([lot, *lot.pieces, *lot.stash_items], what: "Lot “#{lot.name}” removed")
      end

      PARTS = [{ members: { piece: :summary }, stash_items: Shelf::Stash::PARTS }].freeze

      # A lot with what its page says. Raises NotFound.
      def read_whole(id)
        Records::Lot.live.where(id: id).preload(PARTS).first or raise Support::NotFound.new("lot", id)
      end

      # Core::Flips::Lot of a record.
      def whole(lot)
        Core::Flips::Lot.new(price: lot.price_minor, premium: rate(lot.premium_hundredths) || lot.premium_minor.to_i,
                             tax: rate(lot.tax_hundredths) || lot.tax_minor.to_i)
      end

      # Writes each member's part, and with it the price of its piece. Raises Refused.
      def share(lot)
        rows = lot.members.reload.includes(:piece).to_a
        parts = whole(lot).shares(lot.share_rule, rows.map do |row|
          { found: row.found, resale: row.resale_minor, hand: row.hand_minor }
        end)
        rows.zip(parts) do |row, part|
          row.update!(price_minor: part.price, premium_minor: part.premium, tax_minor: part.tax)
          row.piece.update!(purchase_minor: part.total)
        end
        Summaries.refresh(rows.map(&:piece_id))
      rescue Core::Flips::HandShares::Gap => e
        raise Support::Refused, [e.in(Support::Workshop.current.money)]
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      private

      # Its pieces were bought when and where it was.
      def redate(piece, lot)
        piece.update!(bought_on: lot.bought_on, source: lot.source || piece.source)
        Splits.redate(piece)
      end

      def rate(hundredths) = hundredths && Rational(hundredths, 10_000)

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 120, required: new || params.sent?(:name))
        params.text(:source, max: 80)
        params.text(:notes, max: 5000)
        params.date(:bought_on, what: "Bought")
        params.money(:price)
        params.choice(:share_rule, Core::Flips::Lot::RULES.keys, required: params.sent?(:share_rule))
        added = %i[premium tax].map { |field| added(params, given, field) }
        params.done!.except(:premium_typed, :tax_typed).merge(*added)
      end

      # Premium and tax are typed as an amount, or as a rate with its percent sign.
      def added(params, given, field)
        return {} unless params.sent?(field)

        if given[field.to_s].to_s.strip.end_with?("%")
          { "#{field}_hundredths": params.with(field, into: :"#{field}_typed") { |raw| Support::Percent.parse(raw, most: 100) }, "#{field}_minor": nil }
        else
          { "#{field}_hundredths": nil, "#{field}_minor": params.money(field, into: :"#{field}_typed") }
        end
      end

      # Brings the members to what was sent: new pieces are recorded, spotted ones bought, pieces already here moved
      # in or out.
      def members(lot, rows)
        refuse(:lot_needs_a_piece, field: :members) if rows.empty?
        refuse(:lot_too_large, field: :members, most: MAX_MEMBERS) if rows.size > MAX_MEMBERS
        kept = rows.flat_map { |row| pieces_of(lot, row) }
        out = lot.members.reload.reject { |member| kept.include?(member.piece_id) }
        out.each { |member| move_out(member) }
        lot.members.reload
        Summaries.refresh(out.map(&:piece_id))
      end

      # Ids of the pieces that one row stands for; writes their membership.
      def pieces_of(lot, row)
        pieces = row["piece_id"] ? [moved_in(lot, row)] : bought(lot, row)
        batch = lot.members.maximum(:batch).to_i + 1 if pieces.size > 1
        pieces.map do |piece|
          member = lot.members.find_or_initialize_by(piece_id: piece.id)
          resale(member, piece, row)
          member.update!(found: row["found"] == true, hand_minor: hand(row), batch: batch || member.batch)
          piece.id
        end
      end

      def moved_in(lot, row)
        piece = Support::Finder.find(Records::Piece, row["piece_id"])
        other = piece.lot
        return piece if other.nil? || other.id == lot.id

        refuse(:in_a_lot_already, field: :members, piece: piece.name, other: other.name)
      end

      def bought(lot, row)
        if row["prospect_id"]
          prospect = Support::Finder.find(Records::Prospect, row["prospect_id"])
          return Scout::Purchases.pieces(prospect, bought_on: lot.bought_on, source: lot.source)
        end
        many(lot, row)
      end

      # Identical pieces entered once: each gets its own record, "… 1 of 4".
      def many(lot, row)
        count = count(row["count"].to_s.strip)
        Planning::Kinds.keep(row)
        fields = row.slice("name", "kind", "width", "depth", "height", "leg", "maker", "notes", "sure")
        refuse(:piece_without_name, field: :members) if fields["name"].to_s.strip.empty?
        Array.new(count) do |index|
          name = count > 1 ? "#{fields['name']}, #{index + 1} of #{count}" : fields["name"]
          Pieces.create(fields.merge("name" => name, "bought_on" => lot.bought_on&.iso8601.to_s,
                                     "source" => lot.source.to_s))
        end
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:members)]
      end

      def count(text)
        return 1 if text.empty?
        return text.to_i if text.match?(/\A\d{1,4}\z/) && text.to_i.between?(1, MAX_MEMBERS)

        refuse(:alike_out_of_range, field: :members, given: text, most: MAX_MEMBERS)
      end

      # The resale that the share rests on; a piece that had none expected takes it over.
      def resale(member, piece, row)
        return member.resale_minor ||= piece.expected_resale_minor unless row.key?("expected_resale")

        money = row["expected_resale"].to_s.strip
        member.resale_minor = money.empty? ? nil : Core::Units::MoneyText.parse(money, currency: Support::Workshop.current.money)
        piece.update!(expected_resale_minor: member.resale_minor) if piece.expected_resale_minor.nil?
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:members)]
      end

      def hand(row)
        text = row["share"].to_s.strip
        text.empty? ? nil : Core::Units::MoneyText.parse(text, currency: Support::Workshop.current.money)
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:members)]
      end

      def move_out(member)
        piece = member.piece
        member.destroy!
        piece.update!(purchase_minor: nil)
        Changes.write(piece, "shares", "Removed from the lot “#{member.lot.name}”; its price is unknown now.")
      end

      # Things found inside that are no pieces go to the stash.
      def found(lot, rows)
        Array(rows).each { |row| Shelf::Stash.create(row.merge("origin" => lot.name, "got_on" => lot.bought_on&.iso8601.to_s), lot: lot) }
      end
    end
  end
end
