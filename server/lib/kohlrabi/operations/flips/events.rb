# frozen_string_literal: true

module Operations
  module Flips
    # Dated events of a flip: recorded, corrected, undone. Every change has the whole chain checked again.
    module Events
      KINDS = Core::Flips::Event::LABELS.except(:bought).transform_keys(&:to_s).freeze
      ENDINGS = %w[kept given_away scrapped parted_out lost].freeze

      extend Support::Refusing

      extend self

      # given: Hash as in the contract's EventInput. Returns the event. Raises Refused, NotFound.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          kind = given["kind"]
          refuse(:split_needs_its_parts, field: :kind) if kind == "split"
          refuse_in_set(piece)
          event = Records::Event.new(piece: piece, kind: kind, **read(given, kind, new: true))
          fill_in_fee(piece, event)
          check_chain(piece, event)
          Planning::Settling.around(piece, kind, given) { event.tap(&:save!) }
          Summaries.refresh([piece.id])
          event
        end
      end

      # Corrects date and amounts; the kind stays.
      def update(id, given)
        Records::Base.transaction do
          event = Support::Finder.find(Records::Event, id)
          refuse_of_set(event)
          event.assign_attributes(read(given, event.kind, event: event))
          check_chain(event.piece, event)
          event.save!
          Summaries.refresh([event.piece_id])
          event
        end
      end

      # Takes the event back. Raises Refused when a later event rests on it.
      def remove(id)
        event = Support::Finder.find(Records::Event, id)
        refuse_of_set(event)
        return Splits.undo(event) if event.kind == "split"

        Support::Removal.of([event, *Planning::Settling.marks(event)], what: "#{KINDS.fetch(event.kind)} undone")
      end

      # The kinds of event that may come next, most likely first, given the chain as it stands.
      def possible(chain)
        return ["refunded"] if chain.stage == "sold"
        return [] if chain.ended?

        open = %w[first_work ready listed].select do |kind|
          chain.find(kind.to_sym).nil? || (kind == "first_work" && chain.first_work_inferred?)
        end
        open = open.drop_while { |kind| Core::Flips::Event::RANKS.fetch(kind.to_sym) <= chain.events.last.rank }
        open + (chain.find(:listed) ? %w[price_changed] : []) + ["sold", *ENDINGS]
      end

      # Builds the chain with the event in it before anything is written. Raises Refused.
      def check_chain(piece, event)
        others = piece.events.reject { |other| other.id == event.id }
        event.position ||= others.map(&:position).max.to_i + 1
        Core::Flips::Chain.new(bought_on: piece.bought_on, events: Flip.core_events([*others, event]))
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      private

      def read(given, kind, new: false, event: nil)
        params = Support::Params.new(given, Support::Workshop.current)
        params.date(:on, into: :happened_on, what: KINDS.fetch(kind), required: false)
        details = details(params, kind, event, new: new)
        values = params.done!.slice(:happened_on)
        details ? values.merge(details) : values
      end

      # The row that stands beside the event: a listing, a sale or a refund.
      def details(params, kind, event, new:)
        case kind
        when "listed", "price_changed" then listing(params, kind, event, new: new)
        when "sold" then sale(params, event, new: new)
        when "refunded" then refund(params, event, new: new)
        end
      end

      def listing(params, kind, event, new:)
        params.money(:asking, required: kind == "price_changed" && new)
        params.text(:channel, max: 80)
        row = event&.listing || Records::Listing.new
        row.assign_attributes(Market::Channels.linked(params.values.slice(:asking_minor, :channel)))
        { listing: row }
      end

      def sale(params, event, new:)
        params.money(:price, required: new)
        %i[tip fee delivery].each { |field| params.money(field) }
        params.text(:channel, max: 80)
        row = event&.sale || Records::Sale.new
        row.assign_attributes(Market::Channels.linked(params.values.slice(:price_minor, :tip_minor, :fee_minor,
                                                                          :delivery_minor, :channel)))
        { sale: row }
      end

      # A sale whose fee nobody gave takes its channel's, of the place where it was sold or else listed.
      def fill_in_fee(piece, event)
        sale = event.sale
        return unless sale&.price_minor && sale.fee_minor.nil?

        id = sale.channel.present? ? sale.channel_id : Flip.new(piece, costs: {}, work: {}, worked_from: nil).channel_id
        sale.fee_minor = Market::Channels.fee(id, sale.price_minor)
      end

      def refund(params, event, new:)
        params.money(:amount, required: new)
        params.money(:fee_back)
        row = event&.refund || Records::Refund.new
        row.assign_attributes(params.values.slice(:amount_minor, :fee_back_minor))
        { refund: row }
      end

      # What belongs to a set is done to the set.
      def refuse_in_set(piece)
        set = Sets.standing(piece) or return

        refuse(:offered_in_the_set, field: :kind, piece: piece.name, set: set.name)
      end

      def refuse_of_set(event)
        set = event.piece_set_event&.piece_set or return

        refuse(:came_with_the_set, field: :kind, set: set.name)
      end
    end
  end
end
