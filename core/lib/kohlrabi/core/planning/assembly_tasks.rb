# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # What is done to the piece as a whole: pictures, taking apart, reshaping, inside, putting back, dressing.
      class AssemblyTasks
        # What comes off and goes back: [off, on, minutes each].
        OFF = { fronts: [:drawers_out, :drawers_in, 1, 1], doors: [:doors_off, :doors_on, 3, 5],
                shelves: [:shelves_out, :shelves_in, 3, 2] }.freeze

        SEALED = %w[leave paint paper].freeze # finishes of an inside that may lie on a sealer
        FRAME = %w[carcass inside].freeze

        # brief: Brief; touched: keys of zones that get more than cleaning.
        def initialize(brief, touched)
          @brief = brief
          @touched = touched
          @tasks = []
        end

        # Array of Task.
        def build
          add(:record, zones)
          take_apart
          @brief.acts.each { |act| act.cut ? cut(act) : part_off(act) }
          @tasks += Hardware.new(@brief, touched?(fronts + doors)).build
          inside
          dress
          @tasks
        end

        private

        def zones = @brief.zones
        def alike = Repeats.count(zones)
        def fronts = @brief.zones_of("fronts")
        def doors = @brief.zones_of("doors")
        def drawers = fronts + zones.select { |zone| zone.role == "drawers" }
        # The zones that stand round drawers, doors and shelves.
        def frame = zones.select { |zone| FRAME.include?(zone.group) }
        def touched(list) = list.select { |zone| @touched.include?(zone.key) }
        def undecided(list) = list.select { |zone| @brief.choice(zone).finish == "undecided" }
        def touched?(list) = list.any? { |zone| @touched.include?(zone.key) }

        # The same task on several zones, its minutes and materials on the first.
        def add(name, list, key: name.to_s.tr("_", "-"), minutes: 0, materials: {}, **rest)
          list.each_with_index do |zone, index|
            @tasks << Tasks.make(name, zone, key: key, minutes: index.zero? ? minutes : 0, materials: index.zero? ? materials : {}, **rest)
          end
        end

        # What hangs or runs in a frame comes off when either is worked on, and goes back when both may be handled.
        def take_apart
          in_place = @brief.practices[:drawers] == "place"
          if touched?(fronts + frame) && in_place
            add(:drawers_mask, fronts, minutes: 3 * fronts.size)
            add(:drawers_unmask, fronts, minutes: fronts.size)
          end
          take_off(:fronts, fronts, drawers, fronts.size) unless in_place
          take_off(:doors, doors, doors, @brief.doors)
          shelves = @brief.zones_of("shelves")
          take_off(:shelves, shelves, shelves, shelves.size)
        end

        def take_off(what, seen, list, count)
          return if seen.empty? || !touched?(seen + frame)

          off, back, take, put = OFF.fetch(what)
          add(off, list, minutes: take * count)
          add(back, list | touched(frame) | undecided(frame), minutes: put * count, seq: 1)
        end

        def part_off(act)
          add(:part_off, zones, key: act.key, words: { what: act.spare ? "#{act.label}; into the stash" : act.label })
        end

        # An irreversible cut is marked and checked first.
        def cut(act)
          add(:try_cut, zones, key: "try-#{act.key}", seq: -1, try: { product: "saw", stop: 20, fallback: "keep it as it is" })
          add(:cut, zones, key: act.key, words: { what: act.label })
        end

        def inside
          within = @brief.zones_of("inside")
          case @brief.look.inside
          when "sealed" then within.select { |zone| sealed?(zone) }.each { |zone| seal(zone, Priming.new(zone, @brief).holding_back) }
          when "liner" # half of the faces within a drawer are its bottom, near enough to buy by
            within.each do |zone|
              add(:liner, [zone], minutes: 8 * zone.square_metres, materials: { "liner" => zone.square_metres / 2 })
            end
          end
        end

        # What is seen inside and has a finish of its own that wants open wood is not sealed under it.
        def sealed?(zone) = SEALED.include?(@brief.choice(zone).finish)

        def seal(zone, row)
          add(:seal_inside, [zone], words: { with: row[:label] }, minutes: 10 * zone.square_metres * zone.factor, wait: row[:handle],
                                    cautions: row[:cautions],
                                    materials: { row[:key] => Shelf::Rates.millilitres(zone.square_metres, rate: row[:rate]) })
        end

        def dress
          add(:wax_runners, drawers, minutes: fronts.size) if fronts.any?
          add(:pads, zones, minutes: 3 * (alike - 1), materials: { "pads" => 4.0 * alike }) unless @brief.kind.to_s.downcase == "mirror"
          add(:tip_kit, zones, materials: { "tip_kit" => 1.0 * alike }) if @brief.tips
          add(:lid_check, zones) if Cautions::LIDDED.include?(@brief.kind.to_s.downcase) && lid_sound?
          add(:picture, zones)
        end

        def lid_sound? = !@brief.findings.map(&:key).intersect?(%w[lid_latch lid_no_stay])
      end
    end
  end
end
