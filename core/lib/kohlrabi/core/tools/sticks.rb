# frozen_string_literal: true

module Core
  module Tools
    # A cutting plan for sticks: the fewest that give all parts, proven or with its gap.
    class Sticks < Tool
      TENTHS = 100 # lengths are reckoned in hundredths of a millimetre
      SHORTEST = 150 # mm of an offcut that is worth keeping (common practice)

      tool "sticks", "Cutting plan for sticks",
           "Cuts parts from sticks of one length, saw kerf included: the fewest sticks, and what's left of each.",
           group: "setting_out"
      field :parts, "Parts", :sticks,
            [Field::Part.new(number: 4, long: 620.0, name: "leg", turn: true), Field::Part.new(number: 4, long: 415.0, name: "rail", turn: true)],
            help: "number × length and a name, divided by semicolons"
      field :stick, "Length of a stick", :length, 2400.0, within: 50..10_000
      field :kerf, "Saw kerf", :length, 3.0, within: 0..10
      field :trim, "Trimmed off one end first", :length, 0.0, within: 0..200
      field :spare, "Longer by, each part", :length, 0.0, within: 0..200, help: "to trim flush later"

      # The plan of [[mm, number]] from sticks of so many mm.
      def self.plan(parts, stick, kerf, trim: 0)
        sizes = parts.each_with_object(Hash.new(0)) do |(long, number), all|
          all[((long + kerf) * TENTHS).round] += number
        end
        Tools::StickPlan.new(sizes, ((stick - trim + kerf) * TENTHS).round)
      end

      private

      def headline = "#{formatter.count(plan.count, 'stick')} of #{length(self[:stick])}: #{proof}."

      def lines
        [["Parts", formatter.number(self[:parts].sum(&:number), 0), "#{length(self[:parts].sum { |part| part.number * long(part) })} in all"],
         ["Becomes parts", "#{formatter.number(share * 100, 0)}%", "of what is bought"],
         ["Fewest that could do", plan.bound.to_s, "by length and by what can't share a stick"]]
      end

      def table = Answer::Table.new(columns: ["Sticks", "Cut in this order", "Left"], rows: rows)

      def cautions = %w[saw]

      def cuts
        marked.map do |mark, part|
          Answer::Cut.new(mark: mark, name: part.name, number: part.number, long: part.long, wide: nil,
                          from: "sticks of #{length(self[:stick])}")
        end
      end

      def assumes
        ["A kerf of #{length(self[:kerf])} after each cut, except when the last part ends the stick.",
         "Measure each stick before you cut: they can be a little short or long."]
      end

      def long(part) = part.long + self[:spare]

      def plan
        @plan ||= begin
          longest = self[:parts].max_by(&:long)
          most = self[:stick] - self[:trim]
          part = "#{length(long(longest))} #{longest.name}".strip
          need(long(longest) <= most, :longer_than_stick_leaves, field: :parts, part: part, left: length(most),
                                                                 least: length(long(longest) + self[:trim]))
          Sticks.plan(self[:parts].map do |part|
            [long(part), part.number]
          end, self[:stick], self[:kerf], trim: self[:trim])
        end
      end

      def proof
        plan.proven? ? "proven: no plan takes fewer" : "at least #{plan.bound} are needed, so you could save at most #{plan.count - plan.bound} "
      end

      def share = self[:parts].sum { |part| part.number * long(part) } / (plan.count * self[:stick])

      # {mark => part}: A, B, C …
      def marked
        @marked ||= self[:parts].each_with_index.to_h do |part, index|
          [("A".ord + (index % 26)).chr * ((index / 26) + 1), part]
        end
      end

      # Patterns with the marks of their parts: [[count, [[mark, mm]], mm left]].
      def layouts
        @layouts ||= begin
          pool = marked.flat_map do |mark, part|
            Array.new(part.number) do
              [mark, long(part)]
            end
          end.group_by { |_, mm| ((mm + self[:kerf]) * TENTHS).round }
          sticks = plan.patterns.flat_map do |pattern|
            Array.new(pattern.number) do
              pattern.parts.flat_map do |size, number|
                pool.fetch(size).shift(number)
              end
            end
          end
          sticks.tally.map { |parts, count| [count, parts, left(parts)] }
        end
      end

      def left(parts)
        used = parts.sum(&:last) + (self[:kerf] * parts.size)
        [self[:stick] - self[:trim] - used, 0].max
      end

      def rows
        layouts.map do |count, parts, left|
          ["#{count} ×", parts.map do |mark, mm|
            "#{mark} #{formatter.typed(mm)}"
          end.join(" · "), length(left)]
        end
      end

      def offcuts
        layouts.select { |_, _, left| left >= SHORTEST }.group_by(&:last).map do |left, all|
          Answer::Offcut.new(name: "Offcut of a stick", number: all.sum(&:first), long: left.floor, wide: nil)
        end
      end

      def picture
        high = self[:stick] / 26
        pic = Picture.new(self[:stick], layouts.size * high * 2,
                          "#{formatter.count(layouts.size, 'way')} of cutting a stick")
        layouts.each_with_index do |(number, parts, left), row|
          x = self[:trim]
          y = row * high * 2
          parts.each do |mark, mm|
            pic.rect(x, y, mm, high, "wood", mark)
            x += mm + self[:kerf]
          end
          pic.rect(self[:stick] - left, y, left, high, left >= SHORTEST ? "offcut" : "gap") if left.positive?
          pic.text(self[:stick] / 2, y + (high * 1.45), "#{number} ×")
        end
        pic
      end
    end
  end
end
