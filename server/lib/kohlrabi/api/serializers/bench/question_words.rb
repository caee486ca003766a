# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Bench
        # A question about what does not fit together, in words, with its answers.
        module QuestionWords
          module_function

          # question: Records::Question, with what it is about.
          def of(question, formatter)
            { id: question.id, kind: question.kind, container_id: question.container_id,
              text: question.kind == "short" ? short(question, formatter) : overlap(question, formatter),
              answers: question.kind == "short" ? [] : answers(question) }
          end

          def short(question, formatter)
            container = question.container
            product = Operations::Shelf::Products.core.fetch(container.product)
            amount = Rational(question.amount_thousandths, Operations::Shelf::Containers::THOUSANDTHS)
            more = Core::Shelf::Amount.text(amount, product, unit: formatter.workshop.length_unit)
            "#{more} more #{product[:label]} was taken than stood in it. How much is left now?"
          end

          def overlap(question, formatter)
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
          private_class_method :short, :overlap, :answers, :entries
        end
      end
    end
  end
end
