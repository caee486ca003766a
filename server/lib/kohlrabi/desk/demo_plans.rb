# frozen_string_literal: true

module Kohlrabi
  module Desk
    # The demo's findings, looks and plans, through the same use cases that a person goes through.
    class DemoPlans
      APART = 25 # hours between two steps that are done: longer than any of their waits

      # {label => key} of the products of the workshop's own; its mixes.
      attr_reader :products, :mixes

      # pieces: {name => id}; today: Date.
      def initialize(pieces, today)
        @rows = YAML.safe_load_file(File.join(Demo::FOLDER, "plans.yml"))
        @pieces = pieces
        @today = today
      end

      def load
        @products = @rows["products"].to_h { |row| [row["label"], Products.key(Products.create(row))] }
        @mixes = @rows["mixes"].map { |row| Mixes.create(row) }
        @mixes.each { |mix| @products[mix.product.label] = Mixes.key(mix) }
        @own = @rows["own_findings"].to_h { |row| [row["label"], Findings.add_kind(row).id] }
        @rows["pieces"].each { |row| piece(@pieces.fetch(row["piece"]), row) }
      end

      private

      def piece(id, row)
        Shapes.plan(id, row["planned"]) if row["planned"]
        row["findings"].each { |found| Findings.create(id, finding(found)) }
        Steps.answer_lead(id, "answer" => row["lead"]) if row["lead"]
        row["looks"].each { |look| look(id, look) }
        row.fetch("edits", []).each { |edit| PlanEdits.create(id, edit) }
        row.fetch("confirmed", []).each { |caution| Steps.confirm(id, "caution" => caution) }
        work(id, row.fetch("done", []), row.fetch("last_done", 26).to_f)
        NumberedParts.number(id) if row["parts"]
        Recipes.keep(id, "name" => row["recipe"]) if row["recipe"]
      end

      # Steps done one after the other, each when the one before was dry; the last so many hours ago.
      def work(id, steps, hours)
        now = Clock.now
        steps.each_with_index do |step, place|
          Clock.during(now - ((((steps.size - place - 1) * APART) + hours) * 3600)) { Steps.finish(id, { "step" => step }) }
        end
      end

      def finding(found) = found["own"] ? found.except("own").merge("own_finding_id" => @own.fetch(found["own"])) : found

      def look(id, row)
        made = Looks.create(id, "name" => row["name"])
        settings = row["settings"]
        settings = settings.merge("hardware_on" => (@today + settings["hardware_on"]).iso8601) if settings["hardware_on"]
        Looks.update(made.id, settings.merge("lock_version" => made.lock_version))
        zones = Drawing.zones(Finder.find(Records::Piece, id))
        row["zones"].each { |choice| paint(made.id, choice, zones) }
      end

      def paint(look, choice, zones)
        group = choice["group"]
        keys = zones.select { |zone| group == "seen" ? zone.shown? : zone.group == group }.map(&:key)
        product = @products.fetch(choice["product"], choice["product"])
        Looks.paint(look, choice.except("group").merge("zones" => keys, "product" => product.to_s))
      end
    end
  end
end
