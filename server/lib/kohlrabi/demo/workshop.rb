# frozen_string_literal: true

module Demo
  # Loads the invented workshop through the same use cases that a person goes through; days are counted back from
  # today.
  class Workshop
    FOLDER = File.join(ROOT, "server/db/demo")
    RULES = %w[currency length_unit hours_rule time_zone floor_pay target_pay sundries mileage_rate trip places
               weekly_hours drying_places].freeze
    ENDINGS = %w[first_work ready kept given_away scrapped parted_out lost].freeze

    # Fills an empty workshop. Yields progress (done, of). Raises RuntimeError when something is recorded already.
    def self.load(&) = new.load(&)

    def initialize
      @house = YAML.safe_load_file(File.join(FOLDER, "workshop.yml"))
      @flips = YAML.safe_load_file(File.join(FOLDER, "flips.yml"))
    end

    def load
      raise "This workshop is not empty; the demo goes into a folder of its own." if Records::Piece.exists?

      pictures = Pictures.new(@flips)
      Records::Base.transaction do
        house
        @pieces = @flips.each_with_index.to_h do |flip, done|
          yield done + 1, @flips.size if block_given?
          [flip["name"], flip(flip, pictures)]
        end
        shared
        Hunt.new(@house, @pieces, @people, @today, pictures).load
        Operations::Bench::Climate.keep(@house["climate"])
        plans = Plans.new(@pieces, @today)
        plans.load
        bench
        Shelf.new(@house, @pieces, plans, @today).load
        [Market.new(@house, @pieces, @today), Books.new(@house, @pieces, @people, @today),
         PastFlips.new(@people, @today)].each(&:load)
      end
    end

    private

    def house
      Operations::House::WorkshopSettings.update(@house.slice(*RULES).merge("lock_version" => Operations::Support::Workshop.current.lock_version))
      Operations::Support::Workshop.current.update!(demo: true)
      first, *others = @house["people"]
      Operations::House::WorkshopSettings.rename_person(Operations::Support::Workshop.people.first.id,
                                                        "name" => first)
      others.each { |name| Operations::House::WorkshopSettings.add_person("name" => name) }
      @people = Operations::Support::Workshop.people.to_h { |person| [person.name, person.id] }
      @house["openings"].each { |opening| Operations::House::Openings.create(opening) }
      @today = Operations::Support::Workshop.today
    end

    # Who works when, days that differ, rain, and what is promised.
    def bench
      @house["hours"].each do |name, rows|
        Operations::House::WorkingTimes.week(@people.fetch(name), "rows" => rows.map do |day, from, to|
          { "weekday" => day, "from" => from, "to" => to }
        end)
      end
      @house["days_off"].each { |name, days| Operations::House::WorkingTimes.day(@people.fetch(name), "day" => (@today + days).iso8601) }
      @house["wet"].each { |days| Operations::House::WorkingTimes.weather("day" => (@today + days).iso8601, "wet" => true) }
      @house["promised"].each { |name, days| Records::Piece.find(@pieces.fetch(name)).update!(promised_on: @today + days) }
    end

    def ago(days) = (@today - days).iso8601

    def flip(flip, pictures)
      id = flip["spotted"] ? bought(flip) : Operations::Flips::Pieces.create(piece(flip)).id
      flip.fetch("costs", []).each { |what, category, amount, day| cost(what, category, amount, day, [id]) }
      flip.fetch("work", []).each { |kind, minutes, day, person| work(kind, minutes, day, person, [id]) }
      events(flip).each { |event| Operations::Flips::Events.create(id, event) }
      flip.fetch("photos", []).each { |kind| Operations::Flips::Photos.add(pictures.of(flip["name"], kind), "piece_id" => id, "kind" => kind) }
      id
    end

    # A flip that was spotted first: noted with its estimates, bought, then described.
    def bought(flip)
      seen = flip["spotted"]
      points = %w[resale hours materials].flat_map do |what|
        seen[what].zip(Operations::Scout::Verdicts::POINTS).map { |amount, point| ["#{what}_#{point}", amount.to_s] }
      end
      spotted = Operations::Scout::Prospects.create({ "name" => flip["name"], "kind" => flip["kind"], "condition" => seen["condition"],
                                                      "source" => flip["source"],
                                                      "spotted_on" => ago(seen["day"]), "tag" => seen["tag"] }.merge(points.to_h))
      made = Operations::Scout::Purchases.buy(spotted.prospect.id, "price" => flip["paid"],
                                                                   "on" => ago(flip["bought"])).first
      Operations::Flips::Pieces.update(made.id, piece(flip).merge("lock_version" => made.lock_version)).id
    end

    def piece(flip)
      width, depth, height = flip["measures"].map { |measure| "#{measure} mm" }
      hours, money = flip["to_come"]
      { "name" => flip["name"], "kind" => flip["kind"], "source" => flip["source"], "bought_on" => ago(flip["bought"]),
        "purchase" => flip["paid"].to_s, "width" => width, "depth" => depth, "height" => height,
        "drawer_rows" => flip["drawers"].to_s, "doors" => flip["doors"].to_s, "leg" => flip["leg"] ? "#{flip['leg']} mm" : "",
        "body_colour" => flip["body"].to_s, "front_colour" => flip["front"].to_s, "notes" => flip["notes"].to_s,
        "units" => flip.fetch("units", 1).to_s, "hours_to_come" => hours.to_s, "cost_to_come" => money.to_s,
        **%w[maker label_found made_about body_material surface_material].to_h { |name| [name, flip[name].to_s] } }
    end

    def events(flip)
      plain = ENDINGS.filter_map { |kind| { "kind" => kind, "on" => ago(flip[kind]) } if flip[kind] }
      plain + market(flip) + after_sale(flip)
    end

    def market(flip)
      day, asking, channel = flip["listed"]
      listed = day ? [{ "kind" => "listed", "on" => ago(day), "asking" => asking, "channel" => channel }] : []
      listed + flip.fetch("prices", []).map do |on, price|
        { "kind" => "price_changed", "on" => ago(on), "asking" => price }
      end
    end

    def after_sale(flip)
      return [] unless flip["sold"]

      day, price, fee, channel = flip["sold"]
      sale = { "kind" => "sold", "on" => ago(day), "price" => price, "fee" => fee, "channel" => channel,
               "tip" => flip["tip"].to_s, "delivery" => flip["delivery"].to_s }
      on, amount = flip["refund"]
      [sale, ({ "kind" => "refunded", "on" => ago(on), "amount" => amount } if on)].compact
    end

    def cost(what, category, amount, day, ids)
      Operations::Flips::Costs.create("what" => what, "category" => category, "amount" => amount,
                                      "spent_on" => ago(day), "pieces" => shares(ids))
    end

    def work(kind, minutes, day, person, ids)
      Operations::Flips::Work.create("kind" => kind, "effort" => "#{minutes} min", "worked_on" => ago(day), "person_id" => @people.fetch(person),
                                     "pieces" => shares(ids))
    end

    def shares(ids) = ids.map { |id| { "piece_id" => id } }

    def shared
      @house["shared_costs"].each do |row|
        cost(row["what"], row["category"], row["amount"], row["day"], @pieces.values_at(*row["pieces"]))
      end
      @house["shared_work"].each do |row|
        work(row["kind"], row["minutes"], row["day"], row["person"], @pieces.values_at(*row["pieces"]))
      end
      timer = @house["timer"]
      # tested before it is sanded
      @pieces.values_at(*timer["pieces"]).each do |id|
        Operations::Planning::LeadAnswers.answer(id, "answer" => "clear")
      end
      Operations::Bench::Timers.start("kind" => timer["kind"], "person_id" => @people.fetch(timer["person"]),
                                      "piece_ids" => @pieces.values_at(*timer["pieces"]))
                               .update!(started_at: Clock.now - (timer["started_minutes_ago"] * 60))
    end
  end
end
