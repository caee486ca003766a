# frozen_string_literal: true

module Operations
  module Shelf
    # Which pieces and zones were painted with a mix, by which version and coat: what a touch-up asks for.
    module MixUses
      # zones: keys by the plan as it is; needed: ml still to come; coats: Array of Coat, the latest first.
      MAX_PIECES = 100 # pieces that are shown of a mix
      Use = Struct.new(:mix, :piece, :plan, :zones, :needed, :coats, keyword_init: true)
      # version: its number, nil for a batch that was put on the shelf by hand; step: label of the step it was taken
      # for, or nil.
      Coat = Struct.new(:version, :step, :on, :amount, keyword_init: true)

      extend self

      # Array of Use of one piece.
      def of_piece(piece)
        mixes = Mixes.all
        return [] if mixes.empty?

        plan = Planning::Plans.of(piece)
        mixes.filter_map { |mix| use(mix, plan, piece, coats([Mixes.key(mix)], [piece]).fetch(piece.id, [])) }
      end

      # Array of Use of one mix, over all pieces whose chosen look names it or that have taken from it.
      def of_mix(mix)
        key = Mixes.key(mix)
        painted = Records::LookZone.joins(:look).where(product: key,
                                                       looks: {
                                                         deletion_id: nil, chosen: true
                                                       }).select("looks.piece_id")
        taken = draws(key).joins(cost: :shares).select("cost_shares.piece_id")
        found = Records::Piece.live.where(id: painted).or(Records::Piece.live.where(id: taken)).order(id: :desc).limit(MAX_PIECES)
        pieces = found.preload(Planning::Plans::PARTS).to_a
        coats = coats([key], pieces)
        pieces.filter_map { |piece| use(mix, Planning::Plans.of(piece), piece, coats.fetch(piece.id, [])) }
      end

      # ml that a piece's plan still needs of a mix.
      def needed(mix, piece) = Planning::Plans.of(piece)&.materials_left&.fetch(Mixes.key(mix), 0).to_r

      # {piece id => Array of Coat} of what pieces had of some materials, the latest first. keys: of the materials.
      def coats(keys, pieces)
        rows = draws(keys).joins(cost: :shares).left_joins(container: :mix_version).where(cost_shares: { piece_id: pieces.map(&:id) })
                          .order(drawn_on: :desc, id: :desc)
        found = rows.pluck("cost_shares.piece_id", "mix_versions.number", :step, :drawn_on,
                           :amount_thousandths).group_by(&:shift)
        found.transform_values do |own|
          own.map do |version, step, on, amount|
            Coat.new(version: version, step: step, on: on, amount: Rational(amount, Containers::THOUSANDTHS))
          end
        end
      end

      private

      def use(mix, plan, piece, coats)
        key = Mixes.key(mix)
        steps = plan ? plan.steps.select { |step| step.materials.key?(key) } : []
        return if steps.empty? && coats.empty?

        Use.new(mix: mix, piece: piece, plan: plan, zones: steps.flat_map(&:zones).uniq, needed: plan ? plan.materials_left.fetch(key, 0) : 0,
                coats: coats)
      end

      def draws(keys)
        Records::Draw.live.joins(:container).where(containers: { product: keys }).where.not(cost_id: nil)
      end
    end
  end
end
