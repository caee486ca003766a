# frozen_string_literal: true

module Core
  module Shelf
    RSpec.describe Colours do
      let(:own) do
        [["c2", "Shop white", "#ffffff"], ["c1", "Gable white", "#ffffff"],
         ["c3", "Oat sack", "#cccccc"]].map do |key, name, hex|
          Colour.new(key: key, name: name, hex: hex, own: true)
        end
      end
      let(:colours) { described_class.new(own) }

      it "begins with 24 names over the colour circle and neutrals, none named or shown twice" do
        palette = described_class::PALETTE
        expect(palette.size).to eq(24)
        %i[key name hex].each { |field| expect(palette.map(&field).uniq.size).to eq(24) }
        expect(palette.map(&:hex)).to all(match(described_class::HEX))
        expect(palette.map { |one| Planning::Tone.of(one.hex) }.uniq).to match_array(Planning::Tone::NAMES.keys)
      end

      it "shows the workshop's own first, by name, and leaves out of the palette what they are called too" do
        expect(colours.all.first(3).map(&:name)).to eq(["Gable white", "Oat sack", "Shop white"])
        expect(colours.all.size).to eq(3 + 23)
        expect(colours.fetch("oat-sack").name).to eq("oat sack") # a look that names it still finds it
      end

      it "reads a key, a name and a swatch; a swatch that several share stays a swatch" do
        expect(colours.key(" gable WHITE ")).to eq("c1")
        expect(colours.key("c2")).to eq("c2")
        expect(colours.key("#CCCCCC")).to eq("c3")
        expect(colours.key("#1B1B1A")).to eq("stove-black")
        expect(colours.key("#FFFFFF")).to eq("#ffffff")
        expect(colours.hex("#ABCDEF")).to eq("#abcdef")
        expect(colours.fetch(nil)).to be_nil
      end

      # Common practice, no source: words that people use for furniture paint.
      it "knows at least sixty plain words, each with a swatch, in both spellings, after the workshop's own and the palette" do
        words = described_class::WORDS
        expect([words.size, words.values.uniq.size]).to all(be >= 60)
        expect(words.values.map(&:hex)).to all(match(described_class::HEX))
        expect(words.keys).to include(*%w[white cream gray grey navy sage black])
        expect([colours.key("Grey"), colours.key("gray")]).to eq(%w[gray gray])
        expect(colours.fetch(colours.key("Navy blue"))).to have_attributes(name: "navy",
                                                                           hex: match(described_class::HEX))
        expect(described_class.new([Colour.new(key: "c9", name: "Navy", hex: "#112244",
                                               own: true)]).key("navy")).to eq("c9")
        expect { colours.key("navy 2") }.to raise_error(Refusal, /Did you mean “navy”/)
        dark, light = %w[navy white].map { |word| words.fetch(word).hex.scan(/\h\h/).sum { |two| two.to_i(16) } }
        expect(dark).to be < light / 3
      end

      it "answers what is no colour with the name that comes nearest" do
        expect do
          colours.key("bottle shad")
        end.to raise_error(Refusal, /isn't a color\. Did you mean “bottle shed”\? Pick it, or type another one like #2f6b3f/)
        expect { colours.key("xyz") }.to raise_error(Refusal, /isn't a color\. Pick one, or type it like #2f6b3f/)
        expect { colours.fetch("c99") }.to raise_error(Refusal)
      end

      it "refuses a name twice, and says one that is free" do
        expect do
          colours.unused!(" gable white")
        end.to raise_error(Refusal, /You already have a color “Gable white” \(#ffffff\)\. Use it, or call this one “gable white 2”/)
        expect { colours.unused!("Gable white", but: "c1") }.not_to raise_error
      end
    end

    RSpec.describe Products do
      let(:colours) { Colours.new([Colour.new(key: "c1", name: "Gable white", hex: "#ffffff", own: true)]) }
      let(:own) { [{ key: "own-1", like: "paint_chalk", label: "grey wash", mix: { "paint_chalk" => 1 } }] }
      let(:products) { described_class.new(own: own, colours: colours) }

      def side(key)
        Planning::Shape::Zone.new(key: key, label: key, group: "carcass", role: "side", area: 500_000, material: "wood", edge: 3000, faces: 1,
                                  grade: "flat")
      end

      it "makes a material of a product and a colour, by name" do
        row = products.fetch("paint_all@c1")
        expect(row).to include(key: "paint_all@c1", product: "paint_all", label: "all-in-one satin paint, Gable white",
                               rate: 13.5)
        expect(row[:colour].hex).to eq("#ffffff")
        expect(products.fetch("paint_all")[:colour]).to be_nil
      end

      it "gives no colour to a mix, which has its own, nor to what comes in none" do
        expect(products.fetch("own-1@c1")[:key]).to eq("own-1")
        expect(products.fetch("glue@c1")[:key]).to eq("glue")
      end

      it "keeps the colour where another product is used instead" do
        expect(products.with_swaps("paint_all" => "paint_enamel").fetch("paint_all@c1")[:key]).to eq("paint_enamel@c1")
      end

      it "plans two whites, and two stains, as two materials" do
        zones = %w[left right].map { |key| side(key) }
        %w[paint stain].each do |finish|
          choices = { "left" => "c1", "right" => "chalk-dust" }.transform_values do |colour|
            Planning::Choice.new(finish: finish, over: [], colour: colour)
          end
          look = Planning::Look.new(wear: "everyday", hardware: "kept", inside: "leave", choices: choices)
          plan = Planning::Planner.new(Planning::Brief.new(zones: zones, look: look, products: products,
                                                           lead: "clear")).plan
          kind = products.standard(finish)[:key]
          expect(plan.materials.keys.grep(/\A#{kind}/)).to contain_exactly("#{kind}@c1", "#{kind}@chalk-dust")
        end
      end
    end
  end
end
