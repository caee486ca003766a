# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # One step of a plan, with all that is shown before it starts.
      class StepRow < Support::Page
        PLACES = { "bench" => "at the bench", "outdoors" => "outdoors", "tent" => "in the spray tent" }.freeze
        OWN = { "time" => "your own time", "wait" => "your own wait", "label" => "your own wording",
                "note" => "your note" }.freeze

        # Several alike, each to be ticked off by itself.
        def self.units(step)
          numbers = Core::Planning::Repeats.by_number(step.zones)
          numbers.map do |number, keys|
            { label: "#{number} of #{numbers.size}", zones: keys, done: (keys - step.done_zones).empty? }
          end
        end

        attributes :key, :label, :kind, :zones, :state, :done_zones, :done_when, :why, :notes, :wait_why, :ways
        attribute(:remaining) { left(:remaining) }
        attribute(:time) { left(:seconds) }
        said :day, :not_before
        shows :where, :floor, :materials, :sprayer, :cautions, :needs, :edits, :blocks
        attribute(:phase) { Core::Planning::Phases.label(step.phase) }
        attribute(:kind_label) { Core::Flips::WorkKinds.label(step.kind) }
        attribute(:units) { StepRow.units(step) }
        attribute(:decide) { step.key.start_with?("decide/") }
        attribute(:lead) { step.key == "lead" }
        attribute(:range) { Core::Units::Effort.between(step.low, step.high) }
        attribute(:rests_on) { Core::Planning::Basis.of([step], @known) }
        attribute(:wait) { waited(step.wait) }
        attribute(:on) { @formatter.day(@days[step.key]) } # the day on which it could be worked
        attribute(:actual) { @formatter.effort(@actual[step.key]) }
        attribute(:past) { @plan.past.include?(step) } # it took well past its estimate: is it done?
        attribute(:place) { PLACES.fetch(step.place) }
        attribute(:grits) { step.grits.map { |grit| "#{grit} grit" } }
        attribute(:try) { step.try&.slice(:stop, :fallback) }
        attribute(:outside, &:outside?)
        attribute(:remembered) { step.remembered.map { |one| remembered(one) } }

        # plan: Core::Planning::Plan; days: {step key => Date} of the schedule; drawn: measures; confirmed: keys of
        # cautions read;
        # actual: {step key => seconds} really worked; sprayers: {product key => setting};
        # known: {kind of work => [factor, n]}; formatter: Formatter.
        def initialize(step, plan, formatter, days:, drawn:, confirmed:, actual:, sprayers:, known:, blocks: {})
          super(step, formatter)
          @plan = plan
          @days = days
          @drawn = drawn
          @confirmed = confirmed
          @actual = actual
          @sprayers = sprayers
          @known = known
          @blocks = blocks
        end

        # Blocks as they are sent.
        def self.blocks(blocks)
          blocks.map do |one|
            { code: one.code, text: one.text, until: one.until&.iso8601, until_step: one.until_step, wait: one.wait,
              until_answer: one.until_answer }
          end
        end

        private

        def step = object

        # A time that somebody typed is shown as typed.
        def left(name)
          step.public_send(name).then { |seconds| step.seconds_override ? @formatter.effort(seconds) : @formatter.estimate(seconds) }
        end

        def blocks = StepRow.blocks(@blocks.fetch(step.key, []))

        def where
          repeats = Core::Planning::Repeats
          Core::Planning::ZoneWords.list(step.zones.map do |key|
            repeats.base(key)
          end.uniq, repeats.single(@plan.brief.zones))
        end

        def materials
          step.materials.map do |key, amount|
            row = @plan.brief.products.fetch(key)
            { product: key, label: row[:label], swatch: row[:colour]&.hex, text: @formatter.amount(amount, row) }
          end
        end

        # How the sprayer was set for what is sprayed here.
        def sprayer
          return unless step.ways.include?("spray")

          set = step.materials.keys.filter_map { |key| @sprayers[Core::Shelf::Products.product(key)] }.first
          set && Operations::Shelf::Sprayers.text(set)
        end

        def cautions
          step.cautions.map do |key|
            row = Core::Planning::Cautions.row(key, unit: @formatter.workshop.length_unit)
            { key: key, text: row[:text], wear: row[:wear], waste: row[:waste], serious: row[:serious] == true,
              confirmed: @confirmed.include?(key) }
          end
        end

        def needs
          step.needs.map do |need|
            { key: need.key, label: @plan.step(need.key).label, wait: waited(need.wait), why: need.why }
          end
        end

        def waited(minutes) = minutes.zero? ? nil : @formatter.wait(minutes)

        def floor
          square = Core::Planning::Space.of(step, @plan.brief.zones, width: @drawn[:width], depth: @drawn[:depth])
          square.zero? ? nil : @formatter.area(square)
        end

        def edits
          @plan.brief.edits.filter_map do |edit|
            word = word(edit)
            { id: edit.id, text: word } if word
          end
        end

        def word(edit)
          return OWN[edit.kind] if step.edits.include?(edit)
          return "you moved it" if edit.kind == "before" && edit.step == step.key
          return "you added it" if edit.kind == "add" && Core::Planning::Edits.key_of(edit) == step.key

          "you split it" if edit.kind == "split" && step.key.start_with?("#{edit.step}#")
        end

        def remembered(one)
          lost = one.seconds_lost.positive? ? ", #{Core::Units::Effort.text(one.seconds_lost)} lost" : ""
          "#{one.worked ? 'Worked' : 'Did not work'} before on #{one.surface}#{" by #{one.tool}" if one.tool}#{lost}#{": #{one.note}" if one.note}"
        end
      end

      # Open steps of the pieces that hours are recorded for, to be ticked in the same form.
      module DoneWithRow
        extend self

        # asked: {"pieces": "1,2", "kind", "effort"?, "bare"?}. What can't be read as a time yet counts as none.
        def all(asked, formatter)
          hours = { asked["kind"].to_s => seconds(asked) }
          Operations::Planning::DoneWith.offers(asked["pieces"].to_s.split(",").map(&:to_i),
                                                hours).map do |piece, steps|
            { piece: { id: piece.id, name: piece.name }, steps: steps(steps, formatter) }
          end
        end

        # steps: Array of [Core::Planning::Step, likely].
        def steps(steps, formatter)
          steps.map do |step, likely|
            { step: step.key, label: step.label, estimate: formatter.effort(step.remaining), likely: likely }
          end
        end

        private

        def seconds(asked)
          Core::Units::Effort.parse(asked["effort"].to_s, bare: asked["bare"] == "min" ? :minutes : :auto)
        rescue Core::Refusal
          0
        end
      end

      # What the pieces that a cost is recorded for still have to buy, to be linked in the same form.
      module StillToBuyRow
        extend self

        # asked: {"pieces": "1,2", "what"?, "category"?}; without a category it is guessed from the words.
        def all(asked, formatter)
          category = asked["category"].presence || Core::Flips::CostCategories.guess(asked["what"])
          ids = asked["pieces"].to_s.split(",").map(&:to_i)
          Operations::Planning::StillToBuy.offers(ids, asked["what"], category).map do |piece, items|
            { piece: { id: piece.id, name: piece.name }, items: items(items, formatter) }
          end
        end

        # items: Array of [StillToBuy::Item, likely].
        def items(items, formatter)
          items.map do |one, likely|
            { item: one.item, label: one.label, expected: formatter.about(one.minor), likely: likely }
          end
        end
      end
    end
  end
end
