# frozen_string_literal: true

module Core
  module Market
    # The text of a listing, made from what is recorded and nothing else: one line, a short one, or all of it.
    class Listing
      LENGTHS = { "line" => "One line", "short" => "Short", "full" => "In full" }.freeze
      LINE = 90 # characters that a heading may have
      # What is recorded. measures: [width, depth, height] in mm, each may be nil; made_of, parts, done, finish,
      # care, flaws, with, notes: Arrays of phrases; price: in words; pick_up: sentence; the rest text or nil.
      Facts = Struct.new(:name, :maker, :made_about, :measures, :made_of, :parts, :done, :finish, :care, :flaws, :with, :notes, :price,
                         :pick_up, keyword_init: true)

      # unit: "mm" or "in", which is written first.
      def initialize(facts, unit:)
        @facts = facts
        @unit = unit
      end

      # length: key of LENGTHS.
      def text(length)
        { "line" => :line, "short" => :short, "full" => :full }.fetch(length).then { |name| send(name) }
      end

      private

      # What matters most stays where it grows too long.
      def line
        parts = [@facts.name, width, @facts.finish.first, @facts.price].compact
        parts.delete_at(-2) while parts.size > 2 && parts.join(", ").size > LINE
        parts.join(", ")
      end

      def short
        sentences("#{@facts.name}#{about}.", size && "#{size}.", list("", @facts.done), list("Finish: ", @facts.finish), flaws,
                  @facts.price && "#{@facts.price}.", @facts.pick_up)
      end

      def full
        [heading, block("Size", [size, *@facts.parts].compact), block("Made of", @facts.made_of), block("What was done", @facts.done),
         block("Finish and care", @facts.finish + @facts.care), block("Left as it is", @facts.flaws), block("Comes with it", @facts.with),
         block("Please note", @facts.notes), [@facts.price, @facts.pick_up].compact.join(". ")].reject do |part|
          part.to_s.empty?
        end.join("\n\n")
      end

      def heading = "#{@facts.name}#{about}"

      def about
        found = [@facts.maker && "by #{@facts.maker}", @facts.made_about && "made about #{@facts.made_about}"].compact
        found.empty? ? "" : ", #{found.join(', ')}"
      end

      def width = @facts.measures.first && "#{Units::Length.text(@facts.measures.first, unit: @unit)} wide"

      # "790 × 440 × 760 mm (31 1/8 × 17 5/16 × 29 15/16 in), width × depth × height"; what is not measured is left
      # out.
      def size
        known = %w[width depth height].zip(@facts.measures).select(&:last)
        return if known.empty?

        own, other = [@unit, (%w[mm in] - [@unit]).first].map { |unit| in_unit(known.map(&:last), unit) }
        "#{own} (#{other}), #{known.map(&:first).join(' × ')}"
      end

      def in_unit(lengths, unit)
        "#{lengths.map { |mm| Units::Length.text(mm, unit: unit).delete_suffix(" #{unit}") }.join(' × ')} #{unit}"
      end

      # Said in every length but the heading: what a buyer finds out by himself comes back as a refund.
      def flaws = list("Left as it is: ", @facts.flaws)

      def list(before, phrases) = phrases.empty? ? nil : "#{before}#{phrases.join(', ')}.".sub(/\A./, &:upcase)
      def sentences(*found) = found.compact.reject(&:empty?).join(" ")

      def block(title, phrases)
        phrases.empty? ? nil : "#{title}\n#{phrases.map { |phrase| "- #{phrase}" }.join("\n")}"
      end
    end
  end
end
