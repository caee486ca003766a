# frozen_string_literal: true

module Formats
  # One row of a Flips CSV, read into what the records hold, with all that is wrong with it by column.
  class CsvFlip
    SAID = /\A\d+\s*(?:h|min|:)/i
    OUTCOMES = { "kept" => "kept", "given away" => "given_away", "scrapped" => "scrapped" }.freeze

    attr_reader :row, :name, :problems, :remarks, :seconds

    # row: number in the file (the header is 1); given: {column => text}; problem: why the row cannot be read at all.
    def initialize(row, given, problem:, currency:, today:, decimal:, dates:, unit: "mm")
      @row = row
      @given = given
      @currency = currency
      @today = today
      @decimal = decimal
      @dates = dates
      @unit = unit
      @problems = problem ? [problem] : []
      @remarks = []
      @name = given["name"].to_s
      @money = {}
      @dates_read = {}
      @sides = {}
      read unless problem
    end

    def bought_on = @dates_read["bought_on"]

    # Attributes of the piece. No sundries are added to imported flips.
    def piece
      { name: name, kind: text("kind"), source: text("source"), bought_on: bought_on, purchase_minor: @money["purchase"],
        **FlipsCsv::SIDES.to_h { |side| [:"#{side}_mm", @sides[side]] },
        notes: [text("notes"), ("Channel: #{text('channel')}" if channel_homeless?)].compact.join("\n").then do |notes|
          notes unless notes.empty?
        end }
    end

    # materials, hardware and other_costs become one line each; 0 is a line of 0, empty is none.
    def costs
      { "materials" => "Materials", "hardware" => "Hardware",
        "other_costs" => "Other costs" }.filter_map do |column, what|
        if @money[column]
          { what: what, category: column.delete_suffix("_costs"), amount_minor: @money[column],
            spent_on: nil }
        end
      end
    end

    # Array of {kind:, happened_on:, listing: | sale: | refund:}.
    def events
      @events ||= [dated("first_work", "started_on"), dated("ready", "ready_on"), listed, sold, outcome,
                   refunded].compact
    end

    # The row in short, for the list in the browser.
    def summary
      { bought_on: bought_on, purchase_minor: @money["purchase"], sold_on: @dates_read["sold_on"],
        sale_minor: @money["sale_price"], seconds: seconds }
    end

    private

    def read
      say("name", "It's empty.", "Every flip needs a name.") if name.empty?
      say("name", "It's longer than 120 characters.", "Shorten it.") if name.size > 120
      @money = FlipsCsv::MONEY.to_h { |column| [column, value(column) { |raw| Core::Units::MoneyText.parse(raw, currency: @currency, decimal: @decimal) }] }
      @dates_read = FlipsCsv::DATES.to_h { |column| [column, value(column) { |raw| date(raw, column) }] }
      @sides = FlipsCsv::SIDES.to_h { |side| [side, value(side) { |raw| Core::Units::Length.parse(raw, unit: @unit) }] }
      @seconds = value("hours") { |raw| hours(raw) }
      @outcome = value("outcome") { |raw| OUTCOMES[raw.downcase] or raise Core::Refusal.new(:not_an_outcome, given: raw) }
      check if problems.empty?
    end

    def value(column)
      raw = @given[column].to_s
      yield(raw) unless raw.empty?
    rescue Core::Refusal => e
      say(column, e.problem, e.remedy)
      nil
    end

    # Decimal hours, or as one says them: "8 h 30", "90 min".
    def hours(raw)
      Core::Units::Effort.parse_decimal_hours(raw, decimal: @decimal)
    rescue Core::Refusal => e
      raise e unless raw.match?(SAID)

      Core::Units::Effort.parse_week(raw)
    end

    def date(raw, column)
      order = raw.match?(/\A\d{4}-/) ? :iso : @dates
      Core::Units::Calendar.past!(Core::Units::Calendar.parse(raw, order: order), today: @today, what: column)
    end

    def say(column, problem, remedy)
      @problems << "#{column}: #{problem} #{remedy}"
    end

    def text(column)
      value = @given[column].to_s
      value unless value.empty?
    end

    def sold? = !@dates_read["sold_on"].nil? || !@money["sale_price"].nil?
    def listed? = !@dates_read["listed_on"].nil? || (!@money["asking_price"].nil? && !sold?)
    def channel_homeless? = text("channel") && !sold? && !listed?

    def dated(kind, column)
      { kind: kind, happened_on: @dates_read[column] } if @dates_read[column]
    end

    def listed
      return unless listed?

      { kind: "listed", happened_on: @dates_read["listed_on"],
        listing: { asking_minor: @money["asking_price"], channel: (text("channel") unless sold?) } }
    end

    def sold
      return unless sold?

      { kind: "sold", happened_on: @dates_read["sold_on"],
        sale: { price_minor: @money["sale_price"], tip_minor: @money["tip"], fee_minor: @money["fees"], delivery_minor: nil,
                asking_minor: (@money["asking_price"] unless listed?), channel: text("channel") } }
    end

    def outcome
      { kind: @outcome, happened_on: @dates_read["outcome_on"] } if @outcome
    end

    # The file has no date for a refund; it is put on the day of the sale.
    def refunded
      return unless @money["refund"]&.positive? && sold?

      { kind: "refunded", happened_on: @dates_read["sold_on"],
        refund: { amount_minor: @money["refund"], fee_back_minor: nil } }
    end

    # What only shows when the row is seen as a whole.
    def check
      %w[tip fees refund].each do |column|
        if @money[column]&.positive? && !sold?
          say(column, "It's filled in, but the piece wasn't sold.",
              "Add a sale_price, or clear it.")
        end
      end
      if @dates_read["outcome_on"] && !@outcome
        say("outcome_on", "It's filled in without an outcome.",
            "Enter kept, given away, or scrapped as the outcome.")
      end
      @remarks << "the channel goes into the notes, because the piece wasn't listed or sold" if channel_homeless?
      Core::Flips::Chain.new(bought_on: bought_on, events: core_events)
      if sold?
        Core::Flips::Sale.new(price: @money["sale_price"], tip: @money["tip"].to_i,
                              refunded: @money["refund"].to_i)
      end
    rescue Core::Refusal => e
      say({ on: "dates", kind: "outcome", refunded: "refund" }.fetch(e.field, "row"), e.problem, e.remedy)
    end

    def core_events
      events.map { |event| Core::Flips::Event.new(kind: event[:kind].to_sym, on: event[:happened_on], asking: event.dig(:listing, :asking_minor)) }
    end
  end
end
