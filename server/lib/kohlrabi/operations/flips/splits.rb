# frozen_string_literal: true

module Operations
  module Flips
    # One piece becomes several. The whole ends as split; what it cost and took, now or later, passes on to its
    # parts by shares.
    module Splits
      MONEY = %i[purchase trips materials hardware other sundries].freeze

      extend Support::Refusing

      extend self

      # given: {"on", "parts": [{"name", "weight"?, "kind"?, "width"?, "depth"?, "height"?, "keep"?}]}. Returns the
      # split event.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          rows = Array(given["parts"])
          refuse(:split_needs_two, field: :parts) if rows.size < 2
          event = happen(piece, given)
          rows.each { |row| part(piece, event, row) }
          Summaries.refresh([piece.id])
          keep(event, rows)
          Changes.write(piece, "split", "Split into #{names(event)}.", on: event.happened_on)
          event.reload
        end
      end

      # Changes the shares. given: {"parts": [{"piece_id", "weight"}]}. Returns [event, sentences of what changed].
      def update(event_id, given)
        Records::Base.transaction do
          event = split(event_id)
          weights = Array(given["parts"]).to_h { |row| [row["piece_id"], Sharing.weight(row["weight"])] }
          Changes.tell(event.split_parts.map(&:piece_id), "Shares of the split of #{event.piece.name} changed") do
            event.split_parts.each { |part| part.update!(weight: weights.fetch(part.piece_id, part.weight)) }
            Summaries.refresh([event.piece_id])
            event
          end
        end
      end

      # Takes the split back: its parts go, the whole stands again. Raises Refused once a part has a history of its
      # own.
      def undo(event)
        parts = event.split_parts.map(&:piece)
        busy = parts.find do |part|
          part.cost_shares.any? || part.work_shares.any? || part.lot_member || later_events?(part, event)
        end
        refuse(:parts_of_split_in_use, field: :kind, busy: busy.name) if busy

        Support::Removal.of([event, *parts], what: "Split of #{event.piece.name} undone")
      end

      # The whole that a piece is a part of, or nil.
      def whole_of(piece)
        part = piece.split_part or return
        event = part.event
        event.piece if event.deletion_id.nil?
      end

      # The parts of a split piece, in order.
      def parts_of(piece)
        event = piece.events.find { |one| one.kind == "split" }
        event ? parts(event).map(&:piece) : []
      end

      # Records::SplitPart of a split, with their pieces.
      def parts(event) = Records::Base.preload_all([event], split_parts: :piece).first.split_parts

      # A changed date of purchase holds for the parts too.
      def redate(piece)
        parts_of(piece).each do |part|
          part.update!(bought_on: piece.bought_on)
          redate(part)
        end
      end

      # The pieces and all that came of splitting them, to any depth.
      def family(ids)
        all = ids.dup
        found = ids
        all.concat(found) while (found = Records::SplitPart.joins(:event).where(events: { piece_id: found,
                                                                                          deletion_id: nil }).pluck(:piece_id) - all).any?
        all
      end

      # Records::SplitPart of those of the pieces that are parts.
      def parted(ids) = Records::SplitPart.joins(:event).where(piece_id: ids, events: { deletion_id: nil })

      # {piece id => Flip::Inherited} of the parts of splits. ids: of their events.
      def taken_over(ids)
        return {} if ids.empty?

        events = Records::Event.where(id: ids).preload(:split_parts, :piece).to_a
        wholes = FlipRecords.load(events.map(&:piece)).index_by { |flip| flip.piece.id }
        events.map { |event| pass_on(event, wholes.fetch(event.piece_id)) }.reduce({}, :merge)
      end

      private

      def pass_on(event, whole)
        weights = event.split_parts.map(&:weight)
        money = Core::Flips::Inheritance.money(MONEY.to_h { |key| [key, whole.money_in.public_send(key)] }, weights)
        work = Core::Flips::Inheritance.work(whole.work.by_kind, weights)
        event.split_parts.each_with_index.to_h do |part, index|
          [part.piece_id, Flip::Inherited.new(from: "#{whole.piece.ticket_text} #{whole.piece.name}", money: money[index],
                                              work: work[index], started: whole.chain.on(:first_work))]
        end
      end

      def happen(piece, given)
        Sets.refuse_in_another(piece)
        params = Support::Params.new(given, Support::Workshop.current)
        params.date(:on, into: :happened_on, what: "Split")
        event = Records::Event.new(piece: piece, kind: "split", **params.done!)
        Events.check_chain(piece, event)
        event.save!
        event
      end

      def part(piece, event, row)
        values = piece.attributes.slice("kind", "source", "maker", "label_found", "made_about", "body_material", "surface_material",
                                        "body_colour", "front_colour", "bought_on")
        fields = Pieces.read(row.slice("name", "kind", "width", "depth", "height", "expected_resale"),
                             Support::Workshop.current, new: true)
        made = Records::Piece.create!(values.merge(fields.stringify_keys))
        event.split_parts.create!(piece: made, weight: Sharing.weight(row["weight"]))
      end

      def keep(event, rows)
        event.split_parts.reload.zip(rows).each do |part, row|
          Events.create(part.piece_id, "kind" => "kept", "on" => event.happened_on&.iso8601.to_s) if row["keep"]
        end
      end

      def split(event_id)
        event = Support::Finder.find(Records::Event, event_id)
        event.kind == "split" ? event : raise(Support::NotFound.new("split", event_id))
      end

      # Events beyond the keeping that the split itself recorded.
      def later_events?(part, event)
        part.events.any? { |one| !(one.kind == "kept" && one.happened_on == event.happened_on) }
      end

      def names(event)
        event.split_parts.reload.map { |part| "#{part.piece.ticket_text} #{part.piece.name}" }.join(", ")
      end
    end
  end
end
