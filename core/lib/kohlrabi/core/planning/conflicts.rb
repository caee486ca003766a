# frozen_string_literal: true

module Core
  module Planning
    # Finds where look and findings do not go together (common practice, no source). What the plan settles by itself
    # is said too, with how.
    class Conflicts
      THIN = 0.5 # mm of veneer that bears no sanding to the wood

      # brief: Brief. Returns Array of Conflict, zones of one cause together, the open ones first.
      def self.of(brief)
        found = brief.zones.flat_map { |zone| new(zone, brief).all } + WholeConflicts.new(brief).all
        found.group_by { |one| [one.key, one.text, one.settled] }
             .map do |_, same|
          Conflict.new(**same.first.to_h, zones: same.flat_map(&:zones).map do |key|
            Repeats.base(key)
          end.uniq)
        end
             .sort_by.with_index { |one, index| [one.settled ? 1 : 0, index] }
      end

      def initialize(zone, brief)
        @zone = zone
        @brief = brief
        @choice = brief.choice(zone)
        @finish = Finishes.fetch(@choice.finish)
        @course = ZonePlan.new(zone, brief)
        @surface = brief.covering(zone) || brief.fresh?(zone) ? NewWood.new(zone, brief, []) : brief.surface(zone)
      end

      # Array of Conflict of this zone.
      def all
        return [] if @choice.finish == "undecided"

        [worn, levelled, chemistry, bleached, coarse, bleed, unneeded, oil, wax, fills, veneer, laminate, wash,
         over_wax, tint].compact
      end

      private

      attr_reader :surface

      def opaque? = @finish[:family] == "opaque"
      def see_through? = @finish[:family] == "clear"
      def primer = @course.primer&.first

      def tell(key, text, settled: nil, remedies: [])
        Conflict.new(key: key, zones: [@zone.key], text: text, settled: settled, remedies: remedies)
      end

      # Worn edges go through to the old finish.
      def worn
        return unless surface.sealed_in? && @choice.over&.include?("distressed")

        whole = Conflict::Remedy.new(label: "leave the edges whole",
                                     choice: { finish: @choice.finish,
                                               over: @choice.over - ["distressed"] })
        tell("lead", "worn edges would go through an old finish that may hold lead: they are left out",
             remedies: [whole])
      end

      def levelled
        return unless surface.sealed_in? && surface.findings.any? do |one|
          one.treatments(@finish[:family]).any? do |row|
            row[:phase] == "fill"
          end
        end

        tell("lead", "levelling a fill dry would sand an old finish that may hold lead",
             settled: "it is done with a damp sponge, no dust")
      end

      # Acid and chlorine on one zone.
      def chemistry
        used = chemicals
        return unless used["acid"] && used["chlorine"]

        tell("chemistry", "#{used['chlorine']} and #{used['acid']} together make toxic gas",
             settled: "clean water and full drying between them, never one on the other")
      end

      # Paper that would cut through veneer.
      def coarse
        grit = @course.asked_grit
        return unless grit && grit < Judgements::Preparation::VENEER && surface.veneer?

        tell("coarse", "#{grit} grit cuts through veneer",
             settled: "it starts with #{Judgements::Preparation::VENEER} grit, by hand near the edges")
      end

      # Asked for where nothing of it would be seen.
      def bleached
        return unless @choice.preparation == "bleach" && !Finishes.bare?(@choice.finish) && @choice.finish != "leave"

        tell("bleached", "bleached wood is not seen under #{@finish[:label].downcase}", settled: "it is not bleached")
      end

      # {caution: label of the product on this zone that carries it}.
      def chemicals
        treated = surface.findings.flat_map do |one|
          one.treatments(@finish[:family]).filter_map do |row|
            row[:product]
          end
        end
        rows = [*treated.map { |key| @brief.products.fetch(key) }, @course.main_product].compact
        %w[acid chlorine].to_h do |caution|
          [caution, rows.find do |row|
            row[:cautions].include?(caution)
          end&.fetch(:label)]
        end
      end

      def bleed
        return unless opaque? && @choice.finish == "paint" && surface.bleeds?

        cause = surface.findings.find { |finding| finding.signs.include?("bleed") }.label.downcase
        tone = Tone.of(@brief.products.colours.hex(@choice.colour))
        text = "#{Tone::NAMES[tone]} paint is bled through (#{cause})"
        if primer && primer[:blocks]&.include?("bleed")
          return tell("bleed", text,
                      settled: "#{primer[:label]} blocks it")
        end
        return if Tone.deep?(tone) # not seen through dark paint

        tell("bleed", text, remedies: [Conflict::BLOCK, Conflict::LEAVE])
      end

      def unneeded
        return unless @choice.finish == "paint" && primer && @course.primer_built_in? && !@course.primer_called_for?

        tell("unneeded", "the paint has its own primer: another costs an hour and a tin", remedies: [Conflict::NO_PRIMER])
      end

      def oil
        return oil_stain if @choice.finish == "stain"
        return unless surface.sign?(:oil) && water_based?
        if primer
          return tell("oil", "water-based paint crawls on oil",
                      settled: "#{primer[:label]} seals it after mineral spirits")
        end

        dry = Conflict::Remedy.new(label: "take the solvent-based clear coat",
                                   choice: { finish: "clear",
                                             product: "clear_solvent" })
        tell("oil", "water-based #{@finish[:label].downcase} crawls on oil",
             remedies: [dry, *([Conflict::BOND] if opaque?)])
      end

      def oil_stain
        return unless @course.main_product[:base] == "oil" && @brief.products.standard("clear")[:base] == "water"

        tell("oil", "a water-based clear coat crawls on an oil-based stain", settled: "a day of drying between them")
      end

      def water_based? = @course.main_product&.dig(:base) == "water"

      def wax
        return unless surface.sign?(:wax, :silicone) && !%w[none].include?(@finish[:family])

        what = surface.sign?(:silicone) ? "silicone makes craters in a coat" : "nothing sticks on wax"
        tell("wax", what,
             settled: surface.sign?(:silicone) ? "cleaned twice with mineral spirits, then sealed" : "taken off with mineral spirits first")
      end

      def fills
        return unless see_through?

        pulls = filled_pulls?
        return unless pulls || surface.sign?(:fills)

        text = "#{'new pulls leave holes to fill, and ' if pulls}fills show under #{@finish[:label].downcase}"
        tell("fills", text, remedies: [Conflict::PAINT, *([Conflict::KEEP_PULLS] if pulls)])
      end

      def filled_pulls?
        %w[fronts doors].include?(@zone.group) && @brief.look.hardware == "replaced" && !Rules::NewPulls.same_holes?(@brief)
      end

      def veneer
        return unless surface.veneer? && @course.to_bare?

        thickness = surface.findings.select { |finding| finding.key == "thin_veneer" }.filter_map(&:measure).min
        if thickness && thickness <= THIN
          return tell("veneer", "#{Units::Measures.thin(thickness, unit: @brief.unit)} of veneer bears no sanding",
                      remedies: [Conflict::PAINT, Conflict::LEAVE])
        end

        tell("veneer", "coarse paper goes through veneer", settled: "nothing coarser than 120 grit, by hand near the edges")
      end

      def laminate
        return unless surface.slick?
        if see_through?
          return tell("laminate", "there is no wood to show",
                      remedies: [Conflict::PAINT, Conflict::LEAVE])
        end
        return unless @choice.finish == "paint"
        if primer && primer[:grips]
          return tell("laminate", "paint peels off laminate",
                      settled: "#{primer[:label]} grips")
        end

        tell("laminate", "paint peels off laminate without a bonding primer", remedies: [Conflict::BOND])
      end

      def wash
        return unless @choice.finish == "wash"

        number, = @course.clear_coats
        if number.positive?
          return tell("wash", "thinned to a wash the paint loses its primer and clear coat",
                      settled: "#{number} clear coats are added")
        end

        keep = Conflict::Remedy.new(label: "clear coat it for everyday use", choice: { wear: "everyday", over: [] })
        tell("wash", "a wash without a clear coat rubs off", remedies: [keep])
      end

      def over_wax
        extras = @choice.over || []
        index = extras.index("wax")
        return unless (index && index < extras.size - 1) || (@choice.finish == "wax" && extras.any?)

        finish = @choice.finish == "wax" ? "bare" : @choice.finish
        last = Conflict::Remedy.new(label: "wax last", choice: { finish: finish, over: [*(extras - ["wax"]), "wax"] })
        tell("over_wax", "nothing sticks on wax: it comes last", remedies: [last])
      end

      def tint
        return unless @course.clear_over_dark?

        tell("tint", "a clear coat over dark paint turns hazy", settled: "it is tinted with the paint, and tried first")
      end
    end
  end
end
