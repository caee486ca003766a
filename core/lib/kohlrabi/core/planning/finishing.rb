# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Paint, stain, wash, bleach or oil on one zone, with the primer under it and what lies over it.
      class Finishing < ZoneJob
        TURN = 3 # minutes to turn a part onto points and take the brush up again (common practice, weak)
        NOZZLE = 5 # minutes to clean the nozzle between coats (common practice, no source)
        WAYS = { "paint" => :paint, "stain" => :stain, "wash" => :thin_wash, "bleach" => :bleach, "oil" => :oil }.freeze

        # bare: whether the zone is down to the wood by now. Returns Array of Task.
        def build(bare:)
          @priming = Priming.new(zone, brief, choice, bare: bare)
          try_product if new_product?
          @priming.build
          @tasks += @priming.tasks
          send(WAYS[choice.finish]) if WAYS.key?(choice.finish)
          @tasks += Decorating.new(zone, brief, choice).build + Clearing.new(zone, brief, choice).build
          set_last_wait
          tasks
        end

        # Row of the product of the finish, or nil.
        def product_of_finish = main_product

        private

        # A product of the workshop's own that was not used before with success.
        def new_product?
          row = main_product
          row && row[:like] && brief.experiences.none? { |one| one.product == row[:key] && one.worked }
        end

        def try_product
          row = main_product
          add(:try_product, of: row, key: "try-product/#{row[:key]}", seq: 5, wait: row[:recoat] || 0,
                            try: { product: row[:key], stop: 20, fallback: products.standard(row[:kind])[:label] })
        end

        def paint
          coats(under_signature, choice.undercolour, 1, -500, "undercolour") if choice.undercolour
          under = choice.undercolour ? tone_of(choice.undercolour) : @priming.tone_under
          primed = !@priming.primer.nil? || !choice.undercolour.nil? # an undercolour is a first coat of the same paint
          proposed = Coats.paint(tone_of(choice.colour), under, primed: primed, chalk: main_product[:chalk])
          number, why = Coats.said(choice.coats, *proposed)
          coats(signature, choice.colour, number, 0, why)
        end

        # Coats with an inspection after the first and light sanding between. from: their place among the coats.
        def coats(sign, colour, number, from, why)
          number.times do |coat|
            seq = from + (coat * 20)
            coat(sign, colour, coat, seq, why, note: trim_note(first: coat.zero?, last: coat == number - 1))
            inspect_first(sign, seq) if coat.zero? && from.zero?
            add(:between, key: "between/#{sign}/#{coat + 1}", seq: seq + 6, grits: [320]) unless coat == number - 1
          end
        end

        # Edges and trim by the workshop's way: first on every coat; or after the body on the first coat and before it on the last.
        def trim_note(first:, last:)
          return if sprayed?
          return unless zone.trim? && brief.zones.any? { |other| !other.trim? && brief.choice(other) == choice }
          return "edges and trim first" if practices[:edges] == "first" || (last && !first)

          "body first, then edges and trim" if first
        end

        def coat(sign, colour, coat, seq, why, note:)
          row = material(colour)
          each_face do |face, word, turn|
            add(:coat, of: row, key: "coat/#{sign}/#{coat + 1}#{face}", words: { coat: coat + 1, with: row[:label] + word },
                       rate: way, area: zone.area / 1_000_000.0, seq: seq + turn, materials: amount(row, way: way, faces: 1),
                       cautions: way == "spray" ? %w[spray] : [], note: note, wait: until_turned(row, face),
                       wait_why: "#{main_product[:label]}, recoat", touch: row[:touch], fixed: fixed(way, coat, face), why: why, way: way,
                       place: way == "spray" ? booth : "bench")
          end
        end

        # Without a tent one sprays outdoors.
        def booth = brief.tent ? "tent" : "outdoors"

        # Setting up and cleaning count once: for the first coat of a sprayer, for the first face of a part that is turned.
        def fixed(way, coat, face)
          return TURN if face.end_with?("2")

          way == "spray" && coat.positive? ? NOZZLE : nil
        end

        def inspect_first(sign, seq) = add(:inspect, key: "inspect/#{sign}", seq: seq + 4, materials: { "filler_two" => 2 })

        def way
          return "brush" if zone.grade == "hard" || (zone.trim? && !sprayed?)
          return "spray" if sprayed?
          return practices[:applying] unless practices[:applying] == "computed"

          zone.grade == "flat" && zone.area >= 100_000 ? "roller" : "brush"
        end

        # By the house's way, or where the whole piece pays for setting a sprayer up: never for a small part by itself.
        def sprayed?
          return practices[:applying] == "spray" unless practices[:applying] == "computed"

          practices[:sprayer] == "yes" && brief.painted_area > Shelf::Rates.spray_break_even
        end

        # A water-based coat over an oil-based stain crawls unless the stain is dry right through.
        def stain
          row = material
          oily = row[:base] == "oil" && products.standard("clear")[:base] == "water"
          add(:stain, of: row, key: "colour/#{signature}/1#{recoat_suffix}", materials: amount(row), wait: oily ? row[:handle] : row[:recoat],
                      wait_why: oily ? "a day before a water-based coat goes over it" : "#{main_product[:label]}, before it is coated")
        end

        # Paint and water, half and half, loses its primer and its clear coat.
        def thin_wash
          row = material
          add(:try_wash, key: "try-wash#{recoat_suffix}", seq: -1, wait: row[:recoat],
                         try: { product: main_product[:key], stop: 20, fallback: "paint this zone" })
          add(:thin_wash, of: row, key: "colour/#{signature}/1#{recoat_suffix}", materials: amount(row).transform_values do |millilitres|
            millilitres / 2
          end,
                          wait: row[:recoat], wait_why: "#{row[:label]}, recoat")
        end

        def bleach
          row = main_product
          2.times do |pass|
            add(:bleach, of: row, key: "bleach/#{pass + 1}#{recoat_suffix}", seq: pass, words: { coat: pass + 1 }, materials: amount(row),
                         wait: row[:recoat])
          end
          add(:bleach_rinse, key: "bleach-rinse#{recoat_suffix}", seq: 4)
          add(:bleach_sand, key: "bleach-sand#{recoat_suffix}", seq: 5, grits: [220])
        end

        def oil
          row = main_product
          (choice.coats || 2).times do |coat|
            add(:oil, of: row, key: "oil/#{row[:key]}/#{coat + 1}#{recoat_suffix}", seq: coat, words: { coat: coat + 1, wipe: row[:wipe] },
                      materials: amount(row), wait: row[:recoat], wait_why: "oil, recoat")
          end
        end

        # After the last coat the zone must be hard enough to handle.
        def set_last_wait
          last = tasks.select { |task| task.materials.any? && !task.try }.max_by { |task| [Phases.place(task.phase), task.seq] }
          return unless last && Phases.place(last.phase) >= Phases.place("prime")

          handle = products.fetch(last.materials.keys.first)[:handle]
          return unless handle && handle > last.wait

          last.wait = handle
          last.wait_why = "before it is handled or refitted"
        end
      end
    end
  end
end
