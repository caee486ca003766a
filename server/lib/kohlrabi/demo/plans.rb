# frozen_string_literal: true

module Demo
  # The demo's findings, looks and plans, through the same use cases that a person goes through.
  class Plans
    APART = 25 # hours between two steps that are done: longer than any of their waits

    # {label => key} of the products of the workshop's own; its mixes.
    attr_reader :products, :mixes

    # pieces: {name => id}; today: Date.
    def initialize(pieces, today)
      @rows = YAML.safe_load_file(File.join(Workshop::FOLDER, "plans.yml"))
      @pieces = pieces
      @today = today
    end

    def load
      @rows["colours"].each { |row| Operations::Shelf::Colours.create(row) }
      @products = @rows["products"].to_h { |row| [row["label"], Operations::Shelf::Products.key(Operations::Shelf::Products.create(row))] }
      @mixes = @rows["mixes"].map { |row| Operations::Shelf::Mixes.create(row) }
      @mixes.each { |mix| @products[mix.product.label] = Operations::Shelf::Mixes.key(mix) }
      @own = @rows["own_findings"].to_h { |row| [row["label"], Operations::Planning::Findings.add_kind(row).id] }
      @rows["pieces"].each { |row| piece(@pieces.fetch(row["piece"]), row) }
    end

    private

    def piece(id, row)
      Operations::Planning::Shapes.plan(id, row["planned"]) if row["planned"]
      row["findings"].each { |found| Operations::Planning::Findings.create(id, finding(found)) }
      Operations::Planning::LeadAnswers.answer(id, "answer" => row["lead"]) if row["lead"]
      row["looks"].each { |look| look(id, look) }
      row.fetch("edits", []).each { |edit| Operations::Planning::PlanEdits.create(id, edit) }
      row.fetch("confirmed", []).each { |caution| Operations::Planning::Steps.confirm(id, "caution" => caution) }
      work(id, row.fetch("done", []), row.fetch("last_done", 26).to_f)
      Operations::Planning::NumberedParts.number(id) if row["parts"]
      Operations::Planning::Recipes.keep(id, "name" => row["recipe"]) if row["recipe"]
    end

    # Steps done one after the other, each when the one before was dry; the last so many hours ago.
    def work(id, steps, hours)
      now = Clock.now
      steps.each_with_index do |step, index|
        Clock.during(now - ((((steps.size - index - 1) * APART) + hours) * 3600)) { Operations::Planning::Steps.finish(id, { "step" => step }) }
      end
    end

    def finding(found) = found["own"] ? found.except("own").merge("own_finding_id" => @own.fetch(found["own"])) : found

    def look(id, row)
      made = Operations::Planning::Looks.create(id, "name" => row["name"])
      settings = row["settings"]
      settings = settings.merge("hardware_on" => (@today + settings["hardware_on"]).iso8601) if settings["hardware_on"]
      Operations::Planning::Looks.update(made.id, settings.merge("lock_version" => made.lock_version))
      zones = Operations::Planning::Drawing.zones(Operations::Support::Finder.find(Records::Piece, id))
      row["zones"].each { |choice| paint(made.id, choice, zones) }
    end

    def paint(look, choice, zones)
      group = choice["group"]
      keys = zones.select { |zone| group == "seen" ? zone.shown? : zone.group == group }.map(&:key)
      product = @products.fetch(choice["product"], choice["product"])
      Operations::Planning::Looks.paint(look, choice.except("group").merge("zones" => keys, "product" => product.to_s))
    end
  end
end
