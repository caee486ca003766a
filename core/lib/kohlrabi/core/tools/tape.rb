# frozen_string_literal: true

module Core
  module Tools
    # Masking tape for the edges of zones.
    class Tape < Tool
      tool "tape", "Masking tape",
           "How much tape you need for the edges of zones, and how many rolls.", group: "coating"
      field :count, "Panels or zones", :count, 4, within: 1..200
      field :wide, "Width of each", :length, 400.0, within: 1..6000
      field :high, "Height of each", :length, 180.0, within: 1..6000
      field :sides, "Taped edges", :choice, "4", choices: { "4" => "all four", "2" => "two long ones", "3" => "three" }
      field :times, "How often it is masked", :count, 1, within: 1..20
      field :roll, "On a roll", :run, 25, within: 1..100
      field :overlap, "For overlaps and corners, percent", :number, 5, within: 0..50

      def self.start(start)
        start.fronts.any? ? { count: start.fronts.size, wide: start.fronts.first[0], high: start.fronts.first[1] } : {}
      end

      private

      def headline
        "#{formatter.run(metres.round(1))} of tape: #{formatter.count(rolls, 'roll')} of #{formatter.run(self[:roll])}."
      end

      def lines
        [["One zone", formatter.run((edge / 1000).round(2)), "its taped edges"],
         ["All", formatter.run(metres.round(1)),
          "#{formatter.count(self[:count], 'zone')}, #{formatter.count(self[:times], 'time')}, + #{formatter.number(self[:overlap])}%"]]
      end

      def steps
        [Answer::Step.new(label: "Mask #{formatter.count(self[:count], 'zone')}", work: "painting", minutes: minutes),
         Answer::Step.new(label: "Peel the tape when the last coat is touch dry", work: "painting",
                          minutes: (minutes / 4.0).ceil)]
      end

      def assumes
        ["Press down the edge. Peel it back on itself before the coat hardens.",
         "Each meter takes about 1½ minutes to apply (common practice)."]
      end

      def edge
        short, long = [self[:wide], self[:high]].sort
        { "4" => 2 * (long + short), "3" => (2 * long) + short, "2" => 2 * long }.fetch(self[:sides])
      end

      def metres = edge / 1000 * self[:count] * self[:times] * (1 + (self[:overlap].to_f / 100))
      def rolls = (metres / self[:roll]).ceil
      def minutes = (metres * 1.5).ceil

      def picture
        wide = self[:wide]
        high = self[:high]
        pic = Picture.new(wide + 40, high + 40, "A zone #{length(wide)} by #{length(high)} with its tape")
        pic.rect(0, 0, wide + 40, high + 40, "ghost").rect(20, 20, wide, high, "paint")
        pic.measure(20, 20, 20 + wide, 20, length(wide)).measure(20, 20, 20, 20 + high, length(high))
      end
    end
  end
end
