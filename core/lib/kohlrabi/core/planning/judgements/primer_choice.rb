# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # Which primer a zone takes, how often and why. One primer does all that is asked for: never two for two reasons
      # (common practice, no source).
      module PrimerChoice
        # [row of the primer, number of coats, why], or nil.
        def primer
          return @primer if defined?(@primer)

          @primer = choice.finish == "paint" ? chosen_primer : nil
        end

        # Tone under the paint: the primer's, grey under dark and black. Pale over dark stays pale over dark.
        def tone_under
          return surface.tone if primer.nil? || (Tone.light?(tone) && Tone.deep?(surface.tone))

          Tone.deep?(tone) ? :mid : :white
        end

        # Whether findings ask for a primer, whatever the house or the look says.
        def primer_called_for? = !called_for.nil?

        # Whether the paint brings its own.
        def primer_built_in? = main_product[:builtin]&.include?("primer") || false

        # The blocking primer, but where an odour is to be held back that it lets through: then the one that does,
        # whatever is used instead elsewhere.
        def holding_back
          return blocking unless surface.sign?(:odour) && !blocking[:blocks]&.include?("odour")

          products.of_kind("primer").find { |row| row[:blocks]&.include?("odour") } || blocking
        end

        def blocking = products.standard("primer")
        def tone = tone_of(choice.colour)

        private

        def bonding = products.fetch("primer_bond")

        def chosen_primer
          asked = brief.look.primer
          return if asked == "none"
          return with_coats(products.fetch(asked), "chosen for this look") unless asked.nil? || asked == "auto"
          return with_coats(blocking, "this workshop always blocks") if practices[:primer] == "always"
          return if practices[:primer] == "never" && primer_built_in?

          called_for
        end

        # What findings call for: bleed and odour the blocking one, which grips too; grip alone the bonding one.
        def called_for
          return with_coats(holding_back, block_why) if blocks?
          return with_coats(products.fetch("primer_shellac"), "seals silicone") if surface.sign?(:silicone)
          return with_coats(bonding, grip_why) if surface.slick? || surface.sealed_in?
          return with_coats(bonding, "#{main_product[:label]} wants a primer") if main_product[:wants_primer]

          with_coats(bonding, "sealing oil before a water-based coat") if surface.sign?(:oil) && !bare?
        end

        def blocks? = surface.bleeds? || surface.sign?(:odour) || (bare? && surface.layers.positive?)

        def block_why
          cause = surface.findings.find { |finding| finding.signs.include?("bleed") }
          return "#{cause.label.downcase} would bleed through" if cause

          surface.sign?(:odour) ? "odour is sealed in" : "remains of the old colour would bleed through"
        end

        def grip_why = surface.slick? ? "no pores to hold on to" : "grip over the old finish, which stays whole"
        def with_coats(row, why) = [row, Coats.primer(blocks: blocks?).first, why]
      end
    end
  end
end
