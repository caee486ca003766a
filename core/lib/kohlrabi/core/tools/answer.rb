# frozen_string_literal: true

module Core
  module Tools
    # What a bench tool found. headline: one sentence; lines: Array of Line; table: Table or nil; picture, template:
    # Picture or nil (the template is printed at 1:1); parts: how many things it sets out; relief: face to paint ÷ flat
    # face; assumes, warnings: sentences; cautions: keys;
    # materials: {product key => amount}; steps: Array of Step; cuts: Array of Cut.
    Answer = Struct.new(:headline, :lines, :table, :picture, :template, :assumes, :warnings, :cautions, :materials, :steps, :cuts,
                        :offcuts, :parts, :relief, keyword_init: true)

    # The same with what a tool left out.
    class Answer
      Line = Struct.new(:label, :text, :why, keyword_init: true)
      Table = Struct.new(:columns, :rows, keyword_init: true)
      # work: kind of work; minutes: hands-on.
      Step = Struct.new(:label, :work, :minutes, keyword_init: true)
      # A part to cut: its mark, name, number, mm long and across (nil for a stick), what it is cut from.
      Cut = Struct.new(:mark, :name, :number, :long, :wide, :from, keyword_init: true)
      # What is left over: name, number, mm long and across.
      Offcut = Struct.new(:name, :number, :long, :wide, keyword_init: true)

      def self.of(headline, lines: [], table: nil, picture: nil, template: nil, **rest)
        none = { assumes: [], warnings: [], cautions: [], materials: {}, steps: [], cuts: [], offcuts: [] }
        lines = lines.select do |_, text, _|
          text
        end.map { |label, text, why| Line.new(label: label, text: text, why: why) }
        new(headline: headline, lines: lines, table: table, picture: picture, template: template, **none, **rest)
      end
    end
  end
end
