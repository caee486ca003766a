# frozen_string_literal: true

require "spec_helper"

# Numbers of coats (common practice, no source): every tone over every tone, bare of primer and primed.
RSpec.describe Core::Planning::Coats do
  tones = %i[white pale mid dark black]
  # tone of the paint => coats over white, pale, mid, dark, black
  {
    white: { plain: [3, 3, 3, 4, 4], primed: [3, 3, 3, 3, 3] },
    pale: { plain: [2, 2, 2, 4, 4], primed: [2, 2, 2, 3, 3] },
    mid: { plain: [2, 2, 2, 3, 3], primed: [2, 2, 2, 3, 3] },
    dark: { plain: [2, 2, 2, 2, 2], primed: [2, 2, 2, 2, 2] },
    black: { plain: [3, 3, 3, 3, 3], primed: [3, 3, 3, 3, 3] }
  }.each do |tone, rows|
    rows.each do |state, numbers|
      it "#{tone} paint, #{state}: #{tones.zip(numbers).map { |under, number| "#{number} over #{under}" }.join(', ')}" do
        expect(tones.map { |under| described_class.paint(tone, under, primed: state == :primed).first }).to eq(numbers)
      end
    end
  end

  # wear => clear coats on a front, on a top, over paint with its own on a front and on a top
  { "display" => [1, 1, 0, 0], "everyday" => [2, 3, 0, 0], "hard" => [4, 4, 4, 4] }.each do |wear, numbers|
    it "clear coats #{described_class::WEAR[wear]}: #{numbers.join(', ')}" do
      cases = [{}, { top: true }, { builtin: true }, { top: true, builtin: true }]
      expect(cases.map { |given| described_class.clear(wear, **given).first }).to eq(numbers)
    end
  end

  it "gives a reason with every number" do
    reasons = tones.product(tones).map { |tone, under| described_class.paint(tone, under).last }
    expect(reasons + described_class::WEAR.keys.map { |wear| described_class.clear(wear).last }).to all(match(/\w{4}/))
    expect([described_class.primer(blocks: true), described_class.primer(blocks: false)].map(&:first)).to eq([2, 1])
  end
end
