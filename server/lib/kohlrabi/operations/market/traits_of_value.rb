# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # What of a piece moves its value: its kind and what is known of its finish, maker, condition and company, as the core's features.
      module TraitsOfValue
        MODEL = Core::Market::Model
        KINDS = Core::Planning::Shape::Kinds
        # Of what is known about a piece. kind: key or word; condition, finish: keys or nil; maker: whether known; alone: one of a kind that
        # sells in pairs; count: how many alike.
        Traits = Struct.new(:kind, :condition, :finish, :maker, :alone, :count, keyword_init: true)

        module_function

        # Of a piece's record. finish: of its chosen look, condition: when it was bought; each nil where not known.
        def of(piece, finish: chosen_finish(piece), condition: piece.prospect&.condition, together: false)
          units = [piece.units.to_i, 1].max
          Traits.new(kind: piece.kind_key || piece.kind, condition: condition, finish: finish, maker: piece.maker.present?, count: units,
                     alone: units == 1 && !together && pair?(piece.kind_key))
        end

        def chosen_finish(piece) = piece.looks.find(&:chosen)&.look_zones&.first&.finish

        # {parameter => how much of it}.
        def features(traits)
          found = { "market" => 1.0 }
          kind = KINDS.key(traits.kind)
          found["kind:#{kind}"] = 1.0 if kind
          found["condition:#{traits.condition}"] = 1.0 if %w[rough sound].include?(traits.condition)
          found["finish:#{traits.finish}"] = 1.0 if traits.finish
          found["maker"] = 1.0 if traits.maker
          found["single"] = 1.0 if traits.alone
          found
        end

        # ln of the usual value in minor units: what such pieces bring by the kind's table, over what is got of what is asked.
        def base(traits, currency)
          row = Core::Scout::Defaults::ROWS[KINDS.name(traits.kind)] || Core::Scout::Defaults::ROWS.fetch("other")
          Math.log(row[:resale][1] * currency.unit * (traits.count || 1) / MODEL::Priors::GOT.last)
        end

        # Whether a kind sells in pairs or sets.
        def pair?(kind) = Core::Scout::Defaults::ROWS.dig(KINDS.name(kind), :pair) == true
      end
    end
  end
end
