# frozen_string_literal: true

module Core
  module Planning
    # A plan as one reads it aloud: steps that belong together as one line, each coat a line of its own with the
    # look-over and the sanding before it. A piece has some dozen lines where it has two or three times as many steps.
    module Lines
      GROUPS = Core.table("planning/lines").transform_keys(&:to_s).freeze
      COATS = %w[coat clear].freeze
      COAT = %r{\A(?:coat|clear|oil)/.*/(\d+)(?:~\d+)?(?:/face\d)?(?:#\d+)?\z}

      # key: of GROUPS, with the number of the coat; label; steps: Array of Step in their order.
      Line = Struct.new(:key, :label, :steps, keyword_init: true) do
        def title = GROUPS.fetch(key[/\A\w+/])[:title]
        def seconds = steps.sum(&:seconds)
        def remaining = steps.sum(&:remaining)

        # Minutes of waiting after its last step.
        def wait = steps.last.wait
        def zones = steps.flat_map(&:zones).uniq

        # {material key => amount} of all of them.
        def materials
          steps.each_with_object(Hash.new(0)) { |step, sums| step.materials.each { |key, amount| sums[key] += amount } }
        end

        def state
          return "done" if steps.all?(&:done?)

          steps.any? { |step| step.state != "open" } ? "part" : "open"
        end
      end

      extend self

      # steps: Array of Step in order. Returns Array of Line: what is worked on away from the piece stands where it
      # begins.
      def of(steps)
        apart, rest = steps.partition { |step| step.zones == [WholePiece::HARDWARE.key] }
        lines = chunks(rest).map { |key, some| line(key, some) }
        lines << line("pulls", apart) if apart.any?
        lines.sort_by { |one| steps.index(one.steps.first) }
      end

      private

      # [key, steps that follow each other under it]. Looking over and sanding go with the coat that they are done for.
      def chunks(steps)
        numbers = coats(steps)
        steps.chunk_while do |one, other|
          key(one, numbers) == key(other, numbers)
        end.map { |some| [key(some.first, numbers), some] }
      end

      def key(step, numbers)
        group = Phases::BY_KEY.fetch(step.phase).fetch(:line)
        COATS.include?(group) ? "#{group}/#{numbers.fetch(step.key)}" : group
      end

      # {step key => number of the coat that it is, or comes before}.
      def coats(steps)
        steps.group_by(&:phase).slice(*COATS).each_value.with_object({}) do |some, all|
          number = nil
          some.reverse_each { |step| all[step.key] = number = step.key[COAT, 1] || number || "last" }
        end
      end

      def line(key, steps)
        named = steps.find { |step| step.key.match?(COAT) } if COATS.include?(key[/\A\w+/])
        named ||= steps.first if steps.one?
        Line.new(key: key, label: named ? named.label.sub(/, (?:first|second) face\z/, "") : titled(key[/\A\w+/], steps), steps: steps)
      end

      # What is in it, in the order of the work: "Fill and sand flush". The group's title where that says nothing.
      def titled(group, steps)
        row = GROUPS.fetch(group)
        words = steps.map { |step| word(row[:words] || {}, step) }.uniq.reject(&:empty?)
        return row[:title] if words.empty?

        (words.size > 2 ? "#{words[..-2].join(', ')}, and #{words.last}" : words.join(" and ")).then { |text| text[0].upcase + text[1..] }
      end

      def word(words, step)
        by_key = words.keys.map(&:to_s).select { |start| step.key.start_with?(start) }.max_by(&:size)
        words[by_key&.to_sym] || words[step.phase.to_sym] || ""
      end
    end
  end
end
