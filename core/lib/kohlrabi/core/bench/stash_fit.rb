# frozen_string_literal: true

module Kohlrabi
  module Core
    module Bench
      # What of the stash would fit a piece: pulls by their number and hole spacing, legs by their length, boards and glass by their size.
      class StashFit
        KINDS = { "pull" => "Pull or handle", "leg" => "Leg", "board" => "Board or offcut", "glass" => "Glass or mirror", "other" => "Other" }.freeze
        SLACK = 1.0 # mm by which two hole spacings may differ and still be screwed on (assumed)
        # Something in the stash; measures in mm, nil where not taken. spacing: centre to centre of its holes, 0 for one hole.
        Item = Struct.new(:id, :name, :kind, :count, :spacing, :length, :width, :thickness, keyword_init: true)
        # Something a piece could take. count; spacing of its holes; length: at least; width: at least; exact: cut to size from larger is no way
        # (glass is not cut here).
        Need = Struct.new(:kind, :what, :count, :spacing, :length, :width, keyword_init: true)
        # state: fits, short (too few), or no; why: in words.
        Answer = Struct.new(:item, :need, :state, :why, keyword_init: true)

        # items: Array of Item; needs: Array of Need; unit: of lengths, "mm" or "in".
        def initialize(items, needs, unit: "mm")
          @items = items
          @needs = needs
          @unit = unit
        end

        # Array of Answer: for each need what could serve it, what fits first; what cannot serve at all is left out.
        def answers
          @needs.flat_map { |need| @items.select { |item| item.kind == need.kind }.map { |item| answer(item, need) } }
                .sort_by { |answer| [%w[fits short no].index(answer.state), answer.item.id] }
        end

        private

        def answer(item, need)
          why = misfit(item, need)
          return Answer.new(item: item, need: need, state: "no", why: why) if why
          return Answer.new(item: item, need: need, state: "short", why: "#{item.count} of #{need.count}") if item.count < need.count

          Answer.new(item: item, need: need, state: "fits", why: reason(item, need))
        end

        def misfit(item, need)
          if need.spacing && item.kind == "pull"
            return "its hole spacing was not measured" unless item.spacing
            return "#{length(item.spacing)} between holes, not #{length(need.spacing)}: fill and drill anew" if (item.spacing - need.spacing).abs > SLACK
          end
          too_small(item.length, need.length, "long") || too_small(item.width, need.width, "wide")
        end

        def too_small(has, wants, word)
          return unless wants
          return "how #{word} it is was not measured" unless has

          "#{length(has)} #{word}, #{length(wants)} are wanted" if has < wants
        end

        def reason(item, need)
          said = [("#{length(item.spacing)} between holes" if need.spacing && item.spacing), ("#{length(item.length)} long" if need.length)].compact
          ["#{item.count} there, #{need.count} wanted", *said].join(", ")
        end

        def length(millimetres) = Units::Length.text(millimetres, unit: @unit)
      end
    end
  end
end
