# frozen_string_literal: true

module Core
  module Shelf
    # What of the stash would fit a piece: pulls by their number and hole spacing, legs by their length, boards and
    # glass by their size.
    class StashFit
      KINDS = { "pull" => "Pull or handle", "leg" => "Leg", "board" => "Board or offcut", "glass" => "Glass or mirror",
                "other" => "Other" }.freeze
      SLACK = 1.0 # mm by which two hole spacings may differ and still be screwed on (assumed)
      # Something in the stash; measures in mm, nil where not taken. spacing: centre to centre of its holes, nil too
      # for one hole.
      Item = Struct.new(:id, :name, :kind, :number, :spacing, :long, :wide, keyword_init: true)
      # Something a piece could take: so many, spacing of its holes, at least so long and wide.
      Need = Struct.new(:kind, :what, :number, :spacing, :long, :wide, keyword_init: true)
      # state: fits, short (too few), or no; why: in words.
      Answer = Struct.new(:item, :need, :state, :why, keyword_init: true)

      STATES = %w[fits short no].freeze # in the order in which they are told

      # items: Array of Item; needs: Array of Need; unit: of lengths, "mm" or "in".
      def initialize(items, needs, unit: "mm")
        @items = items
        @needs = needs
        @unit = unit
      end

      # Array of Answer: for each need what could serve it, what fits first; what cannot serve at all is left out.
      def answers
        @needs.flat_map { |need| @items.select { |item| item.kind == need.kind }.map { |item| answer(item, need) } }
              .sort_by { |answer| [STATES.index(answer.state), answer.item.id] }
      end

      private

      def answer(item, need)
        why = misfit(item, need)
        return Answer.new(item: item, need: need, state: "no", why: why) if why
        if item.number < need.number
          return Answer.new(item: item, need: need, state: "short",
                            why: "#{item.number} of #{need.number}")
        end

        Answer.new(item: item, need: need, state: "fits", why: reason(item, need))
      end

      def misfit(item, need)
        if need.spacing && item.kind == "pull"
          return "it has one hole, or its spacing isn't measured" unless item.spacing
          if (item.spacing - need.spacing).abs > SLACK
            return "#{length(item.spacing)} between holes, not #{length(need.spacing)}: fill the holes and drill new ones"
          end
        end
        too_small(item.long, need.long, "long") || too_small(item.wide, need.wide, "wide")
      end

      def too_small(has, wants, word)
        return unless wants
        return "how #{word} it is isn't measured" unless has

        "#{length(has)} #{word}, #{length(wants)} are needed" if has < wants
      end

      def reason(item, need)
        said = [("#{length(item.spacing)} between holes" if need.spacing && item.spacing),
                ("#{length(item.long)} long" if need.long)].compact
        ["#{item.number} there, #{need.number} needed", *said].join(", ")
      end

      def length(millimetres) = Units::Length.text(millimetres, unit: @unit)
    end
  end
end
