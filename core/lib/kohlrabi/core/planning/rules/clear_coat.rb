# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Clear coats by wear, tinted over dark paint, sanded lightly between.
      class ClearCoat < Rule
        rule "Clear coats",
             on: "a finish that wears and does not bring enough of its own",
             why: "display 1, everyday 1 over paint and 2 over stain, tops 3, wet or hard use 4; an untinted coat turns hazy over dark paint"
        STOP = 20 # minutes after which the tint is given up

        def applies? = finished? && clear_coats.first.positive?

        def plan
          number, why = clear_coats
          row = Judgements::ClearCoats::CLEAR.include?(choice.finish) ? main_product : products.standard("clear")
          try_tint(row) if tint?
          number.times { |coat| coat(row, coat, why, last: coat == number - 1) }
        end

        private

        def try_tint(row)
          add(:try_tint, key: "try-tint#{recoat_suffix}", seq: -1, wait: row[:recoat],
                         try: { product: row[:key], stop: STOP, fallback: "clear coat without tint" })
        end

        def coat(row, coat, why, last:)
          way = clear_way(row)
          each_face do |face, word, turn|
            add(:clear, of: row, key: "clear/#{row[:key]}#{'-tint' if tint?}/#{coat + 1}#{recoat_suffix}#{face}",
                        seq: (coat * 10) + turn,
                        area: relieved.area / 1_000_000.0, materials: amount(row, way: way, faces: 1),
                        rate: way, place: where(way), cautions: way == "spray" ? %w[spray] : [],
                        wait: until_turned(row, face), touch: row[:touch],
                        fixed: fixed(coat, way, face, after: painted?), wait_why: "#{row[:label]}, recoat",
                        words: { tint: tint? ? "Tinted clear coat" : "Clear coat", coat: coat + 1,
                                 with: "#{row[:label]}#{word}" },
                        way: way, why: why, note: tray)
          end
          return if last

          add(:clear_sand, key: "clear-sand/#{row[:key]}/#{coat + 1}#{recoat_suffix}", seq: (coat * 10) + 5,
                           grits: [220])
        end

        # Whether paint is sprayed on the piece before it: the sprayer is set up then, and only changes.
        def painted? = brief.zones.any? { |other| brief.choice(other).finish == "paint" }

        # Bare and painted zones under one clear coat: colour must not be carried over.
        def tray
          families = brief.zones.map { |other| Finishes.family(brief.choice(other).finish) }
          return unless families.include?("opaque") && families.include?("clear")

          "own tray and applicator for painted and for bare zones"
        end
      end
    end
  end
end
