# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # What is for sale: days, enquiries, offers with advice, holds, and the next price step.
      module ListedPieces
        MOST = 200 # listed pieces that are shown
        ANSWERS = %w[open taken countered declined].freeze
        # One listed piece. days: since it was listed, or nil; next_step: of Records or nil; advice: {offer id => Core::Market::OfferAdvice::Answer}.
        Row = Struct.new(:piece, :asking, :days, :time, :outlook, :floor, :offers, :enquiries, :next_step, :hold, :advice, :payments, :set, :mixes,
                         keyword_init: true)

        module_function

        # Array of Row: what is due first, then the longest listed; the MOST that were listed last.
        def rows
          pieces = listings.order("flip_summaries.listed_on DESC, pieces.id DESC").preload(:summary).limit(MOST).to_a
          shared = shared(pieces)
          found = pieces.map { |piece| row(piece, shared) }
          found.sort_by do |one|
            [one.offers.any? { |offer| open?(offer) } ? 0 : 1, one.next_step&.due_on || Date.new(9999), -(one.days || 0), one.piece.id]
          end
        end

        # How many are listed, shown or not.
        def total = listings.count

        def listings = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "listed" })
        private_class_method :listings

        # What all rows look up.
        def shared(pieces)
          { flips: Flips::FlipRecords.load(pieces).index_by { |flip| flip.piece.id }, workshop: House::WorkshopSettings.workshop,
            times: Core::Market::TimeToSell.new(Sellings.spells), place_day: Sellings.place_day,
            ratio: Core::Market::Comparables.ratio(Sellings.got_of_asked).first, offers: grouped(Records::Offer, pieces),
            holds: grouped(Records::Hold, pieces), payments: grouped(Records::Payment, pieces), sets: sets(pieces),
            returns: Sellings.returns, steps: grouped(Records::PriceStep.where(state: "planned").order(:due_on), pieces) }
        end
        private_class_method :shared

        # given: {"amount"? (an enquiry without), "who"?, "note"?, "made_on"?}. Returns the offer; the advice of the moment is kept with it.
        def offer(piece_id, given)
          Records::Base.transaction do
            piece = listed(piece_id)
            reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
            reading.money(:amount)
            reading.text(:who, max: 60)
            reading.text(:note, max: 200)
            reading.date(:made_on, what: "Made")
            values = reading.done!
            refuse("An offer of nothing is none.", "Leave the amount empty for an enquiry.", :amount) if values[:amount_minor]&.zero?
            made = Records::Offer.create!(piece: piece, made_on: House::WorkshopSettings.today, **values.compact)
            made.update!(advice: advice_of(made)&.why&.slice(0, 250)) if made.amount_minor
            Flips::Changes.write(piece, "offer", made.amount_minor ? "Offer of #{money(made.amount_minor)}#{from(made)}." : "Enquiry#{from(made)}.")
            made
          end
        end

        # given: {"answer", "counter"?}. Returns the offer.
        def answer(id, given)
          Records::Base.transaction do
            offer = Support::Finder.find(Records::Offer, id)
            reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
            reading.choice(:answer, ANSWERS, required: true)
            reading.money(:counter, required: given["answer"] == "countered")
            offer.update!(reading.done!)
            Flips::Changes.write(offer.piece, "offer",
                                 "Offer#{from(offer)} #{offer.answer}#{" at #{money(offer.counter_minor)}" if offer.counter_minor}.")
            offer
          end
        end

        def remove_offer(id)
          offer = Support::Finder.find(Records::Offer, id)
          Support::Removal.of([offer], what: offer.amount_minor ? "Offer removed" : "Enquiry removed")
        end

        # What to answer to an offer of so much for a listed piece, nothing recorded. Returns Core::Market::OfferAdvice::Answer, nil without a price.
        def weigh(piece, amount) = adviser(piece).call(amount)

        # What answers for one piece, offer after offer: amount in minor units to Core::Market::OfferAdvice::Answer, nil without a price.
        def adviser(piece)
          shared = shared([piece])
          found = row(piece, shared)
          ->(amount) { found.asking && answer_to(amount, found, shared[:place_day]) }
        end

        # A planned step is taken: the price changes today. given: {"state": "done" or "skipped"}. Returns the step.
        def step(id, given)
          Records::Base.transaction do
            step = Support::Finder.find(Records::PriceStep, id)
            refuse("This step is #{step.state} already.", "Load the page anew.", :state) unless step.state == "planned"
            state = given["state"]
            refuse("A step is done or skipped.", "Choose one.", :state) unless %w[done skipped].include?(state)
            price = { "kind" => "price_changed", "asking" => Core::Units::MoneyText.plain(step.asking_minor, House::WorkshopSettings.workshop.money),
                      "on" => House::WorkshopSettings.today.iso8601 }
            event = Flips::Events.create(step.piece_id, price) if state == "done"
            step.update!(state: state, event: event)
            step
          end
        end

        # given: {"who", "price"?, "deposit"?, "until_on"?, "pick_up_on"?, "pick_up"?}. One at a time. Returns the hold.
        def hold(piece_id, given)
          Records::Base.transaction do
            piece = listed(piece_id)
            refuse("It is held already.", "Release that first.", :who) if Records::Hold.live.exists?(piece: piece)
            reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
            reading.text(:who, max: 60, required: true)
            reading.money(:price)
            reading.money(:deposit)
            %i[until_on pick_up_on].each { |field| reading.day(field) }
            reading.text(:pick_up, max: 60)
            held = Records::Hold.create!(piece: piece, **reading.done!)
            Flips::Changes.write(piece, "hold", "Held for #{held.who}#{", #{money(held.deposit_minor)} paid down" if held.deposit_minor}.")
            held
          end
        end

        def release(id)
          held = Support::Finder.find(Records::Hold, id)
          Support::Removal.of([held], what: "No longer held for #{held.who}")
        end

        # What the market wants today, in sentences with their piece: offers that nobody has answered, price steps that are due.
        def wants
          offers = Records::Offer.live.where(answer: "open", piece: listings).where.not(amount_minor: nil).preload(:piece).order(:id).limit(20)
          steps = steps_by(House::WorkshopSettings.today).limit(20)
          fetched = fetched_by(House::WorkshopSettings.today + 1).map { |hold| [hold.piece, "Fetched #{fetched(hold)} by #{hold.who}"] }
          fetched + offers.map { |offer| [offer.piece, "Offer of #{money(offer.amount_minor)}#{from(offer)} to answer"] } +
            steps.map { |step| [step.piece, "Price step to #{money(step.asking_minor)} due #{Core::Units::Calendar.text(step.due_on)}"] }
        end

        # Planned price steps of listed pieces, to a day.
        def steps_by(day) = Records::PriceStep.live.where(state: "planned", piece: listings, due_on: ..day).preload(:piece).order(:due_on)

        # Holds of listed pieces whose pick-up is agreed, to a day.
        def fetched_by(day) = Records::Hold.live.where(piece: listings, pick_up_on: ..day).preload(:piece).order(:pick_up_on).limit(50).to_a

        def fetched(hold)
          [hold.pick_up_on == House::WorkshopSettings.today ? "today" : Core::Units::Calendar.text(hold.pick_up_on),
           hold.pick_up].compact_blank.join(", ")
        end
        private_class_method :fetched

        def open?(offer) = offer.answer == "open" && !offer.amount_minor.nil?

        def row(piece, shared)
          steps = shared[:steps].fetch(piece.id, [])
          offers = shared[:offers].fetch(piece.id, [])
          found = Row.new(piece: piece, **standing(piece, shared), **around(piece, shared), next_step: steps.first,
                          offers: offers.select(&:amount_minor), enquiries: offers.count { |offer| offer.amount_minor.nil? })
          found.outlook = found.asking && Sellings.outlook(found.time, found.asking, ahead(steps), shared[:ratio], stood: found.days.to_i)
          found.advice = advice(found, shared[:place_day])
          found
        end

        # Who holds it, what was paid, the set it goes with, and, where it is about to be fetched, the mixes for a touch-up.
        def around(piece, shared)
          hold = shared[:holds].fetch(piece.id, []).first
          { hold: hold, payments: shared[:payments].fetch(piece.id, []), set: shared[:sets][piece.id],
            mixes: hold ? Shelf::MixUses.of_piece(piece).map(&:mix) : [] }
        end
        private_class_method :around

        # {piece id => the set it stands in}.
        def sets(pieces)
          members = Records::PieceSetMember.joins(:piece_set).where(piece_id: pieces.map(&:id), piece_sets: { deletion_id: nil }).includes(:piece_set)
          members.to_h { |member| [member.piece_id, member.piece_set] }
        end
        private_class_method :sets

        # How a listed piece stands: asked for how much, for how long, how long such take, and its floor.
        def standing(piece, shared)
          listed = [piece.summary.listed_on, *shared[:returns].fetch(piece.id, []).map(&:last)].compact.max
          { asking: piece.summary.asking_minor, time: shared[:times].for(piece.kind), days: listed && (House::WorkshopSettings.today - listed).to_i,
            floor: shared[:flips].fetch(piece.id).prices(shared[:workshop]).amount(:floor) }
        end
        private_class_method :standing
        private_class_method :row

        # [[Date, minor units]]: a step that is late moves those after it.
        def ahead(steps)
          return [] if steps.empty?

          late = [(House::WorkshopSettings.today - steps.first.due_on).to_i, 0].max
          steps.map { |step| [step.due_on + late, step.asking_minor] }
        end
        private_class_method :ahead

        def advice(row, place_day)
          open = row.offers.select { |offer| open?(offer) && row.asking }
          open.to_h { |offer| [offer.id, answer_to(offer.amount_minor, row, place_day)] }
        end
        private_class_method :advice

        def answer_to(amount, row, place_day)
          Core::Market::OfferAdvice.new(offer: amount, asking: row.asking, outlook: row.outlook, place_day: place_day, floor: row.floor,
                                        decline: Rational(House::WorkshopSettings.workshop.decline_hundredths, 10_000), text: method(:money)).answer
        end
        private_class_method :answer_to

        def advice_of(offer) = weigh(offer.piece, offer.amount_minor)
        private_class_method :advice_of

        def grouped(scope, pieces) = scope.live.where(piece_id: pieces.map(&:id)).order(:id).group_by(&:piece_id)
        private_class_method :grouped

        def listed(id)
          piece = Support::Finder.find(Records::Piece, id)
          return piece if piece.summary.stage == "listed"

          refuse("#{piece.name} is not listed.", "List it first, with its asking price.", :amount)
        end
        private_class_method :listed

        def from(offer) = offer.who ? " from #{offer.who}" : ""
        private_class_method :from

        def money(minor) = Core::Units::MoneyText.text(minor, House::WorkshopSettings.workshop.money)
        private_class_method :money

        def refuse(problem, remedy, field) = raise(Support::Refused, [Core::Refusal.new(problem, remedy, field: field)])
        private_class_method :refuse
      end
    end
  end
end
