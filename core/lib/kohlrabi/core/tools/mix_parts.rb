# frozen_string_literal: true

module Core
  module Tools
    # Parts of a mix scaled to an amount, and a batch corrected to them.
    class MixParts < Tool
      USUAL = { "own" => ["as written below", nil], "wash_even" => ["wash, paint and water 50:50", "50 paint; 50 water"],
                "wash_thin" => ["wash, paint and water 30:70", "30 paint; 70 water"],
                "chalk_home" => ["homemade chalk-style paint: paint, calcium carbonate, water", "240 paint; 30 calcium carbonate; 15 water"] }.freeze

      tool "mix", "Mixing, scaling, correcting",
           "How much of each part to mix, or what to add to a batch to make it right.",
           group: "coating"
      field :usual, "Mix", :choice, "own", choices: USUAL.transform_values(&:first)
      field :parts, "Parts", :text, "2 blue; 2 white; 1 water", help: "number and name, divided by semicolons"
      field :amount, "To make", :volume, 250, within: 1..100_000
      field :there, "In the pot already, of each", :text, nil, optional: true,
                                                               help: "in the same order, such as 200; 100; 0"

      private

      def table = Answer::Table.new(columns: ["Part", "Share", "In it", correction ? "Add" : ""], rows: rows)

      def assumes
        [
          "Measure by volume, and stir before and after. You can save, match, and adjust your own mixes under Shelf, Mixes.", *sealed
        ]
      end

      def lines = []
      def correction = @correction ||= there && mix.correction(there)

      def rows
        amounts = mix.amounts(correction ? correction.whole : self[:amount].to_r)
        mix.parts.map do |part|
          [part.label, "#{formatter.number(mix.shares.fetch(part.key) * 100)}%", formatter.amount(amounts.fetch(part.key)),
           correction ? formatter.amount(correction.adds.fetch(part.key)) : ""]
        end
      end

      def written = USUAL.fetch(self[:usual]).last || self[:parts]

      def mix
        @mix ||= Shelf::Mix.new(written.split(/[;,]/).map do |row|
          found = row.strip.match(%r{\A(?<number>[\d./]+)\s*(?<name>.*)\z})
          need(found, :parts_cannot_be_read, field: :parts, given: row)
          name = found[:name].empty? ? "part #{row.strip}" : found[:name]
          Shelf::Mix::Part.new(key: name, label: name, parts: Units::Quantity.ratio(found[:number]))
        end)
      rescue Refusal => e
        raise e.at(:parts)
      end

      # ml of one part that is there; a bare number is in the house's unit.
      def amount_there(text)
        text.strip == "0" ? 0r : Units::Quantity.parse(text, unit: "ml", house: formatter.unit)
      rescue Refusal => e
        raise e.at(:there)
      end

      # {part's key => ml} of what is in the pot.
      def there
        return unless self[:there]

        amounts = self[:there].split(/[;:]|,(?!\d{1,2}\b)/).map { |text| amount_there(text) }
        need(amounts.size == mix.parts.size, :amounts_do_not_match_parts, field: :there, amounts: formatter.count(amounts.size, "amount"),
                                                                          parts: formatter.count(mix.parts.size, "part"))
        mix.parts.map(&:key).zip(amounts).to_h
      end

      def headline
        return "#{formatter.amount(self[:amount])} of #{mix.text}." unless correction

        adds = mix.parts.reject { |part| correction.adds.fetch(part.key).zero? }
        return "It is #{mix.text} already." if adds.empty?

        added = adds.map { |part| "#{formatter.amount(correction.adds.fetch(part.key))} #{part.label}" }
        "Add #{added.join(' and ')}: #{formatter.amount(correction.whole)} of #{mix.text}."
      end

      def sealed
        self[:usual].start_with?("wash") ? ["Thinned this much, paint no longer bonds or protects: seal it."] : []
      end

      def picture
        shares = mix.parts.map { |part| "#{part.label} #{formatter.number(mix.shares.fetch(part.key) * 100)}%" }
        pic = Picture.new(200, 30, "Shares: #{shares.join(', ')}")
        x = 0.0
        mix.parts.each_with_index do |part, index|
          wide = mix.shares.fetch(part.key) * 200
          pic.rect(x, 0, wide, 30, index.even? ? "part" : "paint", part.label)
          x += wide
        end
        pic
      end
    end
  end
end
