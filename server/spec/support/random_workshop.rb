# frozen_string_literal: true

require_relative "../server_helper"

# A random workshop: planned pieces of several kinds at every stage, hours and costs that belong to steps and that
# don't, typed figures.
class RandomWorkshop
  OPERATIONS = Operations
  KINDS = ["dresser", "nightstand", "chair", "bookcase", "coffee table", "writing bureau"].freeze

  def initialize(seed)
    @random = Random.new(seed)
    rules = { "floor_pay" => pick(["", "8"]), "target_pay" => pick(["", "15"]), "fee_rate" => pick(["", "10"]),
              "currency" => pick(%w[EUR USD]) }
    rules["hours_rule"] = pick(%w[bench all])
    OPERATIONS::House::WorkshopSettings.update("lock_version" => Records::Workshop.first.lock_version, **rules)
    @ids = Array.new(@random.rand(2..3)) { |number| piece(number) }
    12.times { attempt { step } }
  end

  private

  def pick(list) = list.sample(random: @random)

  def attempt
    yield
  rescue OPERATIONS::Support::Refused, OPERATIONS::Support::NotFound, Core::Refusal
    nil # what cannot be is refused, as it would be to anybody
  end

  def piece(number)
    id = OPERATIONS::Flips::Pieces.create("name" => "Piece #{number}", "kind" => pick(KINDS), "bought_on" => "2026-05-01",
                                          "purchase" => pick(["", "20", "45", "400"]), "expected_resale" => pick(["", "", "160"]),
                                          "hours_to_come" => pick(["", "3"])).id
    plan(id) if @random.rand(4).positive?
    id
  end

  def plan(id)
    look = OPERATIONS::Planning::Looks.create(id, "name" => "Plain")
    zones = OPERATIONS::Planning::Drawing.zones(Records::Piece.find(id)).select(&:shown?).map(&:key)
    OPERATIONS::Planning::Looks.paint(look.id, "zones" => zones, "finish" => pick(%w[paint stain clear]),
                                               "colour" => "navy")
    OPERATIONS::Planning::Looks.choose(look.id)
    OPERATIONS::Planning::LeadAnswers.answer(id, "answer" => "clear")
    OPERATIONS::Planning::Looks.create(id, "name" => "Other", "like" => look.id) if @random.rand(3).zero?
  end

  def step
    id = pick(@ids)
    case @random.rand(8)
    when 0, 1 then work(id)
    when 2 then OPERATIONS::Flips::Costs.create("what" => pick(%w[paint knobs lunch]), "amount" => "14.50",
                                                "pieces" => [{ "piece_id" => id }])
    when 3 then finish(id)
    when 4 then event(id)
    when 5 then OPERATIONS::Planning::Findings.create(id, "kind" => pick(%w[gouge wobble odor]),
                                                          "zone" => pick(["", "top"]))
    when 6 then OPERATIONS::Flips::Pieces.update(id, "lock_version" => Records::Piece.find(id).lock_version,
                                                     "promised_on" => pick(["", "2026-07-20"]), "go_on" => pick(%w[yes no]))
    when 7 then Records::Question.where(answer: nil, kind: "touch_up").each { |one| OPERATIONS::Flips::Questions.answer(one.id, "answer" => pick(%w[planned left])) }
    end
  end

  def work(id)
    open = OPERATIONS::Planning::Plans.of(Records::Piece.find(id))&.steps.to_a.select(&:open?)
    if @random.rand(2).zero?
      steps = { "done_steps" => open.first(2).map do |step|
        { "piece_id" => id, "step" => step.key }
      end }
    end
    said = { "kind" => pick(%w[sanding painting cleaning]), "effort" => pick(["20", "1.5", "4 h"]),
             "worked_on" => "2026-06-10" }
    OPERATIONS::Flips::Work.create(**said, "pieces" => [{ "piece_id" => id }], **steps.to_h)
  end

  def finish(id)
    plan = OPERATIONS::Planning::Plans.of(Records::Piece.find(id)) or return
    step = plan.steps.sample(random: @random)
    OPERATIONS::Planning::Steps.worked(id, step.key, at: Clock.now) if step
  end

  def event(id)
    kind = pick(%w[ready listed sold kept])
    rest = { "listed" => { "asking" => "180" }, "sold" => { "price" => "160" } }.fetch(kind, {})
    OPERATIONS::Flips::Events.create(id,
                                     { "kind" => kind, "on" => pick(%w[2026-06-15 2026-06-29]),
                                       "open_steps" => pick(%w[done dropped]), **rest })
  end
end
