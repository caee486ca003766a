# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Loads the invented workshop through the same use cases that a person goes through; days are counted back from today.
    class Demo
      FOLDER = File.join(ROOT, "server/db/demo")

      # Fills an empty workshop. Yields progress (done, of). Raises RuntimeError when something is recorded already.
      def self.load(&) = new.load(&)

      def initialize
        @today = House.today
        @house = YAML.safe_load_file(File.join(FOLDER, "workshop.yml"))
        @flips = YAML.safe_load_file(File.join(FOLDER, "flips.yml"))
      end

      def load
        raise "This workshop is not empty; the demo goes into a folder of its own." if Records::Piece.exists?

        Records::Base.transaction do
          house
          @pieces = @flips.each_with_index.to_h do |flip, done|
            yield done + 1, @flips.size if block_given?
            [flip["name"], flip(flip)]
          end
          shared
        end
      end

      private

      def house
        rules = @house.slice("currency", "length_unit", "hours_rule", "time_zone", "floor_pay", "target_pay", "sundries")
        House.update(rules.merge("lock_version" => House.workshop.lock_version))
        House.workshop.update!(demo: true)
        first, *others = @house["people"]
        House.rename_person(House.people.first.id, "name" => first)
        others.each { |name| House.add_person("name" => name) }
        @people = House.people.to_h { |person| [person.name, person.id] }
        @today = House.today
      end

      def ago(days) = (@today - days).iso8601

      def flip(flip)
        id = Pieces.create(piece(flip)).id
        flip.fetch("costs", []).each { |what, category, amount, day| cost(what, category, amount, day, [id]) }
        flip.fetch("work", []).each { |kind, minutes, day, person| work(kind, minutes, day, person, [id]) }
        events(flip).each { |event| Events.create(id, event) }
        id
      end

      def piece(flip)
        width, depth, height = flip["measures"].map { |measure| "#{measure} mm" }
        hours, money = flip["to_come"]
        { "name" => flip["name"], "kind" => flip["kind"], "source" => flip["source"], "bought_on" => ago(flip["bought"]),
          "purchase" => flip["paid"].to_s, "width" => width, "depth" => depth, "height" => height,
          "drawer_rows" => flip["drawers"].to_s, "doors" => flip["doors"].to_s, "leg" => flip["leg"] ? "#{flip['leg']} mm" : "",
          "body_colour" => flip["body"].to_s, "front_colour" => flip["front"].to_s, "notes" => flip["notes"].to_s,
          "hours_to_come" => hours.to_s, "cost_to_come" => money.to_s }
      end

      def events(flip)
        plain = %w[first_work ready kept given_away scrapped].filter_map { |kind| { "kind" => kind, "on" => ago(flip[kind]) } if flip[kind] }
        plain + market(flip) + after_sale(flip)
      end

      def market(flip)
        day, asking, channel = flip["listed"]
        listed = day ? [{ "kind" => "listed", "on" => ago(day), "asking" => asking, "channel" => channel }] : []
        listed + flip.fetch("prices", []).map { |on, price| { "kind" => "price_changed", "on" => ago(on), "asking" => price } }
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
        Costs.create("what" => what, "category" => category, "amount" => amount, "spent_on" => ago(day), "pieces" => shares(ids))
      end

      def work(kind, minutes, day, person, ids)
        Work.create("kind" => kind, "effort" => "#{minutes} min", "worked_on" => ago(day), "person_id" => @people.fetch(person),
                    "pieces" => shares(ids))
      end

      def shares(ids) = ids.map { |id| { "piece_id" => id } }

      def shared
        @house["shared_costs"].each { |row| cost(row["what"], row["category"], row["amount"], row["day"], @pieces.values_at(*row["pieces"])) }
        @house["shared_work"].each { |row| work(row["kind"], row["minutes"], row["day"], row["person"], @pieces.values_at(*row["pieces"])) }
        timer = @house["timer"]
        Timers.start("kind" => timer["kind"], "person_id" => @people.fetch(timer["person"]), "piece_ids" => @pieces.values_at(*timer["pieces"]))
              .update!(started_at: Clock.now - (timer["started_minutes_ago"] * 60))
      end
    end
  end
end
