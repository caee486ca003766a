# frozen_string_literal: true

module Core
  module Planning
    # What is done about the findings: each by its treatments under the finish that its zone will have.
    class FindingTasks
      UNDER = %w[fill level bleach colour].freeze # what nobody sees under slats or wrap
      OWN_WAIT = "as given for this finding"
      OVERNIGHT = 720
      LAST = 50 # place among the repairs
      EACH = 1 # minutes to level one fill (common practice, weak)

      # brief: Brief; families: {zone key => family of its finish}; findings: those that are treated, without the late
      # ones.
      def initialize(brief, families, findings = brief.findings.reject(&:late))
        @brief = brief
        @findings = findings
        @families = families
        @made = {}
      end

      # Array of Task. A finding of the whole piece is treated on the zones that its treatment concerns.
      def build
        @findings.flat_map do |finding|
          zones = zones_of(finding)
          next [] if zones.empty?

          next own(finding, zones) if finding.own

          zones.group_by do |zone|
            @families[zone.key]
          end.flat_map { |family, some| under(finding, family, some, Rational(some.size, zones.size)) }
        end
      end

      private

      # Each zone by the finish that it will have. share: of the finding that these zones have.
      def under(finding, family, zones, share)
        finding.treatments(family).flat_map do |row|
          treat(finding, row, zones, share).flat_map { |task| [task, *rinse(task, row)] } + level(finding, row, zones)
        end
      end

      def treat(finding, row, own, share)
        share = 1 if row[:part]
        treated(row, own).each_with_index.filter_map do |zone, index|
          made = @made[[row[:key], zone.key]]
          task = made || fresh(row, zone, finding)
          share(task, finding, row, finding.size * share) if index.zero? && first?(finding, row, own)
          task.not_before = [task.not_before, finding.expected_on].compact.max if row[:orders]
          task unless made
        end
      end

      # Zones on which it is done: not where nobody sees it under slats or wrap, nor, where it is for what stays, on
      # what comes off.
      def treated(row, own)
        zones = part(row[:part], own).reject { |zone| @brief.fresh?(zone) }
        zones = zones.reject { |zone| @brief.covering(zone) } if UNDER.include?(row[:phase])
        row[:kept] ? zones.reject { |zone| @brief.course(zone).strips? } : zones
      end

      # Whether a finding is treated so for the first time: what concerns the whole piece is not done once more for each
      # finish on it.
      def first?(finding, row, own)
        key = [finding.id, row[:key], row[:part] || own.first.key]
        !(@shared ||= {}).key?(key) && @shared[key] = true
      end

      # Several findings of one treatment on a zone are one task.
      def fresh(row, zone, finding)
        @made[[row[:key], zone.key]] = plain(row).dup.tap do |task|
          task.zone = zone.key
          task.minutes = (row[:m2] || 0) * zone.square_metres
          task.materials = by_area(row, zone)
          task.why = finding.why
        end
      end

      # What a finding takes by its own size, on the first of its zones.
      def share(task, finding, row, size)
        by_size = row[:by]&.fetch(finding.sized_by.to_sym)
        minutes, amount, each = by_size || row.values_at(:per, :amount, :per_amount)
        task.minutes += (minutes || 0) * size
        amounts = task.materials
        (row[:materials] || []).each { |key, fixed, per| add(amounts, key, (fixed + (per * size)).to_f) }
        add(amounts, row[:product], (amount + ((each || 0) * size)).to_f) if amount
        task.note = [task.note, finding.note].compact.join("; ") if finding.note
      end

      # What is the same on every zone. A piece may have hundreds of findings, so it is made once and copied.
      def plain(row)
        (@plain ||= {})[row[:key]] ||=
          Task.new(key: row[:key], phase: row[:phase], seq: row[:seq] || (glues?(row) ? LAST : 0), kind: row[:kind],
                   label: row[:label], done: row[:done],
                   place: row[:place] || "bench",
                   fixed: row[:fixed] || 0, cautions: cautions(row), wait: row[:wait] || wait_of(row),
                   wait_why: row[:wait_why] || "filler sandable", acts: Array(row[:act]))
      end

      def cautions(row)
        own = (row[:cautions] || []).map(&:to_s)
        row[:product] ? own | @brief.products.fetch(row[:product])[:cautions].map(&:to_s) : own
      end

      # Glued joints come last of the repairs, side by side, and dry together.
      def glues?(row) = row[:wait] == OVERNIGHT && (row[:materials] || []).any? { |key, _, _| key == Step::GLUE }

      # What works on in the wood, or makes gas with what comes after it, is rinsed off, and the wood dries right
      # through.
      def rinse(task, row)
        return [] unless row[:rinse]

        zone = @brief.zones.find { |one| one.key == task.zone }
        [Tasks.make(:rinse_off, zone, key: "rinse-#{row[:key]}", words: { what: row[:label].downcase }).tap do |made|
          made.phase = task.phase
          made.seq = task.seq + 1
        end]
      end

      # Until a filler may be sanded.
      def wait_of(row) = row[:product] && row[:phase] == "fill" ? @brief.products.fetch(row[:product])[:sand] : 0

      def by_area(row, zone)
        rate = row[:product] && !row[:amount] && !row[:by] && @brief.products.fetch(row[:product])[:rate]
        rate ? { @brief.products.fetch(row[:product])[:key] => zone.square_metres / rate * 1000 } : {}
      end

      def add(amounts, key, amount)
        used = @brief.products.fetch(key)[:key]
        amounts[used] = (amounts[used] || 0) + amount if amount.positive?
      end

      # Fill, dry, level; deep ones a second time. Every zone that was filled is levelled.
      def level(finding, row, zones)
        return [] unless row[:phase] == "fill"

        zones = zones.reject { |zone| @brief.covering(zone) }
        keys = finding.deep? ? %w[level refill relevel] : %w[level]
        keys.flat_map do |key|
          zones.each_with_index.filter_map do |zone, index|
            made = @made[[key, zone.key]]
            task = made || @made[[key, zone.key]] = key == "refill" ? refill(zone, row) : levelling(key, zone)
            task.minutes += EACH if index.zero?
            task unless made
          end
        end
      end

      def refill(zone, row)
        Task.new(key: "refill", phase: "refill", kind: "repair", label: "Fill the deep ones again", zone: zone.key, fixed: 3, wait: wait_of(row),
                 wait_why: "filler sandable", materials: { @brief.products.fetch(row[:product])[:key] => 5 }, cautions: cautions(row),
                 done: "proud of the surface", why: Phases.why("refill"))
      end

      # Beside or on an old finish that may hold lead, wet: a step of its own, for its label holds for all its zones.
      def levelling(key, zone)
        wet = @brief.sealed_in?([zone])
        words = key == "level" ? "Level the filler" : "Level again"
        Task.new(key: wet ? "#{key}/wet" : key, phase: key, kind: "sanding", label: wet ? "#{words} with a damp sponge, no dust" : words,
                 zone: zone.key, fixed: 3, acts: ["abrade"], wet: wet, grits: wet ? [] : [150], cautions: wet ? %w[lead] : [],
                 done: "no edge under the fingertip", why: Phases.why(key))
      end

      def own(finding, zones)
        zones.each_with_index.map do |zone, index|
          Task.new(key: "own-finding-#{finding.own[:key]}", phase: "repair", kind: finding.own[:kind],
                   label: finding.own[:treatment] || finding.label, zone: zone.key,
                   minutes: index.zero? ? finding.own[:minutes] : 0, wait: finding.own[:wait], wait_why: OWN_WAIT,
                   why: finding.own[:says], note: (finding.note if index.zero?), own: true)
        end
      end

      # Zones a finding is on: its own, none where the shape as planned is without it; or all that are seen.
      def zones_of(finding)
        return @seen ||= @brief.zones.select { |zone| zone.shown? && !@brief.fresh?(zone) } unless finding.zone

        (@own ||= {})[finding.zone] ||= @brief.zones.select do |zone|
          key = Repeats.base(zone.key)
          (key == finding.zone || key.start_with?("#{finding.zone}/")) && !@brief.fresh?(zone)
        end
      end

      # Zones that a treatment concerns; own: those of the finding under its finish.
      def part(name, own)
        zones = @brief.zones
        chosen = case name
                 when "piece" then zones
                 when "drawers" then @brief.zones_of("fronts") + zones.select { |zone| zone.role == "drawers" }
                 when "doors" then @brief.zones_of("doors")
                 when "inside" then own.any? { |zone| !zone.shown? } ? own : @brief.zones_of("inside", "shelves")
                 when "hardware" then [WholePiece::HARDWARE]
                 else own
                 end
        chosen.empty? ? zones : chosen
      end
    end
  end
end
