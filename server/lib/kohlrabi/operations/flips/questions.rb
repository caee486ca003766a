# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Flips
      # What was taken in as it came and does not fit together: asked until somebody says how it was.
      module Questions
        # Whose minutes count where hours overlap.
        ANSWERS = %w[both first second].freeze

        extend Support::Refusing

        module_function

        # Open ones, the oldest first.
        def open
          ids = Records::Household.all(:questions).map(&:id)
          return [] if ids.empty?

          parts = [:container, { work_entry: :person, other_entry: :person }]
          Records::Question.where(id: ids).order(:id).preload(*parts).to_a
        end

        # An entry was recorded with the time at which it began: those of the same person that it overlaps are asked
        # about.
        def ask_overlaps(entry)
          own = span(entry)
          others = Records::WorkEntry.live.where(person_id: entry.person_id).where.not(id: entry.id)
                                     .where(started_at: (own.first - Core::Units::Effort::DAY)..own.last)
          others.select { |other| Core::Bench::Overlap.seconds(own, span(other)).positive? }.each do |other|
            first, second = [entry, other].sort_by { |one| [one.started_at, one.id] }
            Records::Question.create!(kind: "overlap", work_entry: first, other_entry: second)
          end
        end

        # More was taken from a container than stood in it. One question a container.
        def ask_level(container, thousandths)
          open = Records::Question.find_or_initialize_by(kind: "short", container: container, answer: nil)
          open.update!(amount_thousandths: open.amount_thousandths.to_i + thousandths)
        end

        # What stands in it was read.
        def level_read(container)
          open = Records::Question.where(kind: "short", container: container, answer: nil)
          open.update_all(answer: "read", updated_at: Clock.now)
        end

        # given: {"answer"}: both stand, or the first or the second has the minutes that they share. Returns what it
        # came to, a sentence.
        def answer(id, given)
          Records::Base.transaction do
            question = Records::Question.find_by(id: id, answer: nil) or refuse(:asked_no_longer)
            said = given["answer"].to_s
            known = ANSWERS.include?(said)
            refuse(:not_one_of_these, field: :answer, given: said, choices: ANSWERS.join(", ")) unless known
            refuse(:read_the_level, field: :answer) if question.kind == "short"
            question.update!(answer: said)
            shorten(question)
          end
        end

        # Takes an answer back: the hours are again what they were, and it is asked again.
        def ask_again(id)
          Records::Base.transaction do
            question = Records::Question.find_by(id: id, answer: ANSWERS) or refuse(:not_answered)
            lengthen(question)
            question.update!(answer: nil, deletion: nil, before_started_at: nil, before_seconds: nil)
          end
        end

        def lengthen(question)
          Support::Removal.undo(question.deletion_id) if question.deletion_id
          return unless question.before_seconds

          kept, cut = question.kept_and_cut
          now = Core::Bench::Overlap.without([question.before_started_at, question.before_started_at + question.before_seconds], span(kept))
          same = [kept, cut].none?(&:deletion_id) && now&.zip(span(cut))&.all? { |one, other| (one - other).abs < 1 }
          refuse(:hours_changed_since) unless same
          last(cut, question.before_started_at, question.before_seconds)
        end
        private_class_method :lengthen

        # Hours that began then and lasted so long.
        def last(entry, from, seconds)
          entry.update!(started_at: from, seconds: seconds)
          Summaries.refresh(Sharing.write(entry, Sharing.rows(entry)))
        end
        private_class_method :last

        def shorten(question)
          kept, other = question.kept_and_cut
          return "Both stand." unless kept

          left = Core::Bench::Overlap.without(span(other), span(kept))
          if left.nil?
            question.update!(deletion: Support::Removal.of([other], what: "Hours that overlapped removed"))
            return "It is removed: all of it was in the other."
          end
          question.update!(before_started_at: other.started_at, before_seconds: other.seconds)
          last(other, left.first, (left.last - left.first).round)
          kind = Core::Flips::WorkKinds.label(other.kind).downcase
          "#{Core::Units::Effort.text(other.seconds)} of #{kind} are left of it."
        end
        private_class_method :shorten

        # [from, to] of an entry, instants.
        def span(entry) = [entry.started_at, entry.started_at + entry.seconds]
      end
    end
  end
end
