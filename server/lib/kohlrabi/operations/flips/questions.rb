# frozen_string_literal: true

module Operations
  module Flips
    # What only the person can say: asked until it is answered. Of each kind a piece has one question at a time, which
    # grows with what is recorded meanwhile.
    module Questions
      # Whose minutes count where hours overlap.
      ANSWERS = %w[both first second].freeze
      OF_PIECE = %w[hours costs materials touch_up said].freeze
      USED = %w[used left_over not_needed].freeze # what may have become of planned material

      extend Support::Refusing

      extend self

      # Open ones, the oldest first.
      def open
        parts = [:container, :finding, { piece: :summary, work_entry: :person, other_entry: :person }]
        found = Records::Question.where(answer: nil).order(:id).preload(*parts).to_a
        found.reject { |question| question.piece && past?(question) }
      end

      # Whether nothing is left to ask: the piece was removed, has ended, or needs nothing more of what is asked about.
      def past?(question)
        piece = question.piece
        return true if piece.deletion_id || (question.kind != "materials" && Lists::IN_HAND.exclude?(piece.summary.stage))
        return question.finding.deletion_id.present? if question.kind == "touch_up"

        { "hours" => -> { Planning::DoneWith.of(piece, question.said).empty? }, "costs" => lambda {
          Planning::StillToBuy.of(piece).empty?
        },
          "said" => -> { !piece.seconds_to_come&.zero? } }.fetch(question.kind, -> { false }).call
      end

      # Hours that belong to no step were recorded, and nobody was asked which steps they finished. shares: of the work.
      def ask_hours(entry)
        entry.shares.each do |share|
          next if Planning::DoneWith.of(share.piece, { entry.kind => share.seconds }).empty?

          grow("hours", share.piece) do |said|
            said.to_h.merge(entry.kind => said.to_h.fetch(entry.kind, 0) + share.seconds)
          end
        end
      end

      # The same of hours from before anybody was asked. hours: {kind of work => seconds}.
      def ask_old_hours(piece, hours)
        grow("hours", piece) { hours } if hours.any? && Planning::DoneWith.of(piece, hours).any?
      end

      # A cost was recorded, and nobody was asked what it covers.
      def ask_costs(cost)
        cost.shares.map(&:piece).each do |piece|
          next if Planning::StillToBuy.likely(Planning::StillToBuy.of(piece), cost.what, cost.category).empty?

          grow("costs", piece) { |said| Array(said) | [cost.id] }
        end
      end

      # Steps were taken as done; their material was planned and never recorded. amounts: {material key => amount}.
      def ask_materials(piece, amounts)
        amounts = amounts.select { |_, amount| amount.positive? }
        grow("materials", piece) { amounts.transform_values(&:to_f) } if amounts.any?
      end

      # A problem was noted after the piece was ready.
      def ask_touch_up(finding) = Records::Question.create!(kind: "touch_up", piece: finding.piece, finding: finding)

      # The hours that somebody said are used up.
      def ask_said(piece) = grow("said", piece) { nil }

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

      # given: {"answer"}: both stand, or the first or the second has the minutes that they share; of a piece see
      # PieceAnswers. Returns what it came to, a sentence.
      def answer(id, given)
        Records::Base.transaction do
          question = Records::Question.find_by(id: id, answer: nil) or refuse(:asked_no_longer)
          next PieceAnswers.new(question, given).take if OF_PIECE.include?(question.kind)

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

      # [from, to] of an entry, instants.
      def span(entry) = [entry.started_at, entry.started_at + entry.seconds]

      private

      # The open question of a kind about a piece, made where there is none. The block takes its details and returns the
      # new ones.
      def grow(kind, piece)
        question = Records::Question.find_or_initialize_by(kind: kind, piece: piece, answer: nil)
        details = yield(question.said)
        question.update!(details: details && JSON.generate(details))
      end

      def lengthen(question)
        Support::Removal.undo(question.deletion_id) if question.deletion_id
        return unless question.before_seconds

        kept, cut = question.kept_and_cut
        now = Core::Bench::Overlap.without(
          [question.before_started_at, question.before_started_at + question.before_seconds], span(kept)
        )
        same = [kept, cut].none?(&:deletion_id) && now&.zip(span(cut))&.all? { |one, other| (one - other).abs < 1 }
        refuse(:hours_changed_since) unless same
        last(cut, question.before_started_at, question.before_seconds)
      end

      # Hours that began then and lasted so long.
      def last(entry, from, seconds)
        entry.update!(started_at: from, seconds: seconds)
        Summaries.refresh(Sharing.write(entry, Sharing.rows(entry)))
      end

      def shorten(question)
        kept, other = question.kept_and_cut
        return "Both are kept." unless kept

        left = Core::Bench::Overlap.without(span(other), span(kept))
        if left.nil?
          question.update!(deletion: Support::Removal.of([other], what: "Overlapping hours removed"))
          return "It's removed, because the other one covers all of it."
        end
        question.update!(before_started_at: other.started_at, before_seconds: other.seconds)
        last(other, left.first, (left.last - left.first).round)
        kind = Core::Flips::WorkKinds.label(other.kind).downcase
        "#{Core::Units::Effort.text(other.seconds)} of #{kind} of it is left."
      end
    end
  end
end
