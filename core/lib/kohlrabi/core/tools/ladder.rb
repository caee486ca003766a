# frozen_string_literal: true

module Core
  module Tools
    # A sanding ladder from the grits at hand.
    class Ladder < Tool
      STARTS = { "scraped" => ["after a scraper or stripper", 180], "bare" => ["to bare wood", 80], "caked" => ["to bare wood, caked paint", 60],
                 "soft" => ["to bare wood, softwood or legs", 100], "smooth" => ["smooth old paint", 120], "own" => ["the grit below", nil] }.freeze
      ENDS = { "paint" => ["paint", 180], "stain" => ["stain", 180], "gel" => ["gel stain", 150], "clear" => ["clear coat", 220],
               "wax" => ["wax", 240],
               "own" => ["the grit below", nil] }.freeze

      tool "ladder", "Sanding ladder", "Which grits to use in order, with the discs you have.",
           group: "coating"
      field :from, "Starts", :choice, "bare", choices: STARTS.transform_values(&:first)
      field :start, "First grit", :count, 80
      field :under, "Ends under", :choice, "clear", choices: ENDS.transform_values(&:first)
      field :finish, "Last grit", :count, 220
      field :at_hand, "Grits at hand", :text, nil, optional: true,
                                                   help: "blank: the ones on the shelf, or the usual ones"
      field :veneer, "Veneer", :choice, "no", choices: { "no" => "no", "yes" => "yes, thin" }

      private

      def headline = "#{path.join(', ')} grit."

      def lines
        path.each_cons(2).map do |coarse, fine|
          ["#{coarse} → #{fine}", "#{formatter.number(size(coarse) / size(fine), 2)} times finer", reason(coarse)]
        end
      end

      def cautions = %w[dust]

      def assumes
        ["Mean sizes of FEPA 43-1 / ISO 6344 (from memory).", "Fewest steps first, then the smallest jumps."]
      end

      def path = @path ||= Planning::Grits.ladder(first, last, grits: here)
      def first = STARTS.fetch(self[:from]).last || known(:start)
      def last = ENDS.fetch(self[:under]).last || known(:finish)
      def size(grit) = Planning::Grits::MICRONS.fetch(grit).to_f

      def known(field)
        grit = self[field]
        need(Planning::Grits::MICRONS.key?(grit), :not_a_grit, field: field, grit: grit, grits: Planning::Grits::MICRONS.keys.join(", "))
        grit
      end

      def here
        return grits unless self[:at_hand]

        list = self[:at_hand].scan(/\d+/).map(&:to_i)
        unknown = list.find { |grit| !Planning::Grits::MICRONS.key?(grit) }
        need(unknown.nil?, :unknown_grit_at_hand, field: :at_hand, grit: unknown)
        need(list.any?, :no_grit_named, field: :at_hand)
        list
      end

      def reason(coarse) = "at most #{coarse < 80 ? Planning::Grits::COARSE : Planning::Grits::FINE} from here"

      def warnings
        return [] unless self[:veneer] == "yes"

        [("#{first} grit sands through thin veneer: start with 120 grit." if first < 120), "Sand by hand near the edges."].compact
      end

      # Each grit as a row of grains of its size, a tenth of a millimetre drawn as two.
      def picture
        pic = Picture.new(200, path.size * 14, "#{formatter.count(path.size, 'grit')} from coarse to fine")
        path.each_with_index do |grit, row|
          radius = size(grit) / 100
          (0..(150 / ((2 * radius) + 1)).floor).each do |grain|
            pic.circle(40 + (grain * ((2 * radius) + 1)), (row * 14) + 7, radius, "wood")
          end
          pic.text(14, (row * 14) + 10, "#{grit} grit")
        end
        pic
      end
    end
  end
end
