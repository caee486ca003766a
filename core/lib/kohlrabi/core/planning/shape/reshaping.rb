# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # What lies between the shape as bought and the shape as planned: what is taken off, what it leaves behind, what
      # is left over.
      module Reshaping
        # key: which step it asks for; label; leaves: key of the finding it leaves on a zone, or nil; zone: that zone;
        # spare: {name:, count:} for the stash, or nil; cut: whether it cannot be undone; adds: whether it puts
        # something on.
        Act = Struct.new(:key, :label, :leaves, :zone, :spare, :cut, :adds, keyword_init: true)

        extend self

        # bought, planned: PieceShape. Returns Array of Act.
        def between(bought, planned, unit: "mm")
          was = bought.drawn
          now = planned.drawn
          [base(was, now, unit), stand(was, now), upper(was, now), fewer(was, now, :doors, "door"),
           fewer(was, now, :shelves, "shelf"), rows(was, now), cut(was, now, :width, "narrower", unit),
           cut(was, now, :depth, "shallower", unit), lower(was, now, unit)].compact.map(&:freeze)
        end

        private

        def base(was, now, unit)
          return unless was[:leg].positive? && (now[:leg].zero? || was[:base] != now[:base])

          size = Units::Length.text(was[:leg], unit: unit)
          spare = if was[:base] == "legs"
                    { name: "Leg, #{size}",
                      count: 4 }
                  else
                    { name: "#{was[:base].capitalize}, #{size} high", count: 1 }
                  end
          Act.new(key: "remove_base", label: "Take off the #{was[:base]}", leaves: "screw_holes", zone: "underside",
                  spare: spare)
        end

        # Legs or a base where there were none.
        def stand(was, now)
          return unless was[:leg].zero? && now[:leg].positive?

          Act.new(key: "add_base", label: "Fit the new #{now[:base]}", zone: "legs", adds: true)
        end

        def upper(was, now)
          return unless was[:upper_height].positive? && now[:upper_height].zero?

          word = was[:upper_style] == "mirror" ? "mirror" : "upper part"
          Act.new(key: "remove_upper", label: "Take off the #{word}", leaves: "screw_holes", zone: "top",
                  spare: { name: word.capitalize, count: 1 })
        end

        def fewer(was, now, field, word)
          count = was[field] - now[field]
          return unless count.positive?

          zone = field == :doors ? "frame" : "inside"
          words = count == 1 ? word : { "shelf" => "shelves" }.fetch(word, "#{word}s")
          Act.new(key: "remove_#{field}", label: "Take out #{count} #{words}", leaves: "screw_holes", zone: zone,
                  spare: { name: word.capitalize, count: count })
        end

        def rows(was, now)
          count = was[:drawer_rows].sum - now[:drawer_rows].sum
          return unless count.positive?

          Act.new(key: "remove_drawers", label: "Take out #{count} #{count == 1 ? 'drawer' : 'drawers'} for good",
                  spare: { name: "Drawer", count: count })
        end

        def cut(was, now, side, word, unit)
          return unless now[side] < was[side]

          Act.new(key: "cut_#{side}", label: "Cut it #{word} by #{Units::Length.text(was[side] - now[side], unit: unit)}", leaves: "raw_edge",
                  zone: "edge", cut: true)
        end

        # Lower by more than what the base and the upper part took away is a cut.
        def lower(was, now, unit)
          return unless now[:height] < was[:height] # a height that did not change is no cut

          body = ->(drawn) { drawn[:height] - drawn[:leg] - drawn[:upper_height] }
          return unless body.call(was) - body.call(now) > 0.5

          less = Units::Length.text(body.call(was) - body.call(now), unit: unit)
          Act.new(key: "cut_height", label: "Cut it lower by #{less}", leaves: "raw_edge", zone: "frame",
                  cut: true)
        end
      end
    end
  end
end
