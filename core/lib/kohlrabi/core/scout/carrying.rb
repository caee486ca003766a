# frozen_string_literal: true

module Core
  module Scout
    # A piece against every opening of the house: as it stands, and with drawers and legs off.
    class Carrying
      # kind: "load", "door" or "stairs"; measures in mm; long (the way in) only for a load space.
      Opening = Struct.new(:name, :kind, :width, :height, :long, keyword_init: true)
      Row = Struct.new(:opening, :whole, :bare, keyword_init: true)
      KINDS = { "load" => "load space", "door" => "door", "stairs" => "stairs" }.freeze
      PULLS = 25 # mm that pulls stand out from the front (common practice, no source); gone with the drawers

      # width, depth, height, leg: mm or nil; drawers: whether it has any.
      def initialize(width:, depth:, height:, leg: nil, drawers: false)
        @size = [width, depth, height]
        @leg = leg.to_f
        @out = drawers ? PULLS : 0
      end

      # Which measure is missing, in words, or nil.
      def why
        missing = %w[width depth height].zip(@size).filter_map { |name, size| name unless size }
        "#{missing.join(', ')} not given" if missing.any?
      end

      # Whether anything can be taken off.
      def strippable? = @leg.positive? || @out.positive?

      # Rows for the openings; bare is nil where nothing can be taken off.
      def rows(openings)
        return [] if why

        width, depth, height = @size
        whole = Fit.new(width: width, depth: depth + @out, height: height)
        bare = Fit.new(width: width, depth: depth, height: height - @leg) if strippable?
        openings.map do |opening|
          Row.new(opening: opening, whole: try(whole, opening), bare: bare && try(bare, opening))
        end
      end

      private

      def try(box, opening)
        if opening.kind == "load"
          box.into(opening.width, opening.long,
                   opening.height)
        else
          box.through(opening.width, opening.height)
        end
      end
    end
  end
end
