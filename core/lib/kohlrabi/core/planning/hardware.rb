# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Pulls and their holes: kept, cleaned, sprayed or replaced.
      class Hardware
        # It is worked on by itself, away from the piece.
        ZONE = Shape::Zone.new(key: "hardware", label: "Hardware", role: "hardware", group: "hardware", area: 0.0, faces: 1, grade: "flat",
                               material: nil, width: 0.0, height: 0.0, edge: 0.0).freeze
        SAME = 0.5 # mm by which the spacing of new pulls may differ from the old holes
        SPRAYED = 15.0 # ml of aerosol a pull and coat (common practice, weak)

        # Whether new pulls go into the old holes. brief: Brief.
        def self.same_holes?(brief)
          old = brief.findings.find { |finding| finding.key == "old_holes" }&.measure
          !old.nil? && !brief.look.spacing.nil? && (old - brief.look.spacing).abs <= SAME
        end

        # Whether old holes on a front are filled for new pulls.
        def self.fills?(brief, zone)
          brief.look.hardware == "replaced" && %w[fronts doors].include?(zone.group) && brief.pulls.positive? && !same_holes?(brief)
        end

        # touched: whether drawers or doors get more than cleaning.
        def initialize(brief, touched)
          @brief = brief
          @look = brief.look
          @touched = touched
          @tasks = []
        end

        # Array of Task.
        def build
          return @tasks if count.zero? || @look.hardware == "none"
          return @tasks unless @touched || @look.hardware != "kept"

          add(:hardware_off, faces + [ZONE], minutes: count)
          add(:hardware_clean, [ZONE], minutes: 1.5 * count) if %w[cleaned sprayed].include?(@look.hardware)
          spray if @look.hardware == "sprayed"
          new_holes if replaced? && !Hardware.same_holes?(@brief)
          add(:hardware_on, faces + [ZONE], minutes: 2 * count, seq: 0, words: { what: replaced? ? "Fit the new pulls" : "Put the hardware back" },
                                            not_before: (@look.hardware_on if replaced?))
          @tasks
        end

        private

        def count = @brief.pulls
        def faces = @brief.zones_of("fronts", "doors")
        def replaced? = @look.hardware == "replaced"

        def add(name, list, key: name.to_s.tr("_", "-"), minutes: 0, materials: {}, **rest)
          list.each_with_index do |zone, index|
            @tasks << Tasks.make(name, zone, key: key, minutes: index.zero? ? minutes : 0, materials: index.zero? ? materials : {}, **rest)
          end
        end

        def spray
          primer = @brief.products.fetch("aerosol_primer")
          paint = @brief.products.fetch("aerosol")
          sprayed(:hardware_prime, "hardware-prime", primer, 0, primer[:recoat])
          2.times { |coat| sprayed(:hardware_coat, "hardware-coat/#{coat + 1}", paint, coat, paint[coat.zero? ? :recoat : :handle]) }
        end

        def sprayed(name, key, row, coat, wait)
          add(name, [ZONE], key: key, minutes: count, seq: coat, words: { with: row[:label], coat: coat + 1 }, wait: wait, wait_why: row[:label],
                            materials: { row[:key] => SPRAYED * count }, cautions: row[:cautions])
        end

        # Old holes are filled before the new ones are drilled. Where lead is there or not ruled out, nothing makes dust.
        def new_holes
          row = @brief.products.fetch(see_through? ? "filler_tinted" : "filler_two")
          wet = @brief.sealed_in?(faces)
          add(:fill_holes, faces, minutes: 1.5 * count, wait: row[:sand], materials: { row[:key] => 4.0 * count }, cautions: row[:cautions])
          add(:level_holes, faces, minutes: count, words: { how: wet ? " with a damp sponge, no dust" : "" }, grits: wet ? [] : [150],
                                   cautions: wet ? %w[lead] : [], wet: wet)
          add(:drill, faces, minutes: 5 * count, words: { how: wet ? "through a damp cloth" : "with a jig" }, cautions: wet ? %w[lead] : %w[dust],
                             wet: wet)
        end

        def see_through? = faces.any? { |zone| Finishes.family(@brief.choice(zone).finish) == "clear" }
      end
    end
  end
end
