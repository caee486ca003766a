# frozen_string_literal: true

module Operations
  module Flips
    # Techniques of a piece in the person's own words, such as "stripped to wood", by which flips are compared.
    module Techniques
      MAX_TECHNIQUES = 12
      LONGEST = 40

      extend Support::Refusing

      extend self

      # given: {"techniques"? => "stripped to wood, new legs"}; not sent, nothing changes. Raises Refused.
      def set(piece, given)
        return unless given.key?("techniques")

        names = given["techniques"].to_s.split(",").map(&:strip).reject(&:empty?).uniq { |name| name.downcase(:ascii) }
        refuse(:too_many_techniques, field: :techniques, most: MAX_TECHNIQUES) if names.size > MAX_TECHNIQUES
        refuse(:technique_too_long, field: :techniques, longest: LONGEST) if names.any? { |name| name.size > LONGEST }
        piece.technique_tags.destroy_all
        names.each { |name| Records::TechniqueTag.create!(piece: piece, name: name) }
        piece.technique_tags.reset
      end

      # As typed.
      def text(piece) = piece.technique_tags.map(&:name).join(", ")
    end
  end
end
