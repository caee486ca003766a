# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Which primer a zone takes, how often and why. One primer does all that is asked for: never two for two reasons.
      class Priming < ZoneJob
        # bare: whether the zone is down to the wood by now.
        def initialize(zone, brief, choice = brief.choice(zone), bare: false)
          super(zone, brief, choice)
          @bare = bare
        end

        # Array of Task.
        def build
          row, coats, why = primer
          return spot_seal unless row

          coats.times do |coat|
            each_face do |face, word, turn|
              add(:prime, of: row, key: "prime/#{row[:key]}/#{coat + 1}#{recoat_suffix}#{face}",
                          area: zone.area / 1_000_000.0, seq: (coat * 10) + turn,
                          words: { with: "#{row[:label]}#{", coat #{coat + 1}" if coats > 1}#{grey}#{word}" }, materials: amount(row, faces: 1),
                          wait: until_turned(row, face), wait_why: "#{row[:label]}, recoat", why: why, touch: row[:touch],
                          way: "brush", fixed: (Finishing::TURN if face.end_with?("2")))
            end
          end
          add(:sand_prime, key: "sand-prime#{recoat_suffix}", seq: 95, grits: [220])
        end

        # [row of the primer, number of coats, why], or nil.
        def primer
          return @primer if defined?(@primer)

          @primer = choice.finish == "paint" ? chosen : nil
        end

        # Tone under the paint: the primer's, grey under dark and black. Pale over dark stays pale over dark.
        def tone_under
          return surface.tone if primer.nil? || (Tone.light?(tone) && Tone.deep?(surface.tone))

          Tone.deep?(tone) ? :mid : :white
        end

        # Whether findings ask for a primer, whatever the house or the look says.
        def called_for? = !called_for.nil?

        # The blocking primer, but where an odour is to be held back that it lets through: then the one that does, whatever is used instead elsewhere.
        def holding_back
          return blocking unless surface.sign?(:odour) && !blocking[:blocks]&.include?("odour")

          products.of_kind("primer").find { |row| row[:blocks]&.include?("odour") } || blocking
        end

        # Whether the paint brings its own.
        def built_in? = main_product[:builtin]&.include?("primer") || false

        private

        def tone = tone_of(choice.colour)
        def grey = Tone.deep?(tone) ? ", tinted grey" : ""
        def blocking = products.standard("primer")
        def bonding = products.fetch("primer_bond")

        def chosen
          asked = brief.look.primer
          return if asked == "none"
          return with_coats(products.fetch(asked), "chosen for this look") unless asked.nil? || asked == "auto"
          return with_coats(blocking, "this workshop always blocks") if practices[:primer] == "always"
          return if practices[:primer] == "never" && built_in?

          called_for
        end

        # What findings call for: bleed and odour the blocking one, which grips too; grip alone the bonding one.
        def called_for
          return with_coats(holding_back, block_why) if blocks?
          return with_coats(products.fetch("primer_shellac"), "seals silicone") if surface.sign?(:silicone)
          return with_coats(bonding, grip_why) if surface.slick? || surface.sealed_in?
          return with_coats(bonding, "#{main_product[:label]} wants a primer") if main_product[:wants_primer]

          with_coats(bonding, "sealing oil before a water-based coat") if surface.sign?(:oil) && !@bare
        end

        def blocks? = surface.bleeds? || surface.sign?(:odour) || (@bare && surface.layers.positive?)

        def block_why
          return "#{surface.findings.find { |finding| finding.signs.include?('bleed') }.label.downcase} would bleed through" if surface.bleeds?

          surface.sign?(:odour) ? "odour is sealed in" : "remains of the old colour would bleed through"
        end

        def grip_why = surface.slick? ? "no pores to hold on to" : "grip over the old finish, which stays whole"
        def with_coats(row, why) = [row, Coats.primer(blocks: blocks?).first, why]

        # Fills that no primer covers are sealed by themselves.
        def spot_seal
          return unless family == "opaque" && filled?

          row = blocking
          add(:spot_seal, of: row, key: "spot-seal#{recoat_suffix}", materials: { row[:key] => 10 }, wait: row[:recoat])
        end
      end
    end
  end
end
