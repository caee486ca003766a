# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Stencils and metallic lines.
      class Lines < Rule
        rule "Stencil and lines",
             on: "a stencil or a metallic line is asked for over a finish",
             why: "they lie on the last coat and under the clear one",
             source: "common practice, weak"
        SHARE = 0.15 # of the zone that one covers
        KINDS = %w[stencil metallic].freeze

        def applies? = finished? && choice.over&.intersect?(KINDS)
        def plan = choice.over.each_with_index { |extra, index| line(extra, index) if KINDS.include?(extra) }

        private

        def line(extra, index)
          row = products.standard(extra)
          add(extra.to_sym, of: row, key: "#{extra}/#{index}#{recoat_suffix}", seq: index, wait: row[:recoat],
                            wait_why: "#{row[:label]}, dry",
                            materials: amount(row).transform_values { |millilitres| millilitres * SHARE })
        end
      end
    end
  end
end
