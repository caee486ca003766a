# frozen_string_literal: true

module Operations
  module Market
    # What of a piece moves its value: its kind and what is known of its finish, maker, condition and company, as
    # the core's features.
    module TraitsOfValue
      MODEL = Core::Market::Model
      KINDS = Core::Planning::Shape::Kinds
      # Of what is known about a piece. kind: key or word; condition, finish: keys or nil; maker: whether known;
      # alone: one of a kind that sells in pairs; number: how many alike; found: sold as it was found.
      Traits = Struct.new(:kind, :condition, :finish, :maker, :alone, :number, :found, keyword_init: true)

      extend self

      # Of a piece's record. finish: of its look; condition: when it was bought; each nil where not known.
      def of(piece, finish: nil, condition: nil)
        units = [piece.units.to_i, 1].max
        Traits.new(kind: piece.kind_key || piece.kind, condition: condition, finish: finish, maker: piece.maker.present?, number: units,
                   alone: units == 1 && pair?(piece.kind_key))
      end

      # Of a look: what lies on its first zone.
      def finish(look) = look && look.look_zones.first&.finish

      # {parameter => how much of it}.
      def features(traits)
        found = { "market" => 1.0 }
        kind = KINDS.key(traits.kind)
        found["kind:#{kind}"] = 1.0 if kind
        found["condition:#{traits.condition}"] = 1.0 if %w[rough sound].include?(traits.condition)
        found["finish:#{traits.finish}"] = 1.0 if traits.finish
        found["maker"] = 1.0 if traits.maker
        found["single"] = 1.0 if traits.alone
        found["as_found"] = 1.0 if traits.found
        found
      end

      # ln of the usual value in minor units: what such pieces bring by the kind's table, over what is got of what
      # is asked.
      def base(traits, currency)
        row = Core::Scout::Defaults::ROWS[KINDS.name(traits.kind)] || Core::Scout::Defaults::ROWS.fetch("other")
        Math.log(row[:resale][1] * currency.unit * (traits.number || 1) / MODEL::Priors::GOT.last)
      end

      # Whether a kind sells in pairs or sets.
      def pair?(kind) = Core::Scout::Defaults::ROWS.dig(KINDS.name(kind), :pair) == true
    end
  end
end
