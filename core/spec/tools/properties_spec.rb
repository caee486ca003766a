# frozen_string_literal: true

require_relative "../tools/tools_helper"

# Whatever is typed, a tool answers or refuses with a field and a remedy; and an answer adds up.
RSpec.describe "bench tools, whatever is typed" do
  catalogue = Core::Tools::Catalogue

  # A value that may or may not be fit for a field.
  def value(field, random)
    case field.kind
    when :length then ["0", random.rand(1..3000).to_s, "#{random.rand(1..90)} 5/16 in", "-4", "x",
                       ""].sample(random: random)
    when :lengths then ["#{random.rand(5..60)}, #{random.rand(5..60)}", "30", "", "a, b"].sample(random: random)
    when :number, :count then [random.rand(0..40).to_s, "1.5", "-1", "x", "",
                               random.rand(1..400).to_s].sample(random: random)
    when :area then [format("%.2f", random.rand * 6), "0", "x"].sample(random: random)
    when :choice then [*field.choices.keys, "none of these"].sample(random: random)
    when :product then %w[paint_all wax pads nothing].sample(random: random)
    when :sticks then Array.new(random.rand(1..4)) { "#{random.rand(0..9)} × #{random.rand(50..2600)} part" }.join("; ")
    when :sheets
      Array.new(random.rand(1..4)) do
        "#{random.rand(0..5)} × #{random.rand(50..2600)} × #{random.rand(50..1300)} part any way"
      end.join("; ")
    else ["0: 80; 5: 50", "2; 1", "2 blue; 1 white", "", "80, 120, 220", "??"].sample(random: random)
    end
  end

  def typed(tool, random)
    tool.fields.to_h { |field| [field.key, random.rand(8).zero? ? value(field, random) : field.typed(unit: "mm")] }
  end

  # The picture's numbers are numbers, and every part of the answer is in words.
  def sound?(answer)
    numbers = answer.picture.shapes.flat_map do |shape|
      shape.values.flatten.grep(Float)
    end + [answer.picture.width, answer.picture.height]
    numbers.all?(&:finite?) && answer.picture.width.positive? && answer.lines.all? do |line|
      line.text.is_a?(String) && !line.text.empty?
    end
  end

  catalogue::ALL.each do |tool|
    it "#{tool.label}: answers soundly or refuses by field and remedy" do
      random = Random.new(tool.key.sum)
      answered = 0
      60.times do
        given = typed(tool, random)
        found = ask(tool.key, **given)
        answered += 1
        expect([given, sound?(found)]).to eq([given, true])
        expect(found.steps.map(&:minutes)).to all(be_positive)
        expect(found.cuts.map(&:long)).to all(be_positive)
        expect(found.materials.values).to all(be_positive)
      rescue Core::Refusal => e
        expect([given, e.problem.size > 5, e.remedy.to_s.size > 3]).to eq([given, true, true])
        expect(tool.fields.map(&:key) + %i[grits amount]).to include(e.field)
      end
      expect(answered).to be_positive
    end

    it "#{tool.label}: says the same in inches as in millimetres, to the nearest sixteenth" do
      millimetres = ask(tool.key)
      given = tool.fields.select do |field|
        field.kind == :length && field.default
      end.to_h { |field| [field.key, "#{field.default} mm"] }
      inches = ask(tool.key, unit: "in", **given.reject { |_, text| text.start_with?("0") })
      expect(inches.lines.map(&:label).first(1)).to eq(millimetres.lines.map(&:label).first(1))
      expect(inches.steps.map(&:work)).to eq(millimetres.steps.map(&:work))
      expect([inches.headline, *inches.lines.map(&:text)].join).not_to match(/(?<!× 32) mm\b(?! \()/)
    end
  end

  it "cuts what was asked for, and no stick is longer than it is" do
    random = Random.new(4)
    30.times do
      parts = Array.new(random.rand(1..5)) { |place| [random.rand(1..6), random.rand(100..1900), "part #{place}"] }
      found = ask(:sticks, parts: parts.map { |number, long, name| "#{number} × #{long} #{name}" }.join("; "))
      cut = found.table.rows.each_with_object(Hash.new(0)) do |(times, order, left), all|
        lengths = order.split(" · ").map { |one| one.split.last.to_f }
        expect((lengths.sum + (3 * lengths.size) + left.to_f).round(1)).to be <= 2403
        lengths.each { |long| all[long] += times.to_i }
      end
      expect(cut).to eq(parts.each_with_object(Hash.new(0)) { |(number, long, _), all| all[long.to_f] += number })
    end
  end

  it "keeps slats within their field, evenly and from the centre" do
    random = Random.new(9)
    40.times do
      field = random.rand(200..2000)
      found = ask(:slats, field: field, widths: random.rand(10..60), gap: random.rand(0..30), stick: 2500)
      lefts = found.template.shapes.select { |shape| shape[:role] == "part" }
      edges = [lefts.first[:x], field - lefts.last[:x] - lefts.last[:w]]
      expect(edges.first).to be_within(1e-6).of(edges.last)
      expect(edges.min).to be >= -1e-6
      expect(lefts.each_cons(2).map { |one, other| (other[:x] - one[:x]).round(6) }.uniq.size).to be <= 1
    end
  end
end
