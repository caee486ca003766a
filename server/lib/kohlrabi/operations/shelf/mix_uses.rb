# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Shelf
      # Which pieces and zones were painted with a mix, by which version and coat: what a touch-up asks for.
      module MixUses
        # zones: keys by the plan as it is; needed: ml still to come; coats: Array of Coat, the latest first.
        Use = Struct.new(:mix, :piece, :plan, :zones, :needed, :coats, keyword_init: true)
        # version: its number, nil for a batch that was put on the shelf by hand; step: label of the step it was taken for, or nil.
        Coat = Struct.new(:version, :step, :on, :amount, keyword_init: true)

        module_function

        # Array of Use of one piece.
        def of_piece(piece)
          mixes = Mixes.all
          return [] if mixes.empty?

          plan = Planning::Plans.of(piece)
          mixes.filter_map { |mix| use(mix, piece, plan) }
        end

        # Array of Use of one mix, over all pieces whose chosen look names it or that have taken from it.
        def of_mix(mix)
          key = Mixes.key(mix)
          painted = Records::LookZone.joins(:look).where(product: key, looks: { deletion_id: nil, chosen: true }).select("looks.piece_id")
          taken = draws(key).joins(cost: :shares).select("cost_shares.piece_id")
          Records::Piece.live.where(id: painted).or(Records::Piece.live.where(id: taken)).order(id: :desc).limit(100).filter_map do |piece|
            use(mix, piece, Planning::Plans.of(piece))
          end
        end

        # ml that a piece's plan still needs of a mix.
        def needed(mix, piece) = Planning::Plans.of(piece)&.materials_left&.fetch(Mixes.key(mix), 0).to_r

        def use(mix, piece, plan)
          key = Mixes.key(mix)
          steps = plan ? plan.steps.select { |step| step.materials.key?(key) } : []
          coats = coats([key], piece)
          return if steps.empty? && coats.empty?

          Use.new(mix: mix, piece: piece, plan: plan, zones: steps.flat_map(&:zones).uniq, needed: plan ? plan.materials_left.fetch(key, 0) : 0,
                  coats: coats)
        end
        private_class_method :use

        # Array of Coat of what a piece had of some materials, the latest first. keys: of the materials.
        def coats(keys, piece)
          rows = draws(keys).joins(cost: :shares).where(cost_shares: { piece_id: piece.id }).preload(container: :mix_version).order(drawn_on: :desc,
                                                                                                                                    id: :desc)
          rows.map do |draw|
            Coat.new(version: draw.container.mix_version&.number, step: draw.step, on: draw.drawn_on,
                     amount: Rational(draw.amount_thousandths, Containers::THOUSANDTHS))
          end
        end

        def draws(keys) = Records::Draw.live.joins(:container).where(containers: { product: keys }).where.not(cost_id: nil)
        private_class_method :draws
      end
    end
  end
end
