# frozen_string_literal: true

module Demo
  # The hunting side of the demo: lots, trips, a split, sets, damage, the stash and spotted pieces.
  class Hunt
    # house: workshop.yml; pieces: {name => id}; people: {name => id}; pictures: DemoPictures.
    def initialize(house, pieces, people, today, pictures)
      @house = house
      @pieces = pieces
      @people = people
      @today = today
      @pictures = pictures
    end

    def load
      @house["lots"].each { |row| lot(row) }
      @house["trips"].each { |row| trip(row) }
      chairs
      @house["sets"].each { |row| set(row) }
      split(@house["split"])
      @house["damages"].each { |row| Operations::Flips::Damages.create(@pieces.fetch(row["piece"]), row.except("piece", "day").merge("on" => ago(row["day"]))) }
      @house["stash"].each { |row| Operations::Shelf::Stash.create(row.except("day").merge("got_on" => ago(row["day"]))) }
      @house["prospects"].each { |row| prospect(row) }
      receipt(@house["receipt"])
    end

    private

    def ago(days) = (@today - days).iso8601

    def lot(row)
      made = Operations::Flips::Lots.create(row.slice("name", "source", "price", "premium", "share_rule", "members",
                                                      "stash").merge("bought_on" => ago(row["bought"])))
      made.members.each { |member| @pieces[member.piece.name] = member.piece_id }
    end

    def trip(row)
      ids = Records::Lot.find_by!(name: row["lot"]).members.map(&:piece_id)
      Operations::Flips::Trips.create(row.slice("what", "distance", "private_share", "effort")
                      .merge("happened_on" => ago(row["day"]), "person_ids" => @people.values_at(*row["people"]), "pieces" => shares(ids)))
    end

    def chairs
      ids = Records::Lot.find_by!(name: @house["chairs_lot"]).members.map(&:piece_id)
      @house["chairs_work"].each do |row|
        Operations::Flips::Work.create("kind" => row["kind"], "effort" => "#{row['minutes']} min", "worked_on" => ago(row["day"]),
                                       "person_id" => @people.fetch(row["person"]), "pieces" => shares(ids))
      end
      ids.each { |id| Operations::Flips::Events.create(id, "kind" => "ready", "on" => ago(56)) }
    end

    def set(row)
      made = Operations::Flips::Sets.create("name" => row["name"], "piece_ids" => @pieces.values_at(*row["pieces"]))
      day, asking = row["listed"]
      Operations::Flips::Sets.happen(made.id, "kind" => "listed", "on" => ago(day), "asking" => asking,
                                              "channel" => "mill booth")
      row.fetch("prices", []).each { |on, price| Operations::Flips::Sets.happen(made.id, "kind" => "price_changed", "on" => ago(on), "asking" => price) }
      day, price, fee, channel = row["sold"]
      return unless day

      Operations::Flips::Sets.happen(made.id, "kind" => "sold", "on" => ago(day), "price" => price, "fee" => fee,
                                              "channel" => channel)
    end

    def split(row)
      event = Operations::Flips::Splits.create(@pieces.fetch(row["piece"]), "on" => ago(row["day"]),
                                                                            "parts" => row["parts"])
      event.split_parts.each { |part| @pieces[part.piece.name] = part.piece_id }
    end

    def prospect(row)
      day, tag = row["sightings"].first
      given = row.slice(*%w[name kind condition source count standing width depth height leg notes checks])
                 .merge("tag" => tag, "spotted_on" => ago(day), **points(row), **cuts(row))
      id = Operations::Scout::Prospects.create(given).prospect.id
      row["sightings"].drop(1).each { |on, price| Operations::Scout::Prospects.see(id, "seen_on" => ago(on), "tag" => price) }
      Operations::Flips::Photos.add(@pictures.spotted(row), "prospect_id" => id, "kind" => row["photo"]) if row["photo"]
      closed = row["closed"]
      return unless closed

      Operations::Scout::Prospects.close(id, "state" => closed["state"], "reason" => closed["reason"].to_s,
                                             "on" => ago(closed["day"]))
    end

    def points(row)
      row.fetch("resale", []).zip(Operations::Scout::Verdicts::POINTS).to_h { |amount, point| ["resale_#{point}", amount.to_s] }
    end

    def cuts(row)
      rule = row["cut"] or return {}
      { "cut_basis" => rule["basis"], "cut_size" => rule["size"], "cut_every" => rule["every"].to_s }
    end

    def receipt(row)
      cost = Records::Piece.find(@pieces.fetch(row["piece"])).costs.to_a[row["cost"]]
      Operations::Flips::Photos.add(@pictures.receipt(cost), "cost_id" => cost.id, "kind" => "receipt")
    end

    def shares(ids) = ids.map { |id| { "piece_id" => id } }
  end
end
