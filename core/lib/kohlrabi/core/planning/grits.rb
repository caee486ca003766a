# frozen_string_literal: true

module Core
  module Planning
    # Sanding ladders from the grits at hand.
    module Grits
      # Mean particle size in micrometres (FEPA 43-1 / ISO 6344; from memory).
      MICRONS = { 40 => 425, 60 => 269, 80 => 201, 100 => 162, 120 => 125, 150 => 100, 180 => 82, 220 => 68, 240 => 58.5, 320 => 46.2,
                  400 => 35.0 }.freeze
      USUAL = [60, 80, 100, 120, 150, 180, 220, 240, 320].freeze
      COARSE = 2.2 # how much finer a step may be when it leaves a grit coarser than P80
      FINE = 1.8

      extend self

      # From start to finish: fewest steps, then the smallest largest jump. grits: those at hand. Raises Refusal where a
      # grit is missing.
      def ladder(start, finish, grits: USUAL)
        raise Refusal.new(:ends_coarser_than_it_starts, finish: finish, start: start) if finish < start

        steps = (grits | [start, finish]).grep(start..finish).sort
        best = paths(steps).min_by { |path| [path.size, jumps(path).max || 1, path] }
        best || raise(Refusal.new(:no_way_between_grits, field: :grits, start: start, finish: finish,
                                                         steps: missing(steps)))
      end

      # Whether one may follow the other.
      def follows?(coarse, fine) = ratio(coarse, fine) <= (coarse < 80 ? COARSE : FINE)

      private

      # All ways from the first to the last by steps that may follow; pruned to the fewest, one list for each grit.
      def paths(steps)
        best = { steps.first => [[steps.first]] }
        steps.drop(1).each do |grit|
          ways = best.flat_map { |from, paths| follows?(from, grit) ? paths.map { |path| [*path, grit] } : [] }
          best[grit] = ways.select { |way| way.size == ways.map(&:size).min } if ways.any?
        end
        best[steps.last] || []
      end

      def jumps(path) = path.each_cons(2).map { |coarse, fine| ratio(coarse, fine) }

      def ratio(coarse, fine) = MICRONS.fetch(coarse).to_f / MICRONS.fetch(fine)

      # The grit that would bridge the first gap.
      def missing(steps)
        coarse, fine = steps.each_cons(2).find { |from, to| !follows?(from, to) }
        MICRONS.keys.select { |grit| grit.between?(coarse + 1, fine - 1) && follows?(coarse, grit) }.max
      end
    end
  end
end
