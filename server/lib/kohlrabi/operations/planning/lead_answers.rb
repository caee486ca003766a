# frozen_string_literal: true

module Operations
  module Planning
    # What a person says of lead in the old finish of a piece.
    module LeadAnswers
      WORDS = { "clear" => "no lead found", "present" => "lead found", "unsure" => "not sure" }.freeze

      extend self

      # The answer to the lead question. given: {"answer"}: clear, present, unsure, or empty to ask again. Returns what
      # it changes, in sentences.
      def answer(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          before = Plans.of(piece)
          params = Support::Params.new(given, Support::Workshop.current)
          params.choice(:answer, WORDS.keys, into: :lead_answer)
          piece.update!(params.done!)
          Flips::Changes.write(piece, "lead", "Lead: #{WORDS.fetch(piece.lead_answer, 'undone')}.")
          Plans.record_change(piece, before)
        end
      end
    end
  end
end
