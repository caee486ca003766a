# frozen_string_literal: true

module Formats
  # Which column of somebody's spreadsheet is which of a Flips CSV: as the person said, else by its name, else guessed
  # from what such columns are often called, for the person to confirm.
  class Columns
    LEFT_OUT = "" # the person said so
    OFTEN = {
      "name" => %w[item piece title description what furniture], "kind" => %w[type category],
      "source" => ["from", "where from", "bought from", "store", "seller"],
      "bought_on" => ["bought", "date bought", "purchase date", "buy date", "acquired"],
      "purchase" => ["paid", "cost", "price paid", "buy price", "purchase price", "bought for"],
      "materials" => ["paint", "supplies", "material cost", "materials cost"], "hardware" => %w[knobs pulls handles],
      "other_costs" => ["other", "expenses", "other expenses", "misc"], "hours" => ["time", "hours spent", "hours worked", "labour", "labor"],
      "started_on" => ["started", "start date"], "ready_on" => %w[ready finished done completed],
      "listed_on" => ["listed", "date listed", "list date"],
      "asking_price" => ["asking", "ask", "list price", "listed at", "asked"], "sold_on" => ["sold", "date sold", "sale date", "sold date"],
      "sale_price" => ["sale", "sold for", "sold price", "selling price", "price", "revenue"], "fees" => ["fee", "commission", "platform fee"],
      "channel" => ["where sold", "sold on platform", "platform", "sold at"], "notes" => %w[note comment comments remarks],
      "outcome" => %w[result status],
      "tip" => %w[tips], "refund" => %w[refunded],
      "width" => ["w", "wide", "width in", "width cm", "length"], "depth" => %w[d deep], "height" => %w[h high tall]
    }.freeze

    # heads: names in the file, in order; chosen: {head => column of a Flips CSV or LEFT_OUT}; guess: whether to guess
    # the rest.
    def initialize(heads, chosen: {}, guess: false)
      @heads = heads.map { |head| head.to_s.strip }
      @chosen = chosen
      @guess = guess
    end

    # Column for each head, in order; nil where none is known, LEFT_OUT where it is to be left out.
    def targets
      @targets ||= @heads.map { |head| target(head) }.then { |first| @guess ? guessed(first) : first }
    end

    def guessed?(place) = @guess && !@chosen.key?(@heads[place]) && target(@heads[place]).nil? && !targets[place].nil?

    private

    def target(head)
      return @chosen[head] if @chosen.key?(head)

      plain = head.downcase.tr(" ", "_")
      plain if FlipsCsv::COLUMNS.include?(plain)
    end

    # Each column once: what is named outright goes first.
    def guessed(first)
      taken = first.compact
      first.zip(@heads).map do |known, head|
        next known if known || head.empty?

        guess = OFTEN.find do |column, names|
          !taken.include?(column) && names.include?(head.downcase.tr("_", " "))
        end&.first
        taken << guess if guess
        guess
      end
    end
  end
end
