# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # Pricing a piece: what each way to a price says, and what one price would bring.
      class PricingPage < Support::Page
        shows :at, :tape, :suggested_why, :need, :value, :best, :curve, :need_and_fetch, :from_here, :standing
        attribute(:suggested) { @formatter.price(@scale.suggested) }
        attribute(:methods) { @scale.ways.map { |row| way(row) } }
        attribute(:ratio_why) { @scale.ratio_why }
        attribute(:new_price) { |piece| @formatter.typed_money(piece.new_price_minor) }
        attribute(:comparables) { Comparable.present(@scale.comparables, @formatter) }
        attribute(:decisions) { |piece| PriceDecision.present(Operations::Market::Prices.decisions(piece), @formatter) }
        attribute(:open_steps) { |piece| Operations::Planning::Settling.open_steps(piece).size }
        attribute(:listed) { |piece| piece.summary.stage == "listed" }

        # piece: Records::Piece; price: minor units to weigh, or nil for the one asked, else the suggested one.
        def initialize(piece, formatter, price: nil)
          super(piece, formatter)
          @flip = Operations::Flips::FlipRecords.of(piece)
          @scale = Operations::Market::Prices.scale(piece, price: price, flip: @flip)
          @price = price || piece.summary.asking_minor || @scale.suggested
        end

        private

        def way(row)
          { key: row.key.to_s, label: row.label, low: @formatter.about(row.low), mid: @formatter.about(row.mid),
            high: @formatter.about(row.high), n: row.n,
            why: row.why, trust: row.trust }
        end

        def suggested_why
          return "covers #{need_why}" unless @scale.market

          "earns you the most, counting #{@formatter.amounts.rate(@scale.market.answer.day.minor)} a day for the space it takes"
        end

        # What cost and pay ask for.
        def need = { price: @formatter.price(@scale.need), why: need_why }

        def need_why
          house = @formatter.workshop
          ending = Core::Market::AskingPrice::ENDINGS.fetch(house.price_ending).first
          rounded = ", rounded up to end in #{ending}" unless house.price_ending == "none"
          "your target price plus #{Operations::Support::Percent.text(house.haggle_hundredths)}% room to haggle#{rounded}"
        end

        # The likely price, and who says so.
        def value
          market = @scale.market or return
          standing = Operations::Market::Fits.standing
          words = Core::Market::ValueWords.new(market.value, got: standing.got)
          low, middle, high = likely
          day = market.answer.day
          { low: @formatter.about(low), middle: @formatter.about(middle), high: @formatter.about(high), sentence: words.sentence,
            current: standing.current, asked: @formatter.about(market.value.middle), got: standing.got.text,
            day: { worth: @formatter.rate(day.minor), why: day.why }, slope: slope(market.answer.position),
            sources: words.lines.map do |line|
              { key: line.key, label: line.label, share: line.share, says: @formatter.about(line.says), words: line.words }
            end }
        end

        # How the chance of sale falls with the price, in words.
        def slope(position)
          fall = 1 - Core::Market::Model::DemandCurve.phi(Math.log(1.1), position.beta)
          sales = Operations::Market::Fits.standing.fit.sold
          behind = sales.zero? ? "a built-in guess" : "from #{Core::Units::Numerals.counted(sales, 'sale')} of yours and a built-in guess"
          "Asking 10% more makes a sale on any day about #{Core::Units::Numerals.chance(fall)} less likely (#{behind})."
        end

        def best
          market = @scale.market or return
          from, to = market.flat
          near = "Anything from #{@formatter.amounts.price(from)} to #{@formatter.amounts.price(to)} does nearly as well." unless from == to
          { **course(market.best), flat: near,
                                   steps: Operations::Market::Prices.dated(market.best.steps).map { |day, minor| step(day, minor) } }
        end

        # Of each price that may be asked: what comes of it.
        def curve
          market = @scale.market or return []
          earned = Operations::Market::Prices.earnings(object, @scale, flip: @flip)
          market.programme.courses.zip(earned).map do |one, (profit, hourly)|
            { **course(one), profit: @formatter.about(profit), hourly: @formatter.rate(hourly),
                             worth: @formatter.about(one.worth) }
          end
        end

        def course(one)
          { price: @formatter.price(one.steps.first.first), money: @formatter.about(one.money), days: one.days.round,
            after: Core::Units::Calendar.about(one.days), **within(one) }
        end

        # The chance that it is sold by then: in percent for tables, and for a sentence.
        def within(one)
          { 30 => "30", 90 => "90" }.flat_map do |days, name|
            share = one.within(days)
            [[:"within#{name}", (share * 100).round], [:"chance#{name}", Core::Units::Numerals.chance(share)]]
          end.to_h
        end

        def need_and_fetch
          found = both or return
          { state: found.state.to_s, sentences: found.sentences }
        end

        # Where the hours ask for more than it fetches: what each way to go on pays from here.
        def from_here
          return [] unless @scale.market && both && %i[short loss].include?(both.state)

          Operations::Market::Budgets.of(object, workshop: @formatter.workshop).ways.map do |way|
            { label: way.label, brings: @formatter.about(way.brings), effort: @formatter.estimate(way.seconds), pay: @formatter.rate(way.pay),
              why: way.why }
          end
        end

        def place = @place ||= Operations::Market::Standings.of(object)
        def standing = Market::Standing.present(place, @formatter)

        # [low, middle, high]: as it stands on every page while it is in hand.
        def likely
          place&.likely || Core::Market::ValueWords.new(@scale.market.value, got: Operations::Market::Fits.standing.got)
                                                   .fetch_said(@formatter.workshop.money.unit)
        end

        def both
          @both ||= @scale.market && Operations::Market::Prices.need_and_fetch(object, prices: @scale.prices,
                                                                                       flip: @flip)
        end

        def weighed = @weighed ||= @price && Operations::Market::Prices.at(object, @price, scale: @scale, flip: @flip)
        def step(day, minor) = { on: @formatter.day(day), asking: @formatter.price(minor) }

        def at
          at = weighed or return
          { price: @formatter.price(at.price), take_home: @formatter.about(at.take_home),
            profit: @formatter.about(at.profit), hourly: @formatter.rate(at.hourly),
            days: at.outlook&.days&.round, expected: @formatter.about(at.outlook&.money), left: at.outlook && percent(at.outlook.left),
            time: at.time.survival&.text, time_why: at.time.why, course: at.course && course(at.course),
            steps: at.steps.map { |day, minor| step(day, minor) } }
        end

        def percent(share) = "#{Core::Units::Numerals.text(share * 100, 0)}%"

        # The tape: what cost and pay ask for, the likely price, and the price that is weighed.
        def tape
          amounts = %i[break_even floor target].to_h { |key| [key, @scale.prices.amount(key)] }
          if @scale.market
            low, middle, high = likely
            amounts = { fetch_low: low, value: middle, fetch_high: high, **amounts }
          end
          @formatter.tape(Core::Market::PriceTape.new(amounts.merge(asking: @price),
                                                      unit: @formatter.workshop.money.unit))
        end
      end

      # What a piece is offered with, and where: as the contract has it.
      class ListingPage < Support::Page
        shows :texts, :staging
        attribute(:flaws) { Operations::Market::Listings.flaws(@piece) }
        attribute(:notes) { Operations::Market::Listings.notes(@piece) }
        attribute(:photos) { Flips::Photo.present(Operations::Market::Listings.photos(@piece), @formatter) }
        attribute(:price) { @formatter.price(@price) }
        attribute(:channels) { @price ? ListingPage.channels(@formatter, @price, days) : [] }

        # piece: Records::Piece; price: minor units at which channels are compared; the asking price, else the suggested
        # one.
        def initialize(piece, formatter, price: nil)
          super(piece, formatter)
          @piece = piece
          @price = price || piece.summary.asking_minor || Operations::Market::Prices.scale(piece).suggested
        end

        # days: expected to stand, nil where not known.
        def self.channels(formatter, price, days)
          Operations::Market::Channels.at(price, days).map { |line| channel(formatter, line) }
        end

        def self.channel(formatter, line)
          rent = line.answer.rent_a_day
          number = ->(value) { value && Core::Units::Numerals.text(value, value.denominator == 1 ? 0 : 1) }
          { id: line.row&.id, name: line.name, take_home: formatter.figure(line.answer.take_home),
            rent_a_day: formatter.rate(rent.zero? ? nil : rent),
            sold: line.sold, days: number.call(line.days), got: line.got && "#{Core::Units::Numerals.text(line.got * 100, 0)}%",
            habits: line.habits.to_s, usual: line.usual, typed: line.row && typed(formatter, line.row) }
        end

        # As it would be typed into a form.
        def self.typed(formatter, row)
          { name: row.name, fee: Operations::Support::Percent.text(row.fee_hundredths), fixed_fee: formatter.typed_money(row.fixed_fee_minor),
            rent: formatter.typed_money(row.rent_minor(Operations::Support::Workshop.today).then do |minor|
              minor if minor.positive?
            end), rent_from: "", places: row.places.to_s,
            delivery: formatter.typed_money(row.delivery_minor), habits: row.habits.to_s }
        end

        private

        def texts
          Operations::Market::Listings.texts(@piece).map do |length, (text, made, changed)|
            { length: length, label: Core::Market::Listing::LENGTHS.fetch(length), text: text, made: made, changed: changed }
          end
        end

        def staging
          Operations::Market::Listings.staging(@piece).map { |item| { key: item.key, label: item.label, done: item.done, by_record: item.by == :record } }
        end

        def days = Operations::Market::TimeToSell.time(@piece.kind).survival&.median
      end
    end
  end
end
