# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # Pieces in hand by what they pay from here on: what to finish first, what to sell as it is, what to drop.
      module FromHere
        STAGES = ["bought", "on the bench", "ready"].freeze
        MOST = 200 # pieces that are weighed, those bought last

        module_function

        # Array of [Records::Piece, Core::Market::FromHere::Row].
        def rows
          workshop = House::WorkshopSettings.workshop
          scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: STAGES }).order(id: :desc).limit(MOST)
          pieces = Records::AtOnce.load(scope, %i[summary looks]).index_by(&:id)
          text = ->(minor) { Core::Units::MoneyText.text(minor, workshop.money) }
          found = Core::Market::FromHere.new(pieces.values.map { |piece| weighed(piece) }, text: text, floor: workshop.floor_pay_minor,
                                                                                           target: workshop.target_pay_minor).rows
          found.map { |row| [pieces.fetch(row.piece.id), row] }
        end

        def weighed(piece)
          net = Positions.net(true)
          stage = piece.summary.stage
          brings = Values.expected(piece, briefly: true)
          as_found = stage == "ready" ? nil : Values.expected_as_found(piece)
          Core::Market::FromHere::Piece.new(id: piece.id, stage: stage, finish: brings && (net.of(brings) - piece.cost_to_come_minor.to_i).round,
                                            as_is: as_found && net.of(as_found).round, seconds: stage == "ready" ? 0 : piece.seconds_to_come)
        end
        private_class_method :weighed
      end
    end
  end
end
