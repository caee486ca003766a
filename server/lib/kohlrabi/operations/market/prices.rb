# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # The price of a piece: all ways of finding one, what a price would bring, and the decision with its reason.
      module Prices
        # ways: Array of Core::Market::PriceMethods::Row; suggested: minor units or nil; ratio: what is got of what is asked.
        Scale = Struct.new(:ways, :prices, :suggested, :ratio, :ratio_why, :comparables, keyword_init: true)
        # What a price brings: take_home, profit: minor units; hourly: minor units an hour or nil; outlook: Core::Market::Outlook::Answer or nil.
        At = Struct.new(:price, :take_home, :profit, :hourly, :steps, :outlook, :time, keyword_init: true)
        OWN = 200 # latest own sales of a kind that are looked at

        extend Support::Refusing

        module_function

        # Returns Scale.
        def scale(piece)
          workshop = House::WorkshopSettings.workshop
          prices = Flips::FlipRecords.of(piece).prices(workshop)
          ratio, why = Core::Market::Comparables.ratio(TimeToSell.sale_to_ask_ratios)
          rows = comparables(piece)
          core = Core::Market::Comparables.new(rows.map { |row| comparable(row) }, ratio: ratio)
          methods = Core::Market::PriceMethods.new(prices: prices, comparables: core, ratio_why: why, own: own(piece), today: House::WorkshopSettings.today,
                                                   newest: rows.map(&:seen_on).max, new_price: piece.new_price_minor)
          Scale.new(ways: methods.rows, prices: prices, suggested: suggested(prices, workshop), ratio: ratio, ratio_why: why, comparables: rows)
        end

        # What a price would bring. price: minor units. Returns At.
        def at(piece, price, scale: self.scale(piece))
          workshop = House::WorkshopSettings.workshop
          flip = Flips::FlipRecords.of(piece)
          brings = Core::Market::AtPrice.new(price: price, fee_rate: workshop.fee_rate, fixed: workshop.selling_minor,
                                             cash_in: flip.money_in.figure.amount, to_come: piece.cost_to_come_minor.to_i,
                                             seconds: flip.work.by(workshop.hours_rule).to_i + piece.seconds_to_come.to_i)
          steps = planned(price, scale.prices, workshop)
          time = TimeToSell.time(piece.kind)
          At.new(price: price, take_home: brings.take_home, profit: brings.profit, hourly: brings.hourly, steps: steps, time: time,
                 outlook: TimeToSell.outlook(time, price, steps, scale.ratio))
        end

        # Steps down as planned by the house rules: [[Date, minor units]].
        def planned(price, prices, workshop = House::WorkshopSettings.workshop)
          Core::Market::AskingPrice.steps(price, floor: prices.amount(:floor) || prices.amount(:break_even), from: House::WorkshopSettings.today,
                                                 every: workshop.step_days,
                                                 by: Rational(workshop.step_hundredths, 10_000))
        end

        # given: {"asking", "why"?, "channel"?, "list"?}: list offers it at that price from today, with its steps. Returns the decision.
        def decide(piece_id, given)
          Records::Base.transaction do
            piece = Support::Finder.find(Records::Piece, piece_id)
            params = Support::Params.new(given, House::WorkshopSettings.workshop)
            asking = params.money(:asking, required: true)
            params.text(:why, max: 300)
            values = params.done!
            decision = Records::PriceDecision.create!(piece: piece, asking_minor: asking, why: values[:why], decided_on: House::WorkshopSettings.today)
            Flips::Changes.write(piece, "price", ["Price decided: #{money(asking)}.", values[:why]].compact.join(" "))
            offer(piece, asking, given) if given["list"]
            decision
          end
        end

        def decisions(piece) = Records::PriceDecision.live.where(piece: piece).order(id: :desc).to_a

        # What the look would cost bought new. given: {"price"}, empty to forget.
        def set_new_price(piece_id, given)
          piece = Support::Finder.find(Records::Piece, piece_id)
          params = Support::Params.new(given, House::WorkshopSettings.workshop)
          params.money(:price)
          price = params.done![:price_minor]
          refuse(:cannot_cost_nothing, field: :price) if price&.zero?

          piece.update_columns(new_price_minor: price, updated_at: Clock.now)
          piece
        end

        # Lists it, or changes its price; steps that were planned before give way to those from this price.
        def offer(piece, asking, given)
          listed = Flips::Flip.core_events(piece.events).any? { |event| event.kind == :listed }
          price = { "asking" => Core::Units::MoneyText.plain(asking, House::WorkshopSettings.workshop.money), "on" => House::WorkshopSettings.today.iso8601,
                    "channel" => given["channel"].to_s, **given.slice("open_steps") }
          Flips::Events.create(piece.id, { "kind" => listed ? "price_changed" : "listed", **price })
          replan(piece.reload, asking)
        end
        private_class_method :offer

        # Plans the steps down anew.
        def replan(piece, asking)
          Records::PriceStep.live.where(piece: piece, state: "planned").destroy_all
          planned(asking, Flips::FlipRecords.of(piece).prices(House::WorkshopSettings.workshop)).each do |day, minor|
            Records::PriceStep.create!(piece: piece, due_on: day, asking_minor: minor)
          end
        end

        def suggested(prices, workshop)
          target = prices.amount(:target) || prices.amount(:floor) || prices.amount(:break_even) or return
          Core::Market::AskingPrice.over(target, haggle: Rational(workshop.haggle_hundredths, 10_000), ending: workshop.price_ending,
                                                 unit: workshop.money.unit)
        end
        private_class_method :suggested

        def comparables(piece) = piece.kind ? Records::Comparable.live.where(kind_key: piece.kind_key).order(seen_on: :desc, id: :desc).to_a : []

        def comparable(row)
          Core::Market::Comparables::One.new(price: row.price_minor, sold: row.sold, likeness: row.likeness, seen_on: row.seen_on)
        end
        private_class_method :comparable

        # What own pieces of its kind brought, the latest first.
        def own(piece)
          sold = Records::FlipSummary.where(live: true, stage: "sold").where.not(piece_id: piece.id).where.not(receipts_minor: nil)
          sold.joins(:piece).where(pieces: { kind_key: piece.kind_key }).order(ended_on: :desc).limit(OWN).pluck(:receipts_minor)
        end

        def money(minor) = Core::Units::MoneyText.text(minor, House::WorkshopSettings.workshop.money)
        private_class_method :money
      end
    end
  end
end
