# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # Everything about one piece, as the contract's Piece.
      class PiecePage < Support::Page
        FIELDS = %w[name kind source notes body_colour front_colour drawer_rows maker label_found made_about body_material surface_material base
                    top_shape door_style front upper_style].freeze
        COUNTS = %w[doors shelves inner_shelves compartments upper_doors units].freeze
        DAYS = %w[bought_on promised_on].freeze
        MONEY = %w[purchase sundries cost_to_come expected_resale].freeze
        LENGTHS = %w[width depth height leg leaf upper_height upper_depth].freeze

        shows :line, :fields, :budget, :standing, :worth, :need_and_fetch, :events
        attributes :id, :lock_version
        attribute(:ticket, &:ticket_text)
        attribute(:stage) { @flip.chain.stage }
        attribute(:drawing) { @formatter.drawing(Operations::Planning::Drawing.view(@piece)) }
        attribute(:shape) { Planning::Shape.present(Operations::Planning::Shapes.of(@piece), @formatter) }
        attribute(:open_steps) { Operations::Planning::Settling.open_steps(@piece).size }
        attribute(:planned) { @piece.looks.any?(&:chosen) }
        attribute(:strip) { @formatter.strip(@turnaround, ended: @flip.chain.ended?) }
        attribute(:dates) { dates }
        attribute(:figures) { said(@statement.figures) }
        attribute(:other_hours) { said([@statement.hours(other), @statement.hourly_pay(other)]) }
        attribute(:turnaround) { said([*@turnaround.parts, @turnaround.whole]) }
        attribute(:prices) { said(@prices) }
        attribute(:tape) { @formatter.tape(tape) }
        attribute(:possible_events) { possible }
        attribute(:costs) { Flips::Cost.present(recorded[:costs], @formatter) }
        attribute(:work) { Flips::Work.present(recorded[:work], @formatter) }
        Origins::NAMES.each { |name| attribute(name) { origins.fetch(name) } }

        # piece: Records::Piece; formatter: Formatter.
        def initialize(piece, formatter)
          super
          @piece = piece
          @workshop = formatter.workshop
          @flip = Operations::Flips::FlipRecords.of(piece)
          @statement = @flip.statement(@workshop.hours_rule, overhead: @workshop.overhead_minor)
          @today = @workshop.date_of(Clock.now)
          @turnaround = @flip.turnaround(@today)
          @needs = @flip.prices(@workshop)
          @prices = @needs.figures
        end

        # Where it stands, how it came, how large it is: in one line.
        def line
          source = @piece.source && "from #{@piece.source}"
          [where, "bought #{[short(@piece.bought_on), source, paid].compact.join(' ')}", size].compact.join(" · ")
        end

        # Each field as it would be typed.
        def fields
          { **[*FIELDS, *COUNTS].to_h { |name| [name, @piece[name].to_s] }, **DAYS.to_h do |name|
            [name, @piece[name]&.iso8601.to_s]
          end,
            **MONEY.to_h { |name| [name, @formatter.typed_money(@piece["#{name}_minor"])] },
            **LENGTHS.to_h { |name| [name, @formatter.typed_length(@piece["#{name}_mm"])] },
            "row_heights" => @formatter.typed_lengths(@piece.row_heights),
            "hours_to_come" => @formatter.typed_effort(@piece.seconds_to_come), "techniques" => Operations::Flips::Techniques.text(@piece) }
        end

        private

        def other = @statement.other_rule
        def said(figures) = figures.map { |figure| @formatter.figure(figure) }

        def paid
          minor = @piece.purchase_minor or return "at an unknown price"
          minor.zero? ? "for free" : "for #{@formatter.amounts.price(minor)}"
        end

        def where
          return @flip.chain.stage if @flip.chain.ended?

          part = @turnaround.parts.reverse.find(&:amount)
          began = @turnaround.strip.last&.dig(:first_day)
          return @flip.chain.stage unless part && began

          days = (@today - began).to_i
          stands = { "bought" => "waiting" }.fetch(@flip.chain.stage, @flip.chain.stage)
          "#{stands} #{days.zero? ? 'since today' : "for #{Core::Units::Numerals.counted(days, 'day')}"}"
        end

        def size
          known = %i[width_mm depth_mm height_mm].filter_map { |name| @piece[name] }
          "#{known.map { |mm| @formatter.typed_length(mm) }.join(' × ')} #{@workshop.length_unit}" if known.size > 1
        end

        def short(date) = Core::Units::Calendar.short(date, today: @today)

        # The dates under the days strip; while it is in work, the day it can be ready.
        def dates
          @turnaround.dates.map { |day, on, event| { day: day, text: "#{short(on)} #{event.label.downcase}" } }
        end

        def standing = Market::Standing.present(place, @formatter)
        def place = @place ||= Operations::Market::Standings.of(@piece)
        def fetch = place&.likely

        # The likely price, and what that earns an hour: while it is in hand.
        def need_and_fetch
          both = Operations::Market::Prices.need_and_fetch(@piece, prices: @needs, flip: @flip)
          both && { state: both.state.to_s, sentences: both.sentences }
        end

        # What is in it, what cost and pay ask for, and, while it is in hand, the likely price.
        def tape
          amounts = @prices.to_h { |figure| [figure.key, figure.amount] }
          low, middle, high = fetch
          Core::Market::PriceTape.new({ fetch_low: low, value: middle, fetch_high: high, **amounts, cash_in: @statement.cash_in.amount,
                                        asking: @flip.asking, sold: @flip.sale&.price }, unit: @workshop.money.unit)
        end

        # Whether it was worth it, once it is sold or lost.
        def worth
          found = Operations::Books::WorthIt.of(@piece, @statement, @workshop) or return
          { verdict: found.verdict.to_s, text: found.text, why: found.why }
        end

        # What the piece still bears, and what each way to go on pays; nil once it has ended.
        def budget
          return if @flip.chain.ended?

          budget = Operations::Market::Budgets.of(@piece, workshop: @workshop) or return
          ways = budget.ways.map do |way|
            { label: way.label, take: @formatter.about(way.brings), time: @formatter.estimate(way.seconds),
              pay: way.pay && @formatter.rate(way.pay), why: way.why }
          end
          { left: @formatter.figure(budget.left), hours: @formatter.figure(budget.budget),
            to_come: @formatter.estimate(place.work_left), worked: @formatter.effort(budget.worked),
            bears: @formatter.estimate(budget.bears), short: budget.short?,
            out: budget.out?, ways: ways }
        end

        # The chain as it stands: recorded events, with the purchase before them and first work read off the hours.
        def events
          recorded = @piece.events.to_a
          @flip.chain.events.map do |event|
            row = recorded.find do |record|
              record.kind == event.kind.to_s && record.happened_on == event.on && record.position == event.position
            end
            row ? Flips::Event.present(row, @formatter) : read_off(event)
          end
        end

        def read_off(event)
          { id: nil, piece_id: @piece.id, kind: event.kind.to_s, label: event.label, on: @formatter.day(event.on),
            recorded: event.kind == :bought, set_id: nil, asking: nil, channel: nil, sale: nil, refund: nil }
        end

        def possible
          Operations::Flips::Events.possible(@flip.chain).map { |kind| { key: kind, label: Operations::Flips::Events::KINDS.fetch(kind) } }
        end

        def recorded = @recorded ||= Operations::Flips::Pieces.costs_and_work(@piece)
        def origins = @origins ||= Origins.new(@piece, @flip, @formatter).to_h.symbolize_keys
      end
    end
  end
end
