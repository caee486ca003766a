# frozen_string_literal: true

module Demo
  # The demo's comparables and offers, through the same use cases that a person goes through.
  class Market
    # house: Hash of workshop.yml; pieces: {name => id}; today: Date.
    def initialize(house, pieces, today)
      @market = house["market"]
      @pieces = pieces
      @today = today
    end

    def load
      @market["comparables"].each { |row| Operations::Market::Comparables.create(id(row), row.except("piece", "seen").merge("seen_on" => ago(row["seen"]))) }
      @market["new_prices"].each { |row| Operations::Market::Prices.set_new_price(id(row), row) }
      @market["plans"].each { |name| plan(Records::Piece.find(@pieces.fetch(name))) }
      @market["offers"].each { |row| offer(row) }
    end

    private

    def id(row) = @pieces.fetch(row["piece"])
    def ago(days) = (@today - days).iso8601

    # Steps down from the price that stands since the day it was listed.
    def plan(piece)
      listed = piece.summary.listed_on
      Clock.during(listed.in_time_zone(Operations::Support::Workshop.current.zone) + 12.hours) { Operations::Market::Prices.replan(piece, piece.summary.asking_minor) }
    end

    def offer(row)
      made = Operations::Market::Offers.create(id(row),
                                               row.slice("amount", "who", "note").merge("made_on" => ago(row["day"])))
      Operations::Market::Offers.answer(made.id, "answer" => row["answer"]) if row["answer"]
    end
  end
end
