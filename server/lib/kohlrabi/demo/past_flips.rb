# frozen_string_literal: true

module Demo
  # Flips from before everything was written down, out of the workshop's old exercise book: enough of three kinds to
  # tell what pays.
  class PastFlips
    COLUMNS = %i[name kind bought paid materials minutes ready listed asked cuts sold price channel technique].freeze
    Row = Struct.new(*COLUMNS)

    # people: {name => id}; today: Date.
    def initialize(people, today)
      @people = people.values
      @today = today
      @rows = YAML.safe_load_file(File.join(Workshop::FOLDER, "earlier.yml")).map { |row| Row.new(*row) }
    end

    def load = @rows.each_with_index { |row, place| flip(row, @people[place % @people.size]) }

    private

    def ago(days) = (@today - days).iso8601

    def flip(row, person)
      piece = Operations::Flips::Pieces.create("name" => row.name, "kind" => row.kind, "source" => "house clearance",
                                               "bought_on" => ago(row.bought), "purchase" => row.paid)
      on = [{ "piece_id" => piece.id }]
      Operations::Flips::Costs.create("what" => "Materials, by the book", "category" => "materials", "amount" => row.materials,
                                      "spent_on" => ago(row.ready + 3), "pieces" => on)
      work(row, person, on)
      events(row).each { |event| Operations::Flips::Events.create(piece.id, event) }
      Operations::Flips::Techniques.set(piece, "techniques" => row.technique) if row.technique
    end

    # What took most first: sanding, painting, the rest.
    def work(row, person, on)
      { "sanding" => 0.4, "painting" => 0.35, "repair" => 0.25 }.each do |kind, share|
        Operations::Flips::Work.create("kind" => kind, "effort" => "#{(row.minutes * share).round} min", "worked_on" => ago(row.ready + 2),
                                       "person_id" => person, "pieces" => on)
      end
    end

    def events(row)
      cuts = row.cuts.map do |days, price|
        { "kind" => "price_changed", "on" => ago(row.listed - days), "asking" => price }
      end
      [{ "kind" => "ready", "on" => ago(row.ready) },
       { "kind" => "listed", "on" => ago(row.listed), "asking" => row.asked, "channel" => row.channel },
       *cuts, { "kind" => "sold", "on" => ago(row.sold), "price" => row.price, "channel" => row.channel }]
    end
  end
end
