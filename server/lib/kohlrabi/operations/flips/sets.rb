# frozen_string_literal: true

module Operations
  module Flips
    # Pieces sold together: one asking price, one sale, shared over the pieces so that each flip keeps its own
    # figures.
    module Sets
      KINDS = { "ready" => "Ready", "listed" => "Listed", "price_changed" => "Price changed", "sold" => "Sold" }.freeze

      extend Support::Refusing

      extend self

      # [sets of a page, how many in all], latest first.
      def page(page: 1, per: 40)
        scope = Records::PieceSet.live.order(id: :desc)
        [scope.offset((page - 1) * per).limit(per).includes(:happenings, members: { piece: :summary }).to_a,
         scope.count]
      end

      # The live set that a piece came to last, or nil.
      def of(piece) = all_of(piece).last

      # The live set that a piece is in and that is not sold yet, or nil.
      def standing(piece)
        all_of(piece).find { |set| set.happenings.none? { |one| one.kind == "sold" } }
      end

      # given: {"name", "piece_ids"}. Returns the set. Raises Refused, NotFound.
      def create(given)
        Records::Base.transaction do
          params = Support::Params.new(given, Support::Workshop.current)
          params.text(:name, max: 120, required: true)
          pieces = Support::Finder.pieces(Array(given["piece_ids"]).uniq)
          refuse(:set_needs_two, field: :piece_ids) if pieces.size < 2
          pieces.each { |piece| refuse_member(piece) }
          set = Records::PieceSet.create!(params.done!)
          pieces.each { |piece| set.members.create!(piece: piece, asking_minor: piece.summary.asking_minor) }
          ToCome.renew(set.members.map(&:piece_id))
          set
        end
      end

      # Lists, reprices or sells all pieces of the set. given: as in the contract's SetEventInput. Returns the set
      # event.
      def happen(id, given)
        Records::Base.transaction do
          set = Support::Finder.find(Records::PieceSet, id)
          kind = given["kind"]
          check_kind(set, kind)
          event = set.happenings.build(kind: kind, **read(given, kind, new: true))
          if kind == "sold"
            event.fee_minor ||= Market::Channels.fee(event.channel_id || listed_at(set, event),
                                                     event.price_minor)
          end
          event.save!
          share(set, event, given)
          event
        end
      end

      # Corrects one. Returns [set event, sentences of what changed].
      def correct(event_id, given)
        Records::Base.transaction do
          event = Support::Finder.find(Records::PieceSetEvent, event_id)
          set = event.piece_set
          Changes.tell(set.members.map(&:piece_id), "The set “#{set.name}” was edited") do
            event.update!(read(given, event.kind))
            share(set, event)
            event
          end
        end
      end

      def take_back(event_id)
        event = Support::Finder.find(Records::PieceSetEvent, event_id)
        marks = event.events.flat_map { |one| Planning::Settling.marks(one) }
        Support::Removal.of([event, *event.events, *marks], what: "#{KINDS.fetch(event.kind)} of the set undone")
      end

      # Breaks the set before its sale: what was recorded for it goes, each piece stands as it did. Undone as any
      # removal.
      def break_up(id)
        set = Support::Finder.find(Records::PieceSet, id)
        sold = set.happenings.any? { |event| event.kind == "sold" }
        refuse(:set_sold, field: :piece_ids, set: set.name) if sold
        Records::Base.transaction do
          set.members.each do |member|
            Changes.write(member.piece, "set", "The set “#{set.name}” was split up, so this piece is on its own again.")
          end
          events = set.happenings.flat_map { |event| event.events.to_a }
          marks = events.flat_map { |event| Planning::Settling.marks(event) }
          Support::Removal.of([set, *set.happenings, *events, *marks], what: "Set “#{set.name}” split up")
        end
      end

      # [basis, weights] by which the set is shared, in the order of its members.
      def weights(set)
        Core::Flips::SetShares.weights(set.members.map do |member|
          { asking: member.asking_minor, resale: member.piece.expected_resale_minor,
            cost: member.piece.summary.cash_in_minor }
        end)
      end

      # Raises Refused for a piece that has ended or is in another set.
      def refuse_member(piece)
        refuse_in_another(piece)
        return if Lists::IN_HAND.include?(piece.summary.stage)

        refuse(:not_in_hand, field: :piece_ids, piece: piece.name, stage: piece.summary.stage)
      end

      # Raises Refused for a piece in a set that stands.
      def refuse_in_another(piece)
        other = standing(piece)
        refuse(:in_a_set_already, field: :piece_ids, piece: piece.name, other: other.name) if other
      end

      # Members that are still worked on.
      def unready(set) = set.members.select { |member| Lists::IN_WORK.include?(member.piece.summary.stage) }

      private

      # Live sets that a piece is in.
      def all_of(piece)
        sets = Records::PieceSet.live.where(id: Records::PieceSetMember.where(piece_id: piece.id).select(:piece_set_id))
        sets.order(:id).preload(:happenings).to_a
      end

      # Id of the channel where a set is listed, for a sale that names none.
      def listed_at(set, event)
        set.happenings.reverse.find { |one| one.channel.present? }&.channel_id unless event.channel.present?
      end

      def check_kind(set, kind)
        done = set.happenings.map(&:kind)
        refuse(:set_sold_correct_sale, field: :kind, set: set.name) if done.include?("sold")
        refuse(:set_ready_already, field: :kind, set: set.name) if kind == "ready" && (done.any? || unready(set).empty?)
        refuse(:set_listed_already, field: :kind, set: set.name) if kind == "listed" && done.include?("listed")
        refuse(:set_never_listed, field: :kind, set: set.name) if kind == "price_changed" && done.exclude?("listed")
      end

      def read(given, kind, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.date(:on, into: :happened_on, what: KINDS.fetch(kind))
        case kind
        when "ready" then nil
        when "sold"
          params.money(:price, required: new || params.sent?(:price))
          %i[tip fee delivery].each { |field| params.money(field) }
        else
          params.money(:asking, required: new || params.sent?(:asking))
        end
        params.text(:channel, max: 80)
        Market::Channels.linked(params.done!.merge(hand(given)))
      end

      # Shares of the price by hand, as typed: {"12" => "40.00"}; none given: by the set's own weights.
      def hand(given)
        return {} unless given.key?("hand")

        rows = Array(given["hand"]).reject { |row| row["amount"].to_s.strip.empty? }
        money = Support::Workshop.current.money
        { hand: rows.to_h { |row| [row["piece_id"].to_s, Core::Units::MoneyText.parse(row["amount"], currency: money)] }.presence }
      end

      # Writes the event of each piece with its share. given: whether open steps were done, where it is new.
      def share(set, event, given = {})
        amounts = %i[asking price tip fee delivery].to_h { |name| [name, split(set, event, event["#{name}_minor"])] }
        set.members.each_with_index do |member, index|
          next if event.kind == "ready" && passed?(member.piece, event)

          own = amounts.transform_values { |row| row&.at(index) }
          Planning::Settling.around(member.piece, event.kind, given) { record(member.piece, event, own) }
        end
        Summaries.refresh(set.members.map(&:piece_id))
      end

      # Whether a piece was made ready by itself before the set was.
      def passed?(piece, event)
        piece.events.none? { |one| one.piece_set_event_id == event.id } && Lists::IN_WORK.exclude?(piece.summary.stage)
      end

      def split(set, event, whole)
        whole && Core::Flips::Shares.split(whole, event.hand ? by_hand(set, event) : weights(set).last)
      end

      def by_hand(set, event)
        parts = set.members.map { |member| event.hand.fetch(member.piece_id.to_s, 0) }
        Core::Flips::SetShares.by_hand(parts, event.price_minor || event.asking_minor)
      rescue Core::Flips::HandShares::Gap => e
        raise Support::Refused, [e.in(Support::Workshop.current.money).at(:hand)]
      end

      def record(piece, event, own)
        row = piece.events.reload.find { |one| one.piece_set_event_id == event.id } ||
              Records::Event.new(piece: piece, piece_set_event: event, kind: kind_for(piece, event))
        row.happened_on = event.happened_on
        case event.kind
        when "ready" then nil
        when "sold"
          amounts = own.except(:asking).transform_keys { |name| :"#{name}_minor" }
          (row.sale || row.build_sale).assign_attributes(channel: event.channel, channel_id: event.channel_id,
                                                         **amounts)
        else
          (row.listing || row.build_listing).assign_attributes(channel: event.channel, channel_id: event.channel_id,
                                                               asking_minor: own[:asking])
        end
        Events.check_chain(piece, row)
        row.tap(&:save!)
      end

      # A piece that is on the market already is not listed again: its price changes.
      def kind_for(piece, event)
        event.kind == "listed" && piece.events.any? { |one| one.kind == "listed" } ? "price_changed" : event.kind
      end
    end
  end
end
