# frozen_string_literal: true

module Core
  module Tools
    # Dew point, and whether a coat may go on.
    class CanCoat < Tool
      tool "can_coat", "Can I coat now", "The dew point, and whether you can coat now.", group: "coating"
      field :air, "Air", :temperature, 18, within: -40..60
      field :humidity, "Relative humidity, %", :number, 60
      field :surface, "Surface", :temperature, nil, optional: true, help: "blank: same as the air"
      field :coldest, "Label's minimum temperature", :temperature, nil, optional: true

      private

      def headline = against.empty? ? "A coat may go on." : "Not now: #{against.first}."

      def lines
        [["Dew point", dew ? formatter.temperature(dew) : "none in dry air", "Magnus formula"],
         ["Surface above it", dew && formatter.warmer(climate.surface - dew), "at least #{formatter.warmer(Bench::Climate::MARGIN)}"]]
      end

      def warnings = against.drop(1)

      def assumes
        ["Above #{formatter.temperature(Bench::Climate::COLD)}, up to #{formatter.temperature(Bench::Climate::HOT)}, up to 85% and " \
         "#{formatter.warmer(Bench::Climate::MARGIN)} over the dew point, unless the label says otherwise (common practice)."]
      end

      def against = @against ||= climate.against(coldest: self[:coldest]&.to_f, unit: formatter.unit)
      def dew = climate.dew_point

      def climate
        @climate ||= Bench::Climate.new(air: self[:air].to_f, humidity: self[:humidity].to_f,
                                        surface: self[:surface]&.to_f)
      end

      # A scale from −10 to 40 °C with the dew point, its margin and the surface.
      def picture
        at = ->(degrees) { (degrees.clamp(-10, 40) + 10) * 4 }
        pic = Picture.new(200, 36,
                          "#{formatter.temperature(climate.surface)} at the surface#{", dew point #{formatter.temperature(dew)}" if dew}")
        pic.rect(0, 12, 200, 8, "gap").rect(at.call(10), 12, at.call(32) - at.call(10), 8, "wood")
        pic.rect(0, 12, at.call(dew + 3), 8, "offcut").text(at.call(dew), 33, "dew point") if dew
        pic.line(at.call(climate.surface), 4, at.call(climate.surface), 26, "cut").text(at.call(climate.surface), 8,
                                                                                        "surface")
      end
    end
  end
end
