# frozen_string_literal: true

module Core
  module Market
    # What was done to a piece, what it is of, and how to keep it, in the words of a listing. Care is common
    # practice, no source; the label wins.
    module Phrases
      DONE = { "cleaning" => "cleaned", "repair" => "repaired", "woodwork" => "woodwork renewed", "stripping" => "old finish taken off",
               "sanding" => "sanded", "priming" => "primed", "painting" => "painted", "staining" => "stained",
               "clear_coat" => "sealed with a clear coat", "hardware" => "hardware cleaned or renewed", "upholstery" => "newly covered" }.freeze
      WOOD = { "solid" => "solid wood", "veneer" => "veneer", "laminate" => "laminate", "plywood" => "plywood",
               "board" => "board" }.freeze
      CARE = { "paint" => "wipe with a damp cloth, no scouring", "clear" => "wipe with a damp cloth, no scouring",
               "oil" => "oil again when it looks dry", "wax" => "wax again once a year, keep hot cups off", "stain" => "keep out of strong sun",
               "paper" => "dust dry" }.freeze
      TIP = "fix it to the wall with an anti-tip kit; where it stores clothing, local rules on stability may apply"
      LID = "the lid must stay open by itself and open from within"
      PLURAL = { "drawer" => "drawers", "door" => "doors", "shelf" => "shelves" }.freeze

      extend self

      # work: {kind => seconds}. In the order of work.
      def done(work) = Flips::WorkKinds.keys.filter_map { |kind| DONE[kind] if work.fetch(kind, 0).positive? }

      # body, surface: keys of WOOD or nil.
      def made_of(body, surface)
        inside, outside = [body, surface].map { |key| WOOD[key] }
        return [inside || outside].compact if outside.nil? || outside == inside

        [("body of #{inside}" if inside), "surface of #{outside}"].compact
      end

      # counts: {"drawer" => 3, …}.
      def parts(counts)
        counts.filter_map { |name, count| "#{count} #{count == 1 ? name : PLURAL.fetch(name)}" if count.positive? }
      end

      # finishes: keys of Planning::Finishes.
      def care(finishes) = finishes.filter_map { |key| CARE[Planning::Finishes.fetch(key)[:product]] }.uniq

      # What a buyer has to know of a kind of piece. tips: whether it can tip over.
      def cautions(kind, tips:)
        [(TIP if tips), (LID if Planning::Cautions::LIDDED.include?(kind.to_s.strip.downcase))].compact
      end

      # "go easy on it until 12 Jan 2027: its finish cures 30 days"; nil where it is cured or nothing is known.
      # days: of each product, or nil.
      def curing(ready, days, today)
        longest = days.compact.max
        return unless longest && ready && ready + longest > today

        "go easy on it until #{Units::Calendar.text(ready + longest)}: its finish cures #{longest} days"
      end
    end
  end
end
