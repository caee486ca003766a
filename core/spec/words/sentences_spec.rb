# frozen_string_literal: true

# All sentences that the catalogue can say, in one place to be read aloud: `bundle exec rspec spec/words --format
# documentation`. What a native speaker would not say is a defect; what once was such is named here, so that it does not
# come back.
RSpec.describe "the sentences of the catalogue" do
  core = Core
  outworn = ["taken back", "anew", "falls away", "cannot stand", "of nothing is none", "reckon", "undefined", "spoken for", "read off", "n = ",
             "middle half", "empty if", "handbook", "in view"].freeze

  define_method(:expect_plain) do |text|
    expect(outworn.select { |words| text.downcase.include?(words) }).to eq([])
    expect(text).not_to match(/  | [,.;]|\.\.|\(s\)/)
  end

  found = core::Planning::Inspection::Findings
  findings = found::WALK.keys.flat_map { |stop| found.at(stop) }
  # {where: [pattern of the whole, [[key, sentence]]]}
  all = {
    "refusals" => [/\A[A-Z“0-9%‘].*[.?”}…]\z/m, core::Refusals::ROWS.map do |code, row|
      [code, [row[:problem], row[:remedy]].compact.join(" ")]
    end],
    "what is found" => [/\A[a-z0-9“P]/, findings.map { |one| [one[:label], "#{one[:says]}; #{one[:why]}"] }],
    "cautions" => [/\A[A-Z].*\.\z/m, core::Planning::Cautions::ROWS.map { |key, row| [key, row[:text]] }],
    "finishes" => [/\A[A-Z][^.]*\z/, core::Planning::Finishes::ALL.map { |row| row.values_at(:key, :label) }],
    "looks to begin with" => [/\A[A-Z][^.]*\z/, core::Planning::StarterLooks::ALL.map do |row|
      row.values_at(:key, :label)
    end],
    "bench tools" => [/\A[A-Z].*\.\z/m, core::Tools::Catalogue::ALL.map { |tool| [tool.label, tool.about] }]
  }

  all.each do |where, (whole, sentences)|
    describe where do
      sentences.each do |key, text|
        it "#{key}: #{text}" do
          expect_plain(text)
          expect(text).to match(whole)
        end
      end
    end
  end
end
