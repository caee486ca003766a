# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # What is done about the findings: each by its treatments under the finish that its zone shall have.
      class Treating
        OWN_WAIT = "as given for this finding"

        # brief: Brief; families: {zone key => family of its finish}.
        def initialize(brief, families)
          @brief = brief
          @families = families
        end

        # Array of Task. A finding of the whole piece is treated on the zones that its treatment concerns.
        def build
          @brief.findings.flat_map do |finding|
            zones = zones_of(finding)
            next [] if zones.empty?

            family = zones.map { |zone| @families[zone.key] }.find { |name| name != "none" } || "none"
            next own(finding, zones) if finding.own

            finding.treatments(family).flat_map { |row| treat(finding, row) + level(finding, row, zones) }
          end
        end

        private

        def treat(finding, row)
          zones = part(row[:part], finding)
          zones = zones.reject { |zone| Preparing.new(zone, @brief).strips? } if row[:kept]
          size = finding.size
          zones.each_with_index.map do |zone, place|
            share = place.zero? ? (row[:per] || 0) * size : 0
            minutes = share + ((row[:m2] || 0) * zone.square_metres)
            task(row, zone, minutes: minutes, fixed: row[:fixed] || 0, materials: materials(row, zone, size, first: place.zero?),
                            why: finding.why, note: noted(finding, place), not_before: (finding.expected_on if row[:orders]),
                            **breaking(row, zone))
          end
        end

        # Work that breaks an old finish; where lead is there, or not ruled out, it is not for this workshop.
        def breaking(row, zone)
          return {} unless row[:old] && @brief.old?([zone])
          return { breaks: true } unless @brief.sealed_in?([zone])

          { outside: true, cautions: ["lead"], label: "Have it done by a certified lead-safe firm: #{row[:label]}" }
        end

        def task(row, zone, **rest)
          usual = { label: row[:label], cautions: cautions(row), wait: row[:wait] || wait_of(row), wait_why: row[:wait_why] || "filler sandable" }
          Task.new(key: row[:key], phase: row[:phase], kind: row[:kind], zone: zone.key, done: row[:done], place: row[:place] || "bench", **usual,
                   **rest)
        end

        def cautions(row)
          own = (row[:cautions] || []).map(&:to_s)
          row[:product] ? own | @brief.products.fetch(row[:product])[:cautions].map(&:to_s) : own
        end

        def noted(finding, place) = place.zero? ? finding.note : nil

        # Until a filler may be sanded.
        def wait_of(row) = row[:product] && row[:phase] == "fill" ? @brief.products.fetch(row[:product])[:sand] : 0

        def materials(row, zone, size, first:)
          amounts = {}
          (row[:materials] || []).each { |key, fixed, per| add(amounts, key, (fixed + (per * size)).to_f) if first }
          if row[:product]
            product = @brief.products.fetch(row[:product])
            add(amounts, row[:product], row[:amount] + ((row[:per_amount] || 0) * size)) if row[:amount] && first
            add(amounts, row[:product], zone.square_metres / product[:rate] * 1000) if !row[:amount] && product[:rate]
          end
          amounts
        end

        def add(amounts, key, amount)
          used = @brief.products.fetch(key)[:key]
          amounts[used] = (amounts[used] || 0) + amount if amount.positive?
        end

        # Fill, dry, level; deep ones a second time.
        def level(finding, row, zones)
          return [] unless row[:phase] == "fill"

          zones = part(row[:part], finding).first(1) if zones.empty?
          zones.first(1).flat_map do |zone|
            rows = [["level", "level", "Level the filler"]]
            rows.push(["refill", "refill", "Fill the deep ones again"], ["relevel", "relevel", "Level again"]) if finding.deep?
            rows.map { |key, phase, label| levelling(key, phase, label, zone, row) }
          end
        end

        def levelling(key, phase, label, zone, row)
          filling = key == "refill"
          wet = @brief.sealed_in?([zone])
          usual = { key: key, phase: phase, zone: zone.key, minutes: 2, fixed: 4, why: Phases.why(phase) }
          if filling
            return Task.new(**usual, kind: "repair", label: label, wait: wait_of(row), wait_why: "filler sandable", done: "proud of the surface",
                                     materials: { @brief.products.fetch(row[:product])[:key] => 5 }, cautions: cautions(row))
          end

          Task.new(**usual, kind: "sanding", label: wet ? "#{label} with a damp sponge, no dust" : label, grits: wet ? [] : [150],
                            cautions: wet ? %w[lead] : %w[dust], breaks: @brief.old?([zone]) && !wet, done: "no edge under the fingertip")
        end

        def own(finding, zones)
          zones.each_with_index.map do |zone, place|
            Task.new(key: "own-finding-#{finding.own[:key]}", phase: "repair", kind: finding.own[:kind],
                     label: finding.own[:treatment] || finding.label, zone: zone.key,
                     minutes: place.zero? ? finding.own[:minutes] : 0, wait: finding.own[:wait], wait_why: OWN_WAIT,
                     why: finding.own[:says], note: noted(finding, place))
          end
        end

        # Zones a finding is on: its own, none where the shape as planned is without it; or all that are seen.
        def zones_of(finding)
          return @brief.zones.select(&:shown?) unless finding.zone

          @brief.zones.select { |zone| zone.key == finding.zone || zone.key.start_with?("#{finding.zone}/") }
        end

        def part(name, finding)
          zones = @brief.zones
          chosen = case name
                   when "piece" then zones
                   when "drawers" then @brief.zones_of("fronts") + zones.select { |zone| zone.key == "drawers" }
                   when "doors" then @brief.zones_of("doors")
                   when "inside" then finding.zone ? zones_of(finding) : @brief.zones_of("inside", "shelves")
                   when "hardware" then [Hardware::ZONE]
                   else zones_of(finding)
                   end
          chosen.empty? ? zones : chosen
        end
      end
    end
  end
end
