# frozen_string_literal: true

require_relative "../server_helper"

# A random but repeatable run of edits through the desk, refused ones included.
class RandomEdits
  OPERATIONS = Operations

  def initialize(seed)
    @random = Random.new(seed)
    @pieces = []
    @removals = []
  end

  def step
    send(%i[piece piece cost cost work work event event change remove undo lot trip split set damage container container draw draw level
            stash mix mix].sample(random: @random))
  rescue OPERATIONS::Support::Refused, OPERATIONS::Support::NotFound, OPERATIONS::Support::EditConflict
    nil
  end

  private

  def pick = @pieces.sample(random: @random) || piece
  def day = (Date.new(2026, 5, 1) + @random.rand(50)).iso8601
  def money = format("%.2f", @random.rand(0..20_000) / 100.0)

  def shares
    Array.new(@random.rand(1..3)) { pick }.uniq.map { |id| { "piece_id" => id, "weight" => @random.rand(0..4).to_s } }
  end

  def piece
    fields = { "name" => "Piece", "bought_on" => [day, ""].sample(random: @random),
               "purchase" => [money, ""].sample(random: @random) }
    @pieces << OPERATIONS::Flips::Pieces.create(fields).id
    @pieces.last
  end

  def cost
    OPERATIONS::Flips::Costs.create("what" => "Paint", "category" => OPERATIONS::Flips::Costs::CATEGORIES.sample(random: @random), "amount" => money,
                                    "pieces" => shares)
  end

  def work
    OPERATIONS::Flips::Work.create("kind" => %w[sanding filming delivering].sample(random: @random), "effort" => @random.rand(0..90).to_s,
                                   "worked_on" => [day, ""].sample(random: @random), "pieces" => shares)
  end

  # A lot of new pieces and one that is here, by any rule; changed at times.
  def lot
    if @random.rand(3).zero?
      return sample(Records::Lot) do |id|
        OPERATIONS::Flips::Lots.update(id, "lock_version" => Records::Lot.find(id).lock_version, "price" => money,
                                           "premium" => ["12.5%", "3"].sample(random: @random))
      end
    end

    members = Array.new(@random.rand(1..3)) do |i|
      { "name" => "Lot piece #{i}", "expected_resale" => money, "found" => @random.rand(4).zero? }
    end
    made = OPERATIONS::Flips::Lots.create("name" => "Lot", "price" => [money, ""].sample(random: @random), "members" => members,
                                          "share_rule" => %w[equal resale].sample(random: @random))
    @pieces.concat(made.members.map(&:piece_id))
  end

  def trip
    if @random.rand(3).zero?
      return sample(Records::Trip) do |id|
        OPERATIONS::Flips::Trips.update(id, "fuel" => money, "pieces" => shares)
      end
    end

    OPERATIONS::Flips::Trips.create("what" => "Trip", "fuel" => money, "effort" => @random.rand(0..90).to_s, "private_share" => "25",
                                    "pieces" => shares)
  end

  def split
    if @random.rand(3).zero?
      part = Records::SplitPart.order(:id).to_a.sample(random: @random)
      return part && OPERATIONS::Flips::Splits.update(part.event_id,
                                                      "parts" => [{ "piece_id" => part.piece_id,
                                                                    "weight" => @random.rand(0..3).to_s }])
    end

    event = OPERATIONS::Flips::Splits.create(pick, "on" => day,
                                                   "parts" => [{ "name" => "Left", "weight" => "2" },
                                                               { "name" => "Right", "keep" => @random.rand(3).zero? }])
    @pieces.concat(event.split_parts.map(&:piece_id))
  end

  def set
    return OPERATIONS::Flips::Sets.create("name" => "Set", "piece_ids" => [pick, pick]) if @random.rand(2).zero?

    sample(Records::PieceSet) do |id|
      kind = OPERATIONS::Flips::Sets::KINDS.keys.sample(random: @random)
      OPERATIONS::Flips::Sets.happen(id, "kind" => kind, "on" => day, "asking" => money, "price" => money, "fee" => "2")
    end
  end

  def container
    paid = { "paid" => [money, ""].sample(random: @random), "bought_on" => [day, ""].sample(random: @random),
             "opening" => @random.rand(4).zero? }
    OPERATIONS::Shelf::Containers.create({ "product" => %w[paint_all glue].sample(random: @random),
                                           "size" => @random.rand(50..900).to_s, **paid })
  end

  def draw
    how = if @random.rand(3).zero?
            { "share" => "1/3" }
          else
            { "amount" => @random.rand(1..400).to_s,
              "more" => @random.rand(5).zero? }
          end
    OPERATIONS::Shelf::Draws.create({ "product" => %w[paint_all glue].sample(random: @random), "pieces" => shares,
                                      "drawn_on" => day }.merge(how))
  end

  def level
    sample(Records::Container) { |id| OPERATIONS::Shelf::Containers.level(id, "share" => ["empty", "1/4", "1/2", "full"].sample(random: @random)) }
  end

  # A mix of two that are on the shelf: mixed, drawn from, added to, corrected.
  def mix
    mix = Records::Mix.first || OPERATIONS::Shelf::Mixes.create("name" => "Grey", "like" => "paint_all",
                                                                "parts" => parts)
    batch = OPERATIONS::Shelf::Batches.of(mix).sample(random: @random)
    case @random.rand(5)
    when 0 then OPERATIONS::Shelf::Batches.make(mix.id, "amount" => @random.rand(1..300).to_s,
                                                        "more" => @random.rand(2).zero?)
    when 1 then batch && OPERATIONS::Shelf::Batches.add(batch.id, "product" => "glue", "amount" => @random.rand(1..30).to_s,
                                                                  "more" => @random.rand(2).zero?)
    when 2 then batch && OPERATIONS::Shelf::Batches.correct(batch.id, {})
    when 3 then OPERATIONS::Shelf::Mixes.version(mix.id, "parts" => parts)
    else OPERATIONS::Shelf::Draws.create("product" => OPERATIONS::Shelf::Mixes.key(mix),
                                         "amount" => @random.rand(1..90).to_s, "pieces" => shares)
    end
  end

  def parts = %w[paint_all glue].map { |key| { "product" => key, "parts" => @random.rand(1..4).to_s } }

  def stash
    if @random.rand(2).zero?
      return OPERATIONS::Shelf::Stash.create({ "name" => "Knobs", "count" => "9",
                                               "value" => [money, ""].sample(random: @random) })
    end

    sample(Records::StashItem) { |id| OPERATIONS::Shelf::StashUses.create(id, "piece_id" => pick, "count" => @random.rand(1..6).to_s) }
  end

  def damage
    made = OPERATIONS::Flips::Damages.create(pick, "what" => "Leg", "place" => "way", "on" => day,
                                                   "cost_to_come" => money)
    @removals << OPERATIONS::Flips::Damages.remove(made.id).id if @random.rand(2).zero?
  end

  def event
    kind = OPERATIONS::Flips::Events::KINDS.keys.sample(random: @random)
    OPERATIONS::Flips::Events.create(pick, "kind" => kind, "on" => day, "asking" => money, "price" => money,
                                           "fee" => "1", "amount" => "1")
  end

  def change
    case @random.rand(3)
    when 0 then pick.then { |id| OPERATIONS::Flips::Pieces.update(id, "lock_version" => Records::Piece.find(id).lock_version, "purchase" => money) }
    when 1 then sample(Records::Cost) { |id| OPERATIONS::Flips::Costs.update(id, "amount" => money, "pieces" => shares) }
    else sample(Records::Event) { |id| OPERATIONS::Flips::Events.update(id, "on" => day) }
    end
  end

  def remove
    model, desk = { Records::Cost => OPERATIONS::Flips::Costs, Records::WorkEntry => OPERATIONS::Flips::Work,
                    Records::Event => OPERATIONS::Flips::Events, Records::Piece => OPERATIONS::Flips::Pieces,
                    Records::Lot => OPERATIONS::Flips::Lots, Records::Trip => OPERATIONS::Flips::Trips,
                    Records::Container => OPERATIONS::Shelf::Containers,
                    Records::StashUse => OPERATIONS::Shelf::StashUses }.to_a.sample(random: @random)
    sample(model) { |id| @removals << desk.remove(id).id }
  end

  def undo
    id = @removals.sample(random: @random)
    OPERATIONS::Support::Removal.undo(id) if id
  end

  def sample(model)
    id = model.live.order(:id).pluck(:id).sample(random: @random)
    yield id if id
  end
end
