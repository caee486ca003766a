# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Clear coats on one zone, by wear.
      class Clearing < ZoneJob
        # Finishes that take no clear coat.
        CLEAR = %w[clear tinted].freeze
        WITHOUT = %w[leave undecided bare oil wax].freeze

        # Array of Task.
        def build
          number, why = coats
          return tasks if number.zero?

          row = %w[clear tinted].include?(choice.finish) ? main_product : products.standard("clear")
          try_tint(row) if tint?
          number.times { |coat| coat(row, coat, why, last: coat == number - 1) }
          tasks
        end

        # [number of clear coats, why]; the paint's own counts unless it was thinned to a wash.
        def coats
          return [0, "left as it is"] if WITHOUT.include?(choice.finish)
          return [0, "wax seals it"] if choice.over&.include?("wax") && !CLEAR.include?(choice.finish)

          builtin = choice.finish == "paint" && main_product[:builtin]&.include?("clear")
          number, why = Coats.clear(choice.wear || brief.look.wear, top: zone.role == "top", builtin: builtin)
          return Coats.said(choice.coats, number, why) if CLEAR.include?(choice.finish)

          builtin && !number.zero? ? [number, "#{why}, beyond what the paint brings"] : [number, why]
        end

        # Whether dark paint lies under it: then it is tinted with that paint.
        def over_dark? = choice.finish == "paint" && Tone.deep?(tone_of(choice.colour)) && coats.first.positive?

        private

        def tint? = (choice.finish == "tinted" || over_dark?) && !brief.failed?("try-tint")

        def try_tint(row)
          add(:try_tint, key: "try-tint#{recoat_suffix}", seq: -1, wait: row[:recoat],
                         try: { product: row[:key], stop: 20, fallback: "clear coat without tint" })
        end

        def coat(row, coat, why, last:)
          each_face do |face, word, turn|
            add(:clear, of: row, key: "clear/#{row[:key]}#{'-tint' if tint?}/#{coat + 1}#{recoat_suffix}#{face}", seq: (coat * 10) + turn,
                        area: zone.area / 1_000_000.0, materials: amount(row, faces: 1), wait: until_turned(row, face), touch: row[:touch],
                        fixed: (Finishing::TURN if face.end_with?("2")), wait_why: "#{row[:label]}, recoat",
                        words: { tint: tint? ? "Tinted clear coat" : "Clear coat", coat: coat + 1, with: "#{row[:label]}#{word}" },
                        way: "brush", why: why, note: tray)
          end
          add(:clear_sand, key: "clear-sand/#{row[:key]}/#{coat + 1}#{recoat_suffix}", seq: (coat * 10) + 5, grits: [220]) unless last
        end

        # Bare and painted zones under one clear coat: colour must not be carried over.
        def tray
          families = brief.zones.map { |other| Finishes.family(brief.choice(other).finish) }
          "own tray and applicator for painted and for bare zones" if families.include?("opaque") && families.include?("clear")
        end
      end
    end
  end
end
