# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # An open question in words, with its answers.
      module QuestionWords
        module_function

        # question: Records::Question, with what it is about.
        def of(question, formatter)
          { id: question.id, kind: question.kind, container_id: question.container_id,
            piece: question.piece && { id: question.piece.id, name: question.piece.name },
            answers: [], steps: [], items: [], materials: [], **public_send(question.kind, question, formatter) }
        end

        def hours(question, formatter)
          said = question.said.map { |kind, seconds| "#{Core::Units::Effort.text(seconds)} of #{Core::Flips::WorkKinds.label(kind).downcase}" }
          { text: "You recorded #{said.to_sentence} on #{question.piece.name}. Done with these?",
            steps: Planning::DoneWithRow.steps(Operations::Planning::DoneWith.of(question.piece, question.said),
                                               formatter) }
        end

        def costs(question, formatter)
          rows = Records::Cost.live.where(id: question.said).order(:id).to_a
          last = rows.last
          said = rows.map { |cost| "#{cost.what}, #{formatter.money(cost.amount_minor)[:text]}" }.to_sentence
          open = Operations::Planning::StillToBuy.of(question.piece)
          { text: "#{question.piece.name}: what does this cover? #{said}",
            items: Planning::StillToBuyRow.items(
              last ? Operations::Planning::StillToBuy.likely(open, last.what, last.category) : [], formatter
            ) }
        end

        def materials(question, formatter)
          products = Operations::Shelf::Products.core
          rows = question.said.map do |key, amount|
            row = products.fetch(key)
            { material: key, label: row[:label], amount: formatter.typed_size(amount, row) }
          end
          { text: "#{question.piece.name} is finished. What became of the material planned for it?", materials: rows }
        end

        def touch_up(question, _formatter)
          finding = Operations::Planning::Findings.core(question.piece).find { |one| one.id == question.finding_id }
          { text: "You noted “#{finding&.label}” on #{question.piece.name} after it was ready. Touch it up?",
            answers: [{ key: "planned", label: "Plan a touch-up" }, { key: "left", label: "Leave it" }] }
        end

        def said(question, _formatter)
          said = Core::Units::Effort.text(question.piece.said_seconds)
          { text: "The #{said} you gave #{question.piece.name} are used up. How much work is left?",
            answers: [{ key: "none", label: "Nothing is left" }] }
        end

        def short(question, formatter)
          { text: short_text(question, formatter) }
        end

        def overlap(question, formatter)
          { text: overlap_text(question, formatter), answers: answers(question) }
        end

        def short_text(question, formatter)
          container = question.container
          product = Operations::Shelf::Products.core.fetch(container.product)
          amount = Rational(question.amount_thousandths, Operations::Shelf::Containers::THOUSANDTHS)
          more = Core::Shelf::Amount.text(amount, product, unit: formatter.workshop.length_unit)
          "#{more} more #{product[:label]} was taken than stood in it. How much is left now?"
        end

        def overlap_text(question, formatter)
          first, second = entries(question)
          on = formatter.day(question.work_entry.worked_on)[:text]
          "#{question.work_entry.person.name} worked at two things at once on #{on}: #{first}; #{second}. " \
            "Whose are the minutes that both have?"
        end

        def answers(question)
          [["both", "Both stand"], *%w[first second].zip(entries(question))].map do |key, label|
            { key: key, label: key == "both" ? label : "Only #{label}" }
          end
        end

        # "sanding 14:00 to 14:40" of both.
        def entries(question)
          [question.work_entry, question.other_entry].map do |entry|
            zone = Operations::House::WorkshopSettings.workshop.zone
            from, to = Operations::Flips::Questions.span(entry).map { |at| at.in_time_zone(zone).strftime("%H:%M") }
            "#{Core::Flips::WorkKinds.label(entry.kind).downcase} #{from} to #{to}"
          end
        end
        private_class_method :short_text, :overlap_text, :answers, :entries
      end
    end
  end
end
