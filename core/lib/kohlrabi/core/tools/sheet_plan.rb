# frozen_string_literal: true

module Core
  module Tools
    # Cutting rectangles from sheets with straight cuts from edge to edge: strips along the grain first, then each strip
    # to length (two-stage guillotine).
    # Parts keep their grain along the sheet unless they may be turned. Several ways of filling strips are tried; the
    # fewest sheets, then the largest
    # rest, wins. The bound is by area and by parts too large to share a sheet.
    class SheetPlan
      # A part on the sheet: mm from its corner along and across, its size as it lies, its name.
      Placed = Struct.new(:x, :y, :long, :wide, :name, :turned, keyword_init: true)
      # A part to place: size along and across the sheet.
      Part = Struct.new(:long, :wide, :name, :turn, keyword_init: true)
      Strip = Struct.new(:high, :used, :parts, keyword_init: true)

      # parts: Array of Part, one for each piece; sheet: [long, wide] in mm; kerf: mm. Raises Refusal for a part that
      # fits no way.
      def initialize(parts, sheet, kerf)
        @parts = parts
        @long, @wide = sheet
        @kerf = kerf
        parts.each { |part| refuse_part(part) unless ways(part).any? }
      end

      # Array of sheets, each an Array of Placed.
      def sheets
        @sheets ||= tries.min_by.with_index { |sheets, index| [sheets.size, last_height(sheets.last), index] }
      end

      def count = sheets.size

      # The fewest sheets that anything could do with, as far as is proven.
      def bound
        area = @parts.sum { |part| part.long * part.wide }
        large = @parts.count do |part|
          ways(part).all? do |long, wide|
            (2 * long) + @kerf > @long && (2 * wide) + @kerf > @wide
          end
        end
        [(area / (@long * @wide)).ceil, large, @parts.empty? ? 0 : 1].max
      end

      # Share of the sheets that becomes parts.
      def used = @parts.sum { |part| part.long * part.wide } / (count * @long * @wide)

      # The rest of the last sheet past its last strip: [long, wide] in mm.
      def rest = [@long, [@wide - last_height(sheets.last) - @kerf, 0].max]

      private

      # Ways a part may lie: [along, across].
      def ways(part)
        both = part.turn ? [[part.long, part.wide], [part.wide, part.long]] : [[part.long, part.wide]]
        both.uniq.select { |long, wide| long <= @long && wide <= @wide }
      end

      def refuse_part(part)
        name = part.name.empty? ? "A part" : part.name
        turned = !part.turn && part.wide <= @long && part.long <= @wide
        raise Refusal.new(turned ? :fits_only_turned : :larger_than_the_sheet, field: :parts, name: name)
      end

      def tries
        orders = [->(one) { [-one[1], -one[0]] }, ->(one) { [-one[0], -one[1]] }, ->(one) { [-one[0] * one[1]] }]
        lies = %i[first last flat].product(orders)
        lies.map do |lie, order|
          stack(strips(@parts.map do |part|
            lay(part, lie)
          end.sort_by.with_index { |one, index| [*order.call(one), index] }))
        end
      end

      # How a part that may be turned is laid: as given, the other way, or with its short side across.
      def lay(part, lie)
        all = ways(part)
        long, wide = case lie
                     when :first then all.first
                     when :last then all.last
                     else all.min_by(&:last)
                     end
        [long, wide, part]
      end

      # Each part into the lowest strip that it fills best, else into a new one.
      def strips(laid)
        laid.each_with_object([]) do |(long, wide, part), all|
          fits = all.select { |strip| strip.high >= wide && strip.used + long <= @long }
          strip = fits.min_by { |one| [one.high - wide, @long - one.used - long] }
          all << (strip = Strip.new(high: wide, used: 0, parts: [])) unless strip
          strip.parts << [strip.used, long, wide, part]
          strip.used += long + @kerf
        end
      end

      # Strips into sheets: the highest first into the first sheet with room.
      def stack(strips)
        strips.sort_by.with_index { |strip, index| [-strip.high, index] }.each_with_object([]) do |strip, sheets|
          sheet = sheets.find { |one| height(one) + strip.high <= @wide } || [].tap { |fresh| sheets << fresh }
          sheet << [height(sheet), strip]
        end.map { |sheet| placed(sheet) }
      end

      def height(sheet) = sheet.sum { |_, strip| strip.high + @kerf }

      def placed(sheet)
        sheet.flat_map do |y, strip|
          strip.parts.map do |x, long, wide, part|
            Placed.new(x: x, y: y, long: long, wide: wide, name: part.name, turned: long != part.long)
          end
        end
      end

      def last_height(sheet) = sheet ? sheet.map { |one| one.y + one.wide }.max : 0
    end
  end
end
