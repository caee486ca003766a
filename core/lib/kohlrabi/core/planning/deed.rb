# frozen_string_literal: true

module Core
  module Planning
    # What a step does, as it is kept once somebody did it or spoke of it: its verb and its parameters, so that what was
    # done outlives the rules that planned it. With a face it is an event on the state. A plan knows its steps by keys;
    # a deed is read from one and gives it back.
    # verb: name of Verbs::BY_NAME; name: what is done, by the words of the work; params: {"grits" => [80, 120], "coat"
    # => 2, …};
    # over: how many earlier looks lie under it; finding: id of what was found later, which it mends; part: which part,
    # where somebody split it.
    Deed = Struct.new(:verb, :name, :params, :over, :finding, :part, keyword_init: true)

    # How deeds are read and written.
    class Deed
      # Parameters by name, in their order in a key. A layer is a finish with its product and colour.
      PARAMS = { "ladder" => %w[grits], "coat" => %w[layer coat face], "colour" => %w[layer coat], "between" => %w[layer coat],
                 "inspect" => %w[layer], "clear" => %w[product coat face], "clear-sand" => %w[product coat], "prime" => %w[product coat face],
                 "oil" => %w[product coat], "wax" => %w[product coat], "try-product" => %w[product], "decide" => %w[zone] }.freeze
      PLAIN = %w[how].freeze # "2" of a second go, "wet", "firm"
      LAYER = %w[finish product colour].freeze
      OVER = /~(\d+)/
      LATE = /\+(\d+)(?=#\d\z|\z)/
      PART = /#(\d)\z/

      class << self
        # Of a step's key.
        def read(key)
          part = key[PART, 1]&.to_i
          name, *values = key.sub(LATE, "").sub(PART, "").sub(OVER, "").split("/")
          name = name.to_s
          params = (PARAMS[name] || PLAIN).zip(values).select(&:last).to_h do |param, value|
            [param, value(param, value)]
          end
          new(verb: Verbs.named(name, params), name: name, params: params, over: key[OVER, 1]&.to_i, finding: key[LATE, 1]&.to_i,
              part: part).freeze
        end

        # From its parts as Hash; see to_h.
        def from(parts)
          own = parts.slice("verb", "name", "over", "finding", "part").transform_keys(&:to_sym)
          new(**own, params: parts.except("verb", "name", "over", "finding", "part")).freeze
        end

        private

        def value(param, text)
          case param
          when "grits" then text.split("-").map(&:to_i)
          when "layer" then LAYER.zip(text.split("|")).to_h.compact.reject { |_, one| one.empty? }
          when "coat" then text.to_i
          else text
          end
        end
      end

      # Key of the step that does it.
      def key
        values = params.except("face").map { |param, value| written(param, value) }
        [[name, *values].join("/"), ("~#{over}" if over), ("/#{params['face']}" if params["face"]), ("+#{finding}" if finding),
         ("##{part}" if part)].join
      end

      # The layer as coats are known again by, or nil.
      def signature = params["layer"]&.then { |layer| written("layer", layer) }

      # Whether it laid a colour.
      def colours? = !signature.nil? && %w[coat colour].include?(name)

      # Whether it makes another needless on the same face: it is the same, or sanded at least as fine over the same
      # ground.
      def serves?(other)
        return true if key == other.key

        !finest.nil? && !other.finest.nil? && [over, finding] == [other.over, other.finding] && finest >= other.finest
      end

      # The finest paper of sanding in several grits, else nil.
      def finest = params["grits"]&.max

      # Plain values, without what is not there.
      def to_h
        { "verb" => verb, "name" => name, **params, "over" => over, "finding" => finding, "part" => part }.compact
      end

      private

      def written(param, value)
        case param
        when "grits" then value.join("-")
        when "layer" then LAYER.map { |one| value[one] }.join("|")
        else value.to_s
        end
      end
    end
  end
end
