# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Coats of paint with an inspection after the first and light sanding between; an undercolour first where edges
      # will show it.
      class Paint < Rule
        rule "Paint",
             on: "paint is chosen",
             why: "as many coats as its tone needs over what lies under it; flaws show only under the first"
        UNDER = -500 # place of an undercolour before the coats

        def applies? = choice.finish == "paint"

        def plan
          coats(under_signature, choice.undercolour, 1, UNDER, "undercolour") if choice.undercolour
          under = choice.undercolour ? tone_of(choice.undercolour) : tone_under
          number, why = Coats.said(choice.coats,
                                   *Coats.paint(tone, under, primed: primed?, chalk: main_product[:chalk]))
          coats(signature, choice.colour, number, 0, [why, unprimed, way_said].compact.join("; "))
        end

        private

        # Why there is no primer, where there is none.
        def unprimed
          return if primed?

          primer_built_in? ? "no primer: the paint brings its own, and nothing bleeds" : "no primer: nothing calls for one"
        end

        # An undercolour is a first coat of the same paint.
        def primed? = !primer.nil? || !choice.undercolour.nil?

        # from: their place among the coats.
        def coats(sign, colour, number, from, why)
          number.times do |coat|
            seq = from + (coat * 20)
            coat(sign, colour, coat, seq, why, note: trim_note(first: coat.zero?, last: coat == number - 1))
            inspect_first(sign, seq) if coat.zero? && from.zero?
            add(:between, key: "between/#{sign}/#{coat + 1}", seq: seq + 6, grits: [320]) unless coat == number - 1
          end
        end

        # Edges and trim by the workshop's way: first on every coat; or after the body on the first coat and before it
        # on the last.
        def trim_note(first:, last:)
          return if sprayed?
          return unless zone.trim? && brief.zones.any? { |other| !other.trim? && brief.choice(other) == choice }
          return "edges and trim first" if practices[:edges] == "first" || (last && !first)

          "body first, then edges and trim" if first
        end

        def coat(sign, colour, coat, seq, why, note:)
          row = material(colour)
          each_face do |face, word, turn|
            add(:coat, of: row, key: "coat/#{sign}/#{coat + 1}#{face}",
                       words: { coat: coat + 1, with: row[:label] + word }, rate: way,
                       area: coat_area(way), seq: seq + turn, materials: amount(row, way: way, faces: 1),
                       cautions: way == "spray" ? %w[spray] : [], note: note, wait: until_turned(row, face),
                       wait_why: "#{main_product[:label]}, recoat", touch: row[:touch],
                       fixed: fixed(coat, way, face, after: !primer.nil? && primer_way == "spray"), why: why, way: way,
                       place: where(way))
          end
        end

        def inspect_first(sign, seq)
          add(:inspect, key: "inspect/#{sign}", seq: seq + 4, materials: { "filler_two" => 2 })
        end
      end

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

      # Decorative paper, pasted on.
      class HangPaper < Rule
        rule "Paper",
             on: "paper is chosen, or asked for over another finish",
             why: "it lies on the last coat and under the clear one"
        SPARE = 1.15 # of the area, for trimming

        def applies? = finished? && (choice.finish == "paper" || choice.over&.include?("paper"))

        def plan
          row = products.fetch("paper")
          paste = products.fetch("paste")
          add(:paper, of: row, key: "paper#{recoat_suffix}",
                      materials: { row[:key] => zone.square_metres * SPARE, **amount(paste) }, wait: paste[:recoat])
        end
      end

      # After the last coat the zone must be hard enough to handle.
      class Harden < Rule
        rule "Until it may be handled",
             on: "the last coat of a zone",
             why: "parts go back after they may be handled",
             source: "by the product's label"

        def applies? = finished? && !last.nil? && Phases.place(last.phase) >= Phases.place("prime")

        def plan
          handle = products.fetch(last.materials.keys.first)[:handle]
          return unless handle && handle > last.wait

          last.wait = handle
          last.wait_why = "before it is handled or refitted"
        end

        private

        def last
          @last ||= tasks.select do |task|
            task.materials.any? && !task.try
          end.max_by { |task| [Phases.place(task.phase), task.seq] }
        end
      end
    end
  end
end
