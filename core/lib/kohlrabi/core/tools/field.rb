# frozen_string_literal: true

module Core
  module Tools
    # One thing a bench tool asks for. kind: length, lengths, area, run (m), volume (ml), weight (kg), temperature (°C),
    # number, count, choice, product, sticks (count ×
    # length, name), sheets (count × length × width, name) or text; default: in mm or as a plain value; optional: may be
    # empty; within: range of what can be; choices: {key => label}.
    Field = Struct.new(:key, :label, :kind, :default, :optional, :within, :choices, :unit, :help, keyword_init: true)

    # Reads what was typed, and writes the default as it would be typed.
    class Field
      # A part to cut: how many, mm, mm across (sheets only), what it is called; turn: whether it may lie either way.
      Part = Struct.new(:number, :long, :wide, :name, :turn, keyword_init: true)
      MAX_PARTS = 500
      STICK = /\A(?<count>\d{1,3})\s*[x×*]\s*(?<long>[^a-z]*(?:(?:mm|cm|in|ft|m)\b)?[^a-z]*)(?<name>.*)\z/i

      # text: as typed; unit: "mm" or "in". Returns mm, Rational, Integer, String, Array by kind; nil where empty and
      # optional. Raises Refusal.
      def read(text, unit:)
        plain = text.to_s.strip
        return empty if plain.empty?

        check(send(:"read_#{kind}", plain, unit), plain, unit)
      rescue Refusal => e
        raise e.at(key)
      end

      # The default as typed.
      def typed(unit:) = default.nil? ? "" : write(default, unit: unit)

      # A value as it would be typed.
      def write(value, unit:)
        case kind
        when :length then Formatter.new(unit).typed(value)
        when :lengths then value.map { |one| Formatter.new(unit).typed(one) }.join(", ")
        when :number then Units::Numerals.plain(value.to_r, value == value.to_i ? 0 : 2).sub(/(\.\d)0\z/, '\1')
        when :volume, :weight, :run, :temperature then measured(value, unit)
        when :area then Formatter.new(unit).number(value / Units::Square::PER.fetch(unit), 2)
        when :sticks, :sheets then value.map { |part| written(part, unit) }.join("; ")
        else value.to_s
        end
      end

      private

      # A measure without its unit, which stands beside the field.
      def measured(value, unit)
        formatter = Formatter.new(unit)
        text = { volume: -> { formatter.amount(value) }, weight: -> { formatter.weight(value, 2) }, run: lambda {
          formatter.run(value)
        },
                 temperature: -> { formatter.temperature(value) } }.fetch(kind).call
        bare = text.gsub(Units::Numerals::GROUPS, "")
        bare.end_with?("ml", "kg", "m", "°C", "fl oz", "lb", "ft", "°F") ? bare[/\A\S+/] : bare
      end

      def empty
        return if optional

        raise Refusal.new(:is_empty, field: key)
      end

      def read_length(text, unit) = text.match?(/\A0+(\.0+)?\z/) ? 0.0 : Units::Length.parse(text, unit: unit)
      def read_lengths(text, unit) = text.split(/[,;]/).map { |one| Units::Length.parse(one, unit: unit) }
      def read_area(text, unit) = Units::Square.parse(text, unit: unit)
      def read_volume(text, unit) = Units::Quantity.parse(text, unit: "ml", house: unit)
      def read_weight(text, unit) = Units::Quantity.parse(text, unit: "g", house: unit == "in" ? "lb" : "kg") / 1000
      def read_run(text, unit) = Units::Measures.parse_run(text, unit: unit)
      def read_temperature(text, unit) = Units::Measures.parse_temperature(text, unit: unit)
      def read_product(text, _) = text
      def read_text(text, _) = text[0, 120]
      def read_number(text, _) = Units::Numerals.parse(text)

      def read_count(text, _)
        return text.to_i if text.match?(/\A\d{1,5}\z/)

        raise Refusal.new(:not_a_whole_number, given: text)
      end

      def read_choice(text, _)
        return text if choices.key?(text)

        raise Refusal.new(:not_one_of_the_choices, given: text, choices: choices.keys.join(", "))
      end

      # "4 × 600 rail; 2 × 350": a count, a length, a name.
      def read_sticks(text, unit)
        few(text.split(";").map do |row|
          found = row.strip.match(STICK) or raise unreadable(row, "4 × 600 rail")
          Part.new(number: found[:count].to_i, long: Units::Length.parse(found[:long], unit: unit),
                   name: found[:name].strip[0, 40], turn: true)
        end)
      end

      # "2 × 400 × 300 shelf; 1 × 600 × 200 any way": a count, along the grain, across it, a name; “any way” where the
      # grain does not matter.
      def read_sheets(text, unit)
        few(text.split(";").map do |row|
          count, long, rest = row.strip.split(/\s*[x×*]\s*/, 3)
          found = rest.to_s.match(/\A(?<wide>[^a-z]*(?:(?:mm|cm|in|ft|m)\b)?)(?<name>.*)\z/i)
          raise unreadable(row, "2 × 400 × 300 shelf") unless found && count.to_s.match?(/\A\d{1,3}\z/)

          name = found[:name].strip
          Part.new(number: count.to_i, long: Units::Length.parse(long, unit: unit), wide: Units::Length.parse(found[:wide], unit: unit),
                   name: name.sub(/\s*any way\z/i, "")[0, 40], turn: name.match?(/any way\z/i))
        end)
      end

      def few(parts)
        number = parts.sum(&:number)
        raise Refusal.new(:nothing_to_cut) if number.zero?
        raise Refusal.new(:too_many_parts_at_once, number: number, most_parts: MAX_PARTS) if number > MAX_PARTS

        parts
      end

      def unreadable(row, like)
        Refusal.new(:list_cannot_be_read, given: row, like: like)
      end

      # The value, or the edge of what can be where both are shown alike: a limit of 9.5 mm is shown as 3/8 in, and 3/8
      # in keeps to it.
      def check(value, text, unit)
        return value if within.nil? || within.cover?(value)

        edges = [within.begin, within.end].compact
        alike = edges.find { |edge| said(edge, unit) == said(value, unit) }
        return alike if alike

        raise Refusal.new(:out_of_range, given: text, low: said(within.begin, unit), high: said(within.end, unit))
      end

      def said(value, unit) = kind == :length ? Formatter.new(unit).length(value) : write(value, unit: unit)

      def written(part, unit)
        formatter = Formatter.new(unit)
        sizes = [part.long, part.wide].compact.map { |size| formatter.typed(size) }
        ["#{part.number} × #{sizes.join(' × ')}", part.name,
         ("any way" if part.wide && part.turn)].compact.join(" ").strip
      end
    end
  end
end
