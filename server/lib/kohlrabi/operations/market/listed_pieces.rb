# frozen_string_literal: true

module Operations
  module Market
    # What is for sale: how it stands, what it is asked for, and what the market wants today.
    module ListedPieces
      ADVICE = Core::Market::ListingAdvice
      MAX_ROWS = 200 # listed pieces that are shown
      # One listed piece. days: since it was listed, or nil; next_step: of Records or nil; value:
      # Core::Market::Model::Value as it is by now, got: [low, middle, high] that it brings, or nil; waiting:
      # Core::Market::Model::Waiting or nil; view: Planning::Drawing::View; advice: {offer id => Core::Market::OfferAdvice::Answer}.
      Row = Struct.new(:piece, :asking, :days, :time, :outlook, :floor, :offers, :enquiries, :next_step, :hold, :advice, :payments, :set, :mixes,
                       :fetch, :waiting, :prices, :view, keyword_init: true)

      extend Support::Refusing

      extend self

      # Array of Row: what is due first, then the longest listed; the MAX_ROWS that were listed last.
      def rows
        shown = listings.order(Arel.sql("flip_summaries.listed_on DESC, pieces.id DESC")).limit(MAX_ROWS)
        pieces = shown.preload(:summary, :planned_shape, { looks: %i[look_zones works] }, *Flips::FlipRecords::PARTS).to_a
        shared = shared(pieces)
        found = pieces.map { |piece| row(piece, shared) }
        found.sort_by do |one|
          [if one.offers.any? do |offer|
            Offers.open?(offer)
          end
             0
           else
             1
           end, one.next_step&.due_on || Date.new(9999), -(one.days || 0), one.piece.id]
        end
      end

      # What a row wants today. left: minor units still to be paid, or nil. Returns
      # Core::Market::ListingAdvice::Answer.
      def advise(row, left: nil)
        hold = row.hold
        held = hold && ADVICE::Held.new(who: hold.who, on: (Holds.fetched(hold).presence if hold.pick_up_on || hold.pick_up), left: left,
                                        price: hold.price_minor || row.asking)
        offers = row.offers.filter_map do |one|
          advice = row.advice[one.id] or next
          ADVICE::Offered.new(id: one.id, amount: one.amount_minor, advice: advice)
        end
        taken = row.offers.select { |one| one.answer == "taken" }.map(&:amount_minor).max
        ADVICE.new(asking: row.asking, held: held, offers: offers, taken: taken, step: step(row.next_step), most: row.fetch&.last,
                   text: Support::Workshop.current.amounts).answer
      end

      # How all of it stands, in a sentence.
      def headline(rows)
        return "Nothing for sale yet." if rows.empty?

        found = rows.map { |row| advise(row) }
        wanted = found.count(&:waits_for_answer?)
        due = found.count { |one| one.action == :lower }
        ["#{Core::Units::Numerals.word(total(rows))} for sale.", answers(wanted),
         steps_due(due)].select(&:present?).join(" ")
      end

      # How many are listed, shown or not.
      # rows: those that are shown.
      def total(rows) = rows.size < MAX_ROWS ? rows.size : listings.count

      def listings = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "listed" })

      # A listed piece by id. Raises NotFound, Refused.
      def find(id)
        piece = Support::Finder.find(Records::Piece, id)
        return piece if piece.summary.stage == "listed"

        refuse(:not_listed, field: :amount, piece: piece.name)
      end

      # What to answer to an offer of so much for a listed piece, nothing recorded. Returns
      # Core::Market::OfferAdvice::Answer, nil without a price.
      def weigh(piece, amount) = adviser(piece).call(amount)

      # What answers for one piece, offer after offer: amount in minor units to Core::Market::OfferAdvice::Answer,
      # nil without a price.
      def adviser(piece)
        shared = shared([piece])
        found = row(piece, shared)
        found.waiting ||= waiting(found, shared)
        ->(amount) { found.asking && answer_to(amount, found, shared) }
      end

      # What the market wants today, in sentences with their piece, one a piece: who fetches it, else offers that
      # nobody has answered, else price steps that are due.
      def wants
        today = Support::Workshop.today
        asked = { holds: Holds.fetched_by(today + 1), held: Records::Hold.live, offers: Offers.open, steps: PriceSteps.to(today).limit(40) }
        found = asked.transform_values { |scope| scope.preload(:piece).to_a }
        offers = without(found[:offers], found[:held])
        steps = without(PriceSteps.merged(found[:steps]), offers)
        found[:holds].map { |hold| [hold.piece, "Pickup #{Holds.fetched(hold)}: #{hold.who}"] } +
          offers.map { |offer| [offer.piece, "Answer the offer of #{money(offer.amount_minor)}#{Offers.from(offer)}"] } +
          steps.first(20).map { |step| [step.piece, due(step)] }
      end

      # An amount in words.
      def money(minor) = Support::Workshop.current.amounts.price(minor)

      private

      def answers(number) = counted(number, "needs a decision.", "need a decision.")
      def steps_due(number) = counted(number, "is due for a price drop.", "are due for a price drop.")

      def counted(number, one, many)
        number.positive? && "#{Core::Units::Numerals.word(number)} #{number == 1 ? one : many}"
      end

      def step(record)
        return unless record

        day = short(record.due_on)
        due = record.due_on <= Support::Workshop.today
        ADVICE::Step.new(id: record.id, asking: record.asking_minor, on: due ? "since #{day}" : "on #{day}", due: due)
      end

      # What all rows look up.
      def shared(pieces)
        found = { offers: Records::Offer, holds: Records::Hold, payments: Records::Payment }
                .transform_values { |model| of(model.order(:id), pieces) }
                .merge(steps: of(Records::PriceStep.where(state: "planned").order(:due_on, :id), pieces))
        { flips: Flips::FlipRecords.load(pieces).index_by { |flip| flip.piece.id }, workshop: Support::Workshop.current,
          times: Core::Market::TimeToSell.new(TimeToSell.spells), counters: Waits.counters,
          ratio: Core::Market::Comparables.ratio(TimeToSell.sale_to_ask_ratios).first, returns: TimeToSell.returns,
          waits: Waits.new, views: Planning::Drawing.views(pieces),
          sets: members(pieces).preload(:piece_set).to_h { |member| [member.piece_id, member.piece_set] },
          **found.transform_values { |rows| rows.group_by(&:piece_id) } }
      end

      def without(rows, others) = rows.reject { |row| others.map(&:piece_id).include?(row.piece_id) }
      def due(step) = "Drop the price to #{money(step.asking_minor)} (due #{short(step.due_on)})"

      def short(date) = Core::Units::Calendar.short(date, today: Support::Workshop.today)

      def row(piece, shared)
        steps = shared[:steps].fetch(piece.id, [])
        around = around(piece, shared)
        found = Row.new(piece: piece, view: shared[:views].fetch(piece.id), **standing(piece, shared), **around, **asked(piece, shared),
                        next_step: PriceSteps.next_of(steps, held: !around[:hold].nil?))
        found.outlook = found.asking && TimeToSell.outlook(found.time, found.asking, planned(steps), shared[:ratio],
                                                           stood: found.days.to_i)
        found.fetch = Standings.of(piece)&.likely
        found.waiting = waiting(found, shared) if found.offers.any? { |offer| Offers.open?(offer) }
        found.advice = advice(found, shared)
        found
      end

      # Offers for it, and how many asked without one.
      def asked(piece, shared)
        offers, enquiries = shared[:offers].fetch(piece.id, []).partition(&:amount_minor)
        { offers: offers, enquiries: enquiries.size }
      end

      # Who holds it, what was paid, the set it goes with, and, where it is about to be fetched, the mixes for a
      # touch-up.
      def around(piece, shared)
        hold = shared[:holds].fetch(piece.id, []).first
        { hold: hold, payments: shared[:payments].fetch(piece.id, []), set: shared[:sets][piece.id],
          mixes: hold ? Shelf::MixUses.of_piece(piece).map(&:mix) : [] }
      end

      # Places of the pieces in sets.
      def members(pieces)
        Records::PieceSetMember.where(piece_id: pieces.map(&:id), piece_set_id: Records::PieceSet.live.select(:id))
      end

      # How a listed piece stands: asked for how much, for how long, how long such take, and its floor.
      def standing(piece, shared)
        listed = [piece.summary.listed_on, *shared[:returns].fetch(piece.id, []).map(&:last)].compact.max
        prices = shared[:flips].fetch(piece.id).prices(shared[:workshop])
        { asking: piece.summary.asking_minor, prices: prices, time: shared[:times].for(piece.kind),
          days: listed && (Support::Workshop.today - listed).to_i,
          floor: prices.amount(:floor) }
      end

      # [[Date, minor units]] as they will come about.
      def planned(steps)
        Core::Market::PricePlan.ahead(steps.map { |step| [step.due_on, step.asking_minor] }, today: Support::Workshop.today)
      end

      # What it is worth to wait for another buyer; the sums are long, so they are done only where somebody waits
      # for an answer.
      def waiting(row, shared)
        return unless row.asking&.positive?

        shared[:waits].of(row.piece, asking: row.asking, enquiries: row.enquiries,
                                     cost: row.prices.amount(:break_even))
      end

      def advice(row, shared)
        open = row.offers.select { |offer| Offers.open?(offer) && row.asking }
        open.to_h { |offer| [offer.id, answer_to(offer.amount_minor, row, shared)] }
      end

      def answer_to(amount, row, shared)
        workshop = shared[:workshop]
        Core::Market::OfferAdvice.new(offer: amount, asking: row.asking, waiting: row.waiting, counters: shared[:counters], floor: row.floor,
                                      decline: Rational(workshop.decline_hundredths, 10_000), text: Support::Workshop.current.amounts,
                                      unit: workshop.money.unit).answer
      end

      def of(scope, pieces) = scope.live.where(piece_id: pieces.map(&:id))
    end
  end
end
