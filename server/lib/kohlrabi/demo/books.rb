# frozen_string_literal: true

module Demo
  # The demo's channels, money apart from flips, goals and techniques, through the same use cases that a person goes
  # through.
  class Books
    # house: Hash of workshop.yml; pieces: {name => id}; people: {name => id}; today: Date.
    def initialize(house, pieces, people, today)
      @books = house["books"]
      @pieces = pieces
      @people = people
      @today = today
    end

    def load
      Operations::House::WorkshopSettings.update("lock_version" => Operations::Support::Workshop.current.lock_version,
                                                 "pick_up" => @books["pick_up"])
      @books["channels"].each { |row| Operations::Market::Channels.create(row) }
      @books["entries"].each { |row| Operations::Books::WorkshopMoney.create(row.except("day").merge("on" => ago(row["day"]))) }
      Operations::Books::Goals.set(@today.year, @books["goals"])
      @books["techniques"].each { |name, techniques| Operations::Flips::Techniques.set(Records::Piece.find(@pieces.fetch(name)), "techniques" => techniques) }
      film
      stage
      hold
    end

    private

    def ago(days) = (@today - days).iso8601

    def film
      row = @books["filming"]
      Operations::Flips::Work.create("kind" => "filming", "effort" => "#{row['minutes']} min", "worked_on" => ago(row["day"]),
                                     "person_id" => @people.fetch(row["person"]), "pieces" => [{ "piece_id" => @pieces.fetch(row["piece"]) }])
    end

    def stage
      row = @books["staged"]
      row["items"].each { |item| Operations::Market::Listings.tick(@pieces.fetch(row["piece"]), "item" => item, "done" => true) }
    end

    def hold
      row = @books["hold"]
      Operations::Market::Holds.create(@pieces.fetch(row["piece"]),
                                       row.slice("who", "price", "deposit",
                                                 "pick_up").merge("pick_up_on" => (@today + row["pick_up_in"]).iso8601))
    end
  end
end
