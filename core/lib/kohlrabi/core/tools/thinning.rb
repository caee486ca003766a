# frozen_string_literal: true

module Core
  module Tools
    # Thinning by the drain cup: from readings to the next addition.
    class Thinning < Tool
      STEP = 5 # percent, where one reading alone is there (common practice, no source)
      FORD = { 20 => nil, 100 => nil }.keys.freeze # seconds between which the formula of the Ford cup no. 4 holds (ASTM D1200; from memory)

      tool "thinning", "Thinning with a drain cup", "How much water or thinner to add, based on your cup readings.",
           group: "coating"
      field :product, "Product", :product, "paint_all"
      field :paint, "Paint in the pot", :volume, 300, within: 1..20_000
      field :target, "Target seconds", :number, 30, within: 5..200
      field :readings, "Readings, percent: seconds", :text, "0: 75; 5: 52",
            help: "how much you added in percent of the paint, and the seconds in the cup"

      private

      def lines
        now = "#{formatter.amount(water(have))} (#{formatter.number(have)}% of the paint, #{share(have)}% of the mix)"
        [["In it now", now, "the last reading"],
         ["Wanted", wanted_words, why],
         ["Add now", add && formatter.amount(add), nil],
         ["Paint to add", too_thin && formatter.amount(too_thin), "thinner in it ÷ wanted percent − paint in it"],
         ["Viscosity at the last reading", viscosity, "Ford cup no. 4: 3.85 × (t − 4.49)"]]
      end

      def wanted_words
        percent&.positive? ? "#{formatter.number(percent)}% of the paint, #{share(percent)}% of the mix" : nil
      end

      def assumes
        ["Thinning lowers the seconds evenly on a logarithmic scale.",
         limit ? "#{row[:label].capitalize} takes #{limit}% at most." : "No limit known for this product. Follow its label."]
      end

      def cautions = row[:cautions]

      def have = readings.last.first
      def row = @row ||= products.fetch(self[:product])
      def limit = row[:thin]
      def paint = self[:paint].to_f
      def water(part) = paint * part / 100
      def share(part) = formatter.number(part * 100.0 / (100 + part))

      # [[percent, seconds]], in the order they were taken.
      def readings
        @readings ||= begin
          rows = self[:readings].split(/[;,]/).map do |pair|
            pair.split(":").map do |text|
              numeral(:readings, text).to_f
            end
          end
          sound = rows.any? && rows.all? { |pair| pair.size == 2 && pair[0].between?(0, 100) && pair[1].positive? }
          need(sound, :readings_cannot_be_read, field: :readings)
          rows
        end
      end

      def seconds = readings.last.last
      # Thinner than wanted.
      def past? = !there? && seconds < target
      def there? = (seconds - target).abs <= 1
      def target = self[:target].to_f

      # Percent at which the line through the logarithms meets the target; with one reading a step further.
      def percent
        return @percent if defined?(@percent)

        @percent = if there? then have
                   elsif readings.map(&:first).uniq.size < 2 then (have + STEP if seconds > target)
                   else fitted
                   end
      end

      def fitted
        x = readings.map(&:first)
        y = readings.map { |_, taken| Math.log(taken) }
        mean_x = x.sum / x.size
        mean_y = y.sum / y.size
        slope = x.zip(y).sum { |one, log| (one - mean_x) * (log - mean_y) } / x.sum { |one| (one - mean_x)**2 }
        need(slope.negative?, :thickens_as_thinned, field: :readings)
        @line = [mean_y - (slope * mean_x), slope]
        (Math.log(target) - @line[0]) / slope
      end

      def wanted = limit && percent ? [percent, limit].min : percent

      def add
        return unless wanted && !there? && wanted > readings.last.first

        water(wanted - readings.last.first)
      end

      # Paint to add where too much is in it.
      def too_thin
        return if there? || seconds > target || percent.nil? || percent <= 0

        (water(readings.last.first) * 100 / percent) - paint
      end

      def headline
        return "Just right. Don't add anything." if there?
        return "Too thin: add #{formatter.amount(too_thin)} of paint." if too_thin
        return "Already too thin. Add some paint, then measure again." if past? && percent.nil?
        return "Thinner than #{formatter.number(target)} s even without thinner. Use a smaller nozzle, or mix in thicker paint." if past?
        return "It's at its limit of #{limit}%. Don't add any more." unless add

        "Add #{formatter.amount(add)}, then measure again."
      end

      def why
        return "one reading: #{STEP}% more, then measure again" if readings.map(&:first).uniq.size < 2

        "the line through #{formatter.count(readings.size, 'reading')}"
      end

      def warnings
        return [] unless limit
        return [over] if have > limit
        return [] unless percent && percent > limit && !there? && !past?

        ["It would take #{formatter.number(percent)}%, past the #{limit}% that #{row[:label]} stands: " \
         "a larger nozzle or a thinner product, never more water."]
      end

      def over
        "#{formatter.number(have)}% is in it, past the #{limit}% of the label: try it on a test card first, and let it dry."
      end

      def viscosity
        return unless seconds.between?(FORD.first, FORD.last)

        "#{formatter.number(3.85 * (seconds - 4.49))} #{formatter.unit == 'in' ? 'cSt' : 'mm²/s'}" # the same, by another name
      end

      # Seconds over percent: the readings, the line through their logarithms, and where it meets what is wanted.
      def picture
        top = [readings.map(&:last).max, target].max * 1.15
        right = [readings.map(&:first).max, percent.to_f, 10].max * 1.15
        pic = Picture.new(200, 100,
                          "#{formatter.count(readings.size, 'reading')} of the cup, #{formatter.number(target)} s wanted")
        at = ->(part, taken) { [part / right * 200, 100 - (taken / top * 100)] }
        axes(pic, right)
        pic.line(0, at.call(0, target)[1], 200, at.call(0, target)[1], "cut").text(188, at.call(0, target)[1] - 6,
                                                                                   "#{formatter.number(target)} s wanted")
        curve.each_cons(2) { |from, to| pic.line(*at.call(*from), *at.call(*to), "ghost") }
        readings.each { |part, taken| pic.circle(*at.call(part, taken), 2, "paint", "#{formatter.number(taken)} s") }
        pic.circle(*at.call(percent, target), 2.5, "hole", "#{formatter.number(percent)}%") if percent&.positive?
        pic
      end

      def axes(pic, right)
        pic.line(0, 100, 200, 100, "ghost").line(0, 0, 0, 100, "ghost")
        (0..right.floor).step(5) { |part| pic.text(part / right * 200, 104, "#{part}%") }
      end

      # Points of the fitted line, from nothing to what is wanted; none where there is no line.
      def curve
        return [] unless percent && @line

        Array.new(13) { |index| [index * percent / 12, Math.exp(@line[0] + (@line[1] * index * percent / 12))] }
      end
    end
  end
end
