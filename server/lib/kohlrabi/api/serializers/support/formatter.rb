# frozen_string_literal: true

module Api
  module Serializers
    module Support
      # Puts the core's values into the shapes of the contract, in the workshop's currency and units.
      class Formatter
        ELEVATIONS = Operations::Support::LruCache.new(400) # what lists show over and over

        attr_reader :workshop

        def initialize(workshop)
          @workshop = workshop
          @currency = workshop.money
          @amounts = workshop.amounts
        end

        # For sentences: Core::Units::MoneyWriter.
        attr_reader :amounts

        # Recorded money. bare: without its symbol, for a column whose heading has it.
        def money(minor) = minor && shown(minor, amounts.exact(minor))

        # As #money, shown as an estimate, as a limit in whole units, as a price, or as what an hour or a day pays.
        def about(minor) = minor && shown(minor, amounts.about(minor))
        def at_most(minor) = minor && shown(minor, amounts.at_most(minor))
        def at_least(minor) = minor && shown(minor, amounts.at_least(minor))
        def price(minor) = minor && shown(minor, amounts.price(minor))
        def rate(minor) = minor && shown(minor, amounts.rate(minor))

        def day(date)
          date && { iso: date.iso8601, text: Core::Units::Calendar.near(date, today: today, country: workshop.country.presence) }
        end

        def effort(seconds)
          seconds && { seconds: seconds, text: Core::Units::Effort.text(seconds) }
        end

        # As #effort, for estimated work.
        def estimate(seconds)
          seconds && { seconds: seconds, text: Core::Units::Effort.about(seconds) }
        end

        # The shares of a cost or of a stretch of work. Made by hand: a piece may have hundreds, and a resource for
        # each is slow.
        def shares(shares)
          shares.map do |share|
            { piece_id: share.piece_id, weight: share.weight, ticket: share.piece.ticket_text, name: share.piece.name,
              amount: (money(share.amount_minor) if share.is_a?(Records::CostShare)),
              effort: (effort(share.seconds) if share.is_a?(Records::WorkShare)) }
          end
        end

        # As it would be typed into a form; empty where not known.
        def typed_money(minor) = Core::Units::MoneyText.plain(minor, @currency).to_s
        def typed_length(millimetres) = length(millimetres).to_s.sub(/ (mm|in)\z/, "")
        def typed_lengths(list) = list.to_s.split(",").map { |one| typed_length(one.to_f) }.join(", ")
        def yes_or_no(flag) = { true => "yes", false => "no", nil => "" }.fetch(flag)
        def typed_effort(seconds) = Core::Units::Effort.text(seconds).to_s

        def length(millimetres) = Core::Units::Length.text(millimetres, unit: workshop.length_unit)

        # A Figure with the terms it came from, to any depth.
        def figure(figure)
          said = { key: figure.key.to_s, label: figure.label, unit: figure.unit.to_s, text: figure.text(@currency),
                   sentence: figure.sentence(@currency), why: figure.why,
                   terms: figure.terms.map { |term| { sign: term.sign, figure: figure(term.figure) } } }
          said[:minor] = figure.amount.round if figure.amount && %i[money hourly].include?(figure.unit)
          said
        end

        # How the marks of a price tape are shown; prices where not listed.
        TAPE = { cash_in: :exact, break_even: :at_least, floor: :at_least, target: :at_least, fetch_low: :about, value: :about,
                 fetch_high: :about, most: :at_most, walk_away: :at_most, resale: :about }.freeze

        def tape(tape)
          low, high = %i[fetch_low fetch_high].map { |key| tape.marks.find { |mark| mark[:key] == key }&.fetch(:amount) }
          { step: tape.step, length: tape.length, likely: low && high && amounts.between(low, high),
            steps: (0..tape.length).step(tape.step).map { |minor| whole(minor) },
            marks: tape.marks.map do |mark|
              way = TAPE.fetch(mark[:key], :price)
              { key: mark[:key].to_s, label: mark[:label], minor: mark[:amount], text: amounts.public_send(way, mark[:amount]) }
            end }
        end

        # An amount of a product in the house's measures; row: of Core::Shelf::Products.
        def amount(amount, row) = Core::Shelf::Amount.text(amount, row, unit: workshop.length_unit)
        def packs(packs, row) = Core::Shelf::Amount.packs(packs, row, unit: workshop.length_unit)
        def typed_amount(amount, row, **how) = Core::Shelf::Amount.typed(amount, row, unit: workshop.length_unit, **how)

        # In whole millilitres and grams from ten on: nobody reads a tin to the hundredth.
        def whole_amount(number, row)
          whole = number >= 10 && %w[ml g].include?(row[:unit]) && workshop.length_unit == "mm"
          amount(whole ? number.round : number, row)
        end

        # An amount with its unit, as one would type it.
        def typed_size(number, row)
          text = typed_amount(number, row)
          text.match?(/[a-z]/) || row[:unit] == "pcs" ? text : "#{text} #{row[:unit]}"
        end

        # A material by its name and the swatch of its colour.
        def material(row) = { product: row[:key], label: row[:label], swatch: row[:colour]&.hex }

        # Median and quartiles with their n. The block puts a value into words, as a number where there is none.
        def quartiles(summary)
          { n: summary[:n], **summary.slice(:median, :lower, :upper).transform_values do |value|
            value && (block_given? ? yield(value) : number(value))
          end }
        end

        # A Rational, with one decimal where it is not whole.
        def number(value) = value && Core::Units::Numerals.text(value, value.denominator == 1 ? 0 : 1)
        def percent(share) = "#{Core::Units::Numerals.text(share * 100, 0)}%"

        # For a chart: in major units.
        def major(minor) = minor && (minor / @currency.unit.to_f)

        # °C: "9.3 °C", "48.7 °F".
        def degrees(celsius) = Core::Units::Measures.temperature(celsius, unit: workshop.length_unit)

        def area(square) = Core::Units::Square.text(square, unit: workshop.length_unit)
        def typed_area(square) = area(square).to_s.sub(/ \S+\z/, "")

        # Minutes of waiting: "45 min", "2 h", "overnight (12 h)", "3 days".
        def wait(minutes)
          return "overnight (12 h)" if minutes == 720
          return "#{minutes / 1440} #{minutes == 1440 ? 'day' : 'days'}" if minutes >= 1440 && (minutes % 1440).zero?

          Core::Units::Effort.text(minutes * 60)
        end

        # When a plan can be ready, with the days when all goes well and when it does not; or why nobody can say.
        def ready(answer)
          { on: day(answer.on), early: day(answer.early), late: day(answer.late), why: answer.why }
        end

        # A front view (Operations::Planning::Drawing::View) in the workshop's units.
        def drawing(view)
          measured = ELEVATIONS.of([view.elevation.object_id, workshop.length_unit]) { measured(view.elevation) }
          { **measured, planned: view.finishes.map(&:to_h), body_colour: view.body_colour, front_colour: view.front_colour }
        end

        LANES = { waiting: "waiting", bench: "on the bench", market: "for sale" }.freeze

        def strip(turnaround, ended:)
          parts = turnaround.strip.map do |part|
            days = part[:to] - part[:from]
            { lane: part[:lane].to_s, from: part[:from], to: part[:to],
              label: "#{LANES.fetch(part[:lane])} #{days} #{days == 1 ? 'day' : 'days'} from #{Core::Units::Calendar.text(part[:first_day])}" }
          end
          description = parts.map { |part| part[:label] }.join(", ").presence
          { parts: parts, days: turnaround.days_held, ended: ended,
            description: description || "Days unknown: the date you bought it or the end date is missing" }
        end

        private

        def today = @today ||= Operations::Support::Workshop.today

        # What a drawing shows of the shape alone, with its measures in words.
        def measured(elevation)
          to_scale = elevation.to_scale?
          { width: elevation.width, height: elevation.height, to_scale: to_scale, parts: elevation.parts,
            description: elevation.description(unit: workshop.length_unit),
            width_text: (length(elevation.width) if to_scale), height_text: (length(elevation.height) if to_scale) }
        end

        # A step of a scale: without decimals.
        def whole(minor)
          { minor: minor, text: Core::Units::Numerals.scaled_text(minor / @currency.unit, 0) }
        end

        def shown(minor, text)
          { minor: minor.round, text: text, bare: text.sub(@currency.symbol, "").delete(Core::Units::Currency::NARROW), typed: typed_money(minor) }
        end
      end
    end
  end
end
