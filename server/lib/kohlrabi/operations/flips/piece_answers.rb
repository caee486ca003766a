# frozen_string_literal: true

module Operations
  module Flips
    # Takes the answer to a question about one piece.
    class PieceAnswers
      include Support::Refusing

      # question: Records::Question of one of Questions::OF_PIECE; given, by its kind: "hours" {"steps": [key]}, "costs"
      # {"items": [item]}, "materials" {"materials": [{"material", "became", "amount"?}]}, "touch_up" {"answer":
      # "planned" or "left"}, "said" {"answer": a time, or "none"}.
      def initialize(question, given)
        @question = question
        @piece = question.piece
        @given = given
      end

      # Does what was said. Returns what it came to, a sentence. Raises Refused.
      def take
        said = public_send(@question.kind)
        @question.update!(answer: "said")
        said
      end

      def hours
        steps = Array(@given["steps"])
        Planning::DoneWith.tick(steps.map do |key|
          { "piece_id" => @piece.id, "step" => key }
        end, person: nil, pieces: [@piece.id])
        return "No steps were ticked off." if steps.empty?

        steps.size == 1 ? "One step is ticked off." : "#{steps.size} steps are ticked off."
      end

      def costs
        rows = Array(@given["items"]).map { |item| { "piece_id" => @piece.id, "item" => item } }
        cost = Records::Cost.live.where(id: @question.said).order(:id).last
        Planning::StillToBuy.link(cost, rows) if cost
        rows.empty? ? "It doesn't cover anything planned." : "It's off the shopping list."
      end

      def materials
        rows = Array(@given["materials"])
        rows.each_with_index { |row, index| material(row, index) }
        if rows.any? do |row|
          row["became"] == "used"
        end
          "What you used is off the shelf, as far as there was enough."
        else
          "The shelf stays as it is."
        end
      end

      def touch_up
        said = @given["answer"].to_s
        refuse(:not_one_of_these, field: :answer, given: said, choices: "planned, left") unless %w[planned
                                                                                                   left].include?(said)
        Planning::Findings.touch_up(@question.finding, said)
        said == "planned" ? "The touch-up is now in the plan." : "No touch-up is planned."
      end

      def said
        text = @given["answer"].to_s
        seconds = text == "none" ? 0 : Core::Units::Effort.parse(text, bare: :hours, most: Core::Units::Effort::MOST_LEFT)
        @piece.update!(ToCome.say(seconds_to_come: seconds))
        Summaries.refresh([@piece.id])
        seconds.zero? ? "No work is left." : "#{Core::Units::Effort.text(seconds)} of work left."
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:answer)]
      end

      private

      # Used: off the shelf as far as it is there. Left over and not needed: the shelf stays as it is.
      def material(row, index)
        planned = @question.said.fetch(row["material"]) do
          refuse(:not_one_of_these, field: :"materials/#{index}/material", given: row["material"],
                                    choices: @question.said.keys.join(", "))
        end
        became = row["became"].to_s
        unless Questions::USED.include?(became)
          refuse(:not_one_of_these, field: :"materials/#{index}/became", given: became,
                                    choices: Questions::USED.join(", "))
        end
        Shelf::Draws.for_step(@piece, { row["material"] => amount(row, planned, index) }) if became == "used"
      end

      def amount(row, planned, index)
        return planned if row["amount"].to_s.strip.empty?

        product = Shelf::Products.core.fetch(row["material"])
        Core::Units::Quantity.parse(row["amount"], unit: product[:unit], house: Support::Workshop.current.length_unit)
      rescue Core::Refusal => e
        raise Support::Refused, [e.at("materials/#{index}/amount")]
      end
    end
  end
end
