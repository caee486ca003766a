# frozen_string_literal: true

module Operations
  module Market
    # The price of a piece: all ways of finding one, what a price would bring, and the decision with its reason.
    module Prices
      # ways: Array of Core::Market::PriceMethods::Row; need: minor units that cost and pay ask for, with room for
      # haggling, or nil; ratio: what is got of what is asked; market: Standing, nil where nothing tells what it is
      # worth.
      Scale = Struct.new(:ways, :prices, :need, :ratio, :ratio_why, :comparables, :market, keyword_init: true) do
        # What to ask: the market's answer, and only where it has none what is needed. Minor units or nil.
        def suggested = market ? market.best.steps.first.first : need
      end
      # What a piece stands for on the market. value: Core::Market::Model::Value; answer: Positions::Answer;
      # programme: Core::Market::Model::Programme.
      Standing = Struct.new(:value, :answer, :programme, keyword_init: true) do
        def best = programme.best_course

        # The one that begins with a price.
        def course(price) = programme.courses.find { |one| one.steps.first.first == price }

        # Prices that do nearly as well, [from, to]: within so much of what the best is worth.
        def flat(within = 0.02)
          near = programme.courses.select do |course|
            course.worth >= best.worth - (best.worth.abs * within)
          end.map { |course| course.steps.first.first }
          near.minmax
        end
      end
      # What a price brings: take_home, profit: minor units; hourly: minor units an hour or nil; course:
      # Core::Market::Model::Projection or nil; outlook: Core::Market::Outlook::Answer by own listings alone, or nil.
      At = Struct.new(:price, :take_home, :profit, :hourly, :steps, :outlook, :time, :course, keyword_init: true)
      OWN = 200 # latest own sales of a kind that are looked at

      extend Support::Refusing

      extend self

      # price: minor units that are to be among those looked at. Returns Scale.
      def scale(piece, price: nil, flip: Flips::FlipRecords.of(piece))
        workshop = Support::Workshop.current
        prices = flip.prices(workshop)
        ratio, why = Core::Market::Comparables.ratio(TimeToSell.sale_to_ask_ratios)
        rows = comparables(piece)
        core = Core::Market::Comparables.new(rows.map { |row| comparable(row) }, ratio: ratio)
        methods = Core::Market::PriceMethods.new(prices: prices, comparables: core, ratio_why: why, own: own(piece), today: Support::Workshop.today,
                                                 newest: rows.map(&:seen_on).max, new_price: piece.new_price_minor)
        Scale.new(ways: methods.rows, prices: prices, need: need(prices, workshop), ratio: ratio, ratio_why: why, comparables: rows,
                  market: market(piece, price || piece.summary.asking_minor, seen: rows.select do |row|
                    row.piece_id == piece.id
                  end, cost: prices.amount(:break_even)))
      end

      # Standing of a piece as it would be listed from today on; nil where nothing tells its value.
      def market(piece, price = nil, seen: Comparables.of(piece), cost: nil)
        value = Values.of(piece, seen: seen) or return
        answer = Positions.of(value, asking: price, cost: cost)
        Standing.new(value: value, answer: answer, programme: Positions.programme(answer))
      end

      # What a price would bring. price: minor units. Returns At.
      def at(piece, price, scale: self.scale(piece, price: price), flip: Flips::FlipRecords.of(piece))
        brings = brings(piece, price, flip)
        course = scale.market&.course(price)
        steps = course ? dated(course.steps) : planned(price, scale.prices)
        time = TimeToSell.time(piece.kind)
        At.new(price: price, take_home: brings.take_home, profit: brings.profit, hourly: brings.hourly, steps: steps, time: time, course: course,
               outlook: TimeToSell.outlook(time, price, steps, scale.ratio))
      end

      # What each price that may be asked brings an hour, minor units or nil, in the order of the programme's
      # courses. Profit: what is left of the money it brings on average, less all that is in it and still to come.
      def earnings(piece, scale, flip: Flips::FlipRecords.of(piece))
        cash_in = flip.money_in.figure.amount
        seconds = Flips::ToCome.all_seconds(piece, flip.work.by(Support::Workshop.current.hours_rule))
        scale.market.programme.courses.map do |course|
          profit = cash_in && (course.net.round - cash_in - piece.cost_to_come_minor.to_i)
          [profit, Core::Flips::HourlyPay.of(profit, seconds)]
        end
      end

      # Core::Market::NeedAndFetch at the likely price; nil where nothing tells it. fetch: [low, middle, high] as
      # people say it, or nil; prices: what cost and pay ask for.
      def need_and_fetch(piece, prices: nil, flip: Flips::FlipRecords.of(piece))
        standing = Standings.of(piece)
        fetch = standing&.likely or return

        prices ||= flip.prices(Support::Workshop.current)
        Core::Market::NeedAndFetch.new(fetch: fetch, need: prices.amount(:target) || prices.amount(:floor),
                                       break_even: prices.amount(:break_even), at: fetch[1], pay: standing.pay_when_finished,
                                       text: Support::Workshop.current.amounts)
      end

      # Steps down from the first of them: [[Date, minor units]], [price, days] given.
      def dated(steps)
        day = Support::Workshop.today
        steps.each_cons(2).map { |(_, days), (minor, _)| [day += days.to_i, minor] }
      end

      # Steps down by the house rules alone, where nothing tells the value: [[Date, minor units]].
      def planned(price, prices, workshop = Support::Workshop.current)
        Core::Market::AskingPrice.steps(price, floor: prices.amount(:floor) || prices.amount(:break_even), from: Support::Workshop.today,
                                               every: workshop.step_days,
                                               by: Rational(workshop.step_hundredths, 10_000))
      end

      # given: {"asking", "why"?, "channel"?, "list"?}: list offers it at that price from today, with its steps.
      # Returns the decision.
      def decide(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          params = Support::Params.new(given, Support::Workshop.current)
          asking = params.money(:asking, required: true)
          params.text(:why, max: 300)
          values = params.done!
          decision = Records::PriceDecision.create!(piece: piece, asking_minor: asking, why: values[:why], decided_on: Support::Workshop.today)
          Flips::Changes.write(piece, "price", ["Price decided: #{money(asking)}.", values[:why]].compact.join(" "))
          offer(piece, asking, given) if given["list"]
          decision
        end
      end

      def decisions(piece) = Records::PriceDecision.live.where(piece: piece).order(id: :desc).to_a

      # What the look would cost bought new. given: {"price"}, empty to forget.
      def set_new_price(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        params = Support::Params.new(given, Support::Workshop.current)
        params.money(:price)
        price = params.done![:price_minor]
        refuse(:cannot_cost_nothing, field: :price) if price&.zero?

        piece.update_columns(new_price_minor: price, updated_at: Clock.now)
        piece
      end

      # Plans the steps down again.
      def replan(piece, asking)
        Records::PriceStep.live.where(piece: piece, state: "planned").destroy_all
        at(piece, asking).steps.each { |day, minor| Records::PriceStep.create!(piece: piece, due_on: day, asking_minor: minor) }
      end

      def comparables(piece)
        piece.kind ? Records::Comparable.live.where(kind_key: piece.kind_key).order(seen_on: :desc, id: :desc).to_a : []
      end

      # What own pieces of its kind brought, the latest first.
      def own(piece)
        sold = Records::FlipSummary.where(live: true,
                                          stage: "sold").where.not(piece_id: piece.id).where.not(receipts_minor: nil)
        sold.joins(:piece).where(pieces: { kind_key: piece.kind_key }).order(ended_on: :desc).limit(OWN).pluck(:receipts_minor)
      end

      private

      # Core::Market::AtPrice of a price that is got.
      def brings(piece, price, flip)
        workshop = Support::Workshop.current
        Core::Market::AtPrice.new(price: price, fee_rate: workshop.fee_rate, fixed: workshop.selling_minor,
                                  cash_in: flip.money_in.figure.amount, to_come: piece.cost_to_come_minor.to_i,
                                  seconds: Flips::ToCome.all_seconds(piece, flip.work.by(workshop.hours_rule)))
      end

      # Lists it, or changes its price; steps that were planned before give way to those from this price.
      def offer(piece, asking, given)
        listed = Flips::Flip.core_events(piece.events).any? { |event| event.kind == :listed }
        price = { "asking" => Core::Units::MoneyText.plain(asking, Support::Workshop.current.money), "on" => Support::Workshop.today.iso8601,
                  "channel" => given["channel"].to_s, **given.slice("open_steps") }
        Flips::Events.create(piece.id, { "kind" => listed ? "price_changed" : "listed", **price })
        replan(piece.reload, asking)
      end

      # What cost and pay ask for, with room for haggling, on an ending of the house.
      def need(prices, workshop)
        target = prices.amount(:target) || prices.amount(:floor) || prices.amount(:break_even) or return
        Core::Market::AskingPrice.over(target, haggle: Rational(workshop.haggle_hundredths, 10_000), ending: workshop.price_ending,
                                               unit: workshop.money.unit)
      end

      def comparable(row)
        Core::Market::Comparables::One.new(price: row.price_minor, sold: row.sold, likeness: row.likeness,
                                           seen_on: row.seen_on)
      end

      def money(minor) = Support::Workshop.current.amounts.price(minor)
    end
  end
end
