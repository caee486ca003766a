# frozen_string_literal: true

require_relative "../support/records_helper"

# A random but repeatable run of everything that makes or changes plans, refused ones included.
class RandomPlans
  OPERATIONS = Operations
  RECORDS = Records
  PLANNING = Core::Planning

  def initialize(seed)
    @random = Random.new(seed)
    @pieces = ["chest of drawers", "table", "chair"].map { |kind| OPERATIONS::Flips::Pieces.create("name" => kind, "kind" => kind, "bought_on" => "2026-05-01").id }
    @pieces.each { |id| OPERATIONS::Planning::Looks.create(id, "name" => "First") }
    @removals = []
  end

  def step
    send(%i[finding finding look paint paint settle done done reopen edit lead tried shape zone unfound
            undo].sample(random: @random))
  rescue OPERATIONS::Support::Refused, OPERATIONS::Support::NotFound, OPERATIONS::Support::EditConflict, Core::Refusal
    nil
  end

  private

  def pick(list) = list.sample(random: @random)
  def piece = RECORDS::Piece.find(pick(@pieces))
  def zones(piece) = OPERATIONS::Planning::Drawing.zones(piece).map(&:key)
  def kept(deletion) = @removals << deletion.id

  def finding
    one = piece
    OPERATIONS::Planning::Findings.create(one.id, "kind" => pick(Core::Planning::Inspection::Findings::BY_KEY.keys),
                                                  "zone" => pick([nil, *zones(one)]).to_s)
  end

  def unfound = kept(OPERATIONS::Planning::Findings.remove(pick(RECORDS::Finding.live.ids) || 0))

  def look
    OPERATIONS::Planning::Looks.create(piece.id, "name" => "Look",
                                                 "like" => pick([nil, *RECORDS::Look.live.ids])).then do |made|
      OPERATIONS::Planning::Looks.choose(made.id)
    end
  end

  def paint
    look = RECORDS::Look.find(pick(RECORDS::Look.live.ids) || 0)
    OPERATIONS::Planning::Looks.paint(look.id, "zones" => zones(look.piece).sample(4, random: @random), "finish" => pick(PLANNING::Finishes::BY_KEY.keys),
                                               "colour" => pick(["", "#ffffff", "#243b53"]), "over" => [pick(PLANNING::Finishes::OVER)])
  rescue ActiveRecord::RecordNotFound
    nil
  end

  def settle
    look = RECORDS::Look.live.find_by(id: pick(RECORDS::Look.live.ids)) or return
    OPERATIONS::Planning::Looks.update(look.id, "lock_version" => look.lock_version, "hardware" => pick(PLANNING::Brief::HARDWARE), "inside" => pick(PLANNING::Brief::INSIDES),
                                                "wear" => pick(PLANNING::Coats::WEAR.keys))
  end

  def any_step(piece) = pick(OPERATIONS::Planning::Plans.of(piece)&.steps.to_a)&.key.to_s

  def done
    one = piece
    Core::Planning::Cautions::ROWS.each_key { |key| OPERATIONS::Planning::Steps.confirm(one.id, "caution" => key.to_s) }
    OPERATIONS::Planning::Steps.finish(one.id, { "step" => any_step(one) })
  end

  def reopen
    one = piece
    kept(OPERATIONS::Planning::Steps.reopen(one.id, "step" => pick(one.step_marks.map(&:step)).to_s))
  end

  def edit
    one = piece
    given = { "time" => "20", "wait" => "30", "text" => "Own", "work_kind" => "repair", "number" => "3",
              "before" => any_step(one) }
    OPERATIONS::Planning::PlanEdits.create(one.id,
                                           given.merge("kind" => pick(PLANNING::Edits::KINDS), "step" => any_step(one)))
  end

  def lead
    OPERATIONS::Planning::LeadAnswers.answer(piece.id, "answer" => pick(["", *OPERATIONS::Planning::LeadAnswers::WORDS.keys]))
  end

  def tried
    one = piece
    OPERATIONS::Planning::Experiences.create(one.id, "step" => any_step(one), "worked" => pick(%w[yes no]),
                                                     "lost" => "10")
  end

  def shape
    OPERATIONS::Planning::Shapes.plan(piece.id, "base" => pick(["", "none"]), "drawer_rows" => pick(["", "1"]))
  end

  def zone
    one = piece
    OPERATIONS::Planning::ZoneChanges.update(one.id, pick(zones(one)), "parts" => pick(["", "2"]),
                                                                       "grade" => pick(["", "detailed"]))
  end

  def undo = OPERATIONS::Support::Removal.undo(@removals.delete(pick(@removals)) || 0)
end

RSpec.describe "plans over random edits" do
  def followed?(piece)
    plan = Operations::Planning::Plans.of(piece)
    stock = Core::Planning::Stock.new(plan.materials_left, plan.brief.products)
    plan.graph.acyclic? && [piece.seconds_to_come, piece.cost_to_come_minor] == [plan.remaining, stock.used]
  end

  [5, 61].each do |seed|
    it "never break, and hours and cost to come follow each of them (seed #{seed})" do
      Records::Base.connection.execute("PRAGMA synchronous = OFF")
      edits = RandomPlans.new(seed)
      45.times do |place|
        edits.step
        expect(Records::Piece.all.reject { |piece| followed?(piece) }.map(&:name)).to be_empty, "after edit #{place}"
      end
      pages = Records::Piece.all.map do |piece|
        Api::Serializers::Planning::PlanPage.new(piece,
                                                 Api::Serializers::Support::Formatter.new(Operations::Support::Workshop.current)).to_h
      end
      expect(pages.sum { |page| page.dig("plan", "steps").size }).to be > 30
      expect(Records::StepMark.live.count + Records::PlanEdit.live.count).to be_positive
      expect(Operations::House::Doctor.examine).to eq([])
    ensure
      Records::Base.connection.execute("PRAGMA synchronous = FULL")
    end
  end
end
