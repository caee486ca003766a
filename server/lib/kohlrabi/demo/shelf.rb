# frozen_string_literal: true

module Demo
  # The demo's shelf, through the same use cases that a person goes through.
  class Shelf
    # house: Hash of workshop.yml; pieces: {name => id}; plans: DemoPlans, loaded; today: Date.
    def initialize(house, pieces, plans, today)
      @house = house
      @pieces = pieces
      @products = plans.products
      @mix = plans.mixes.first
      @today = today
    end

    def load
      @house["shelf"].each { |row| container(row) }
      batch(@house["batch"])
      @house["sprayer"].each { |row| Operations::Shelf::Sprayers.set(row) }
      @house["draws"].each do |row|
        Operations::Shelf::Draws.create("product" => row["product"], "amount" => row["amount"], "drawn_on" => (@today - row["day"]).iso8601,
                                        "pieces" => row["pieces"].map { |name| { "piece_id" => @pieces.fetch(name) } })
      end
    end

    private

    # Mixed, then matched addition by addition.
    def batch(row)
      first = Operations::Shelf::Batches.make(@mix.id, row["made"])
      row["added"].reduce(first) { |made, addition| Operations::Shelf::Batches.add(made.id, addition) }
    end

    def container(row)
      key = @products.fetch(row["product"], row["product"])
      made = Operations::Shelf::Containers.create({ **row.slice("colour", "size", "paid", "place", "note", "opening"), **dates(row),
                                                    "product" => key })
      left = row["left"] or return
      Operations::Shelf::Containers.level(made.first.id, left.include?("/") ? { "share" => left } : { "left" => left })
    end

    def dates(row)
      days = { "bought_on" => row["bought"]&.-@, "opened_on" => row["opened"]&.-@,
               "keeps_until" => row["keeps"] }.compact
      days.transform_values { |number| (@today + number).iso8601 }
    end
  end
end
