# frozen_string_literal: true

require_relative "format_helper"

RSpec.describe Formats::FlipsCsv do
  def read(text, **options)
    described_class.new(text.b, currency: Core::Units::Currency.find("EUR"), today: Date.new(2026, 6, 30), **options)
  end

  def problems(row, columns) = read("#{columns}\n#{row}\n").flips.first.problems

  it "needs nothing but a name" do
    flip = read("name\nOak trunk\n").flips.first
    expect([flip.problems, flip.events, flip.costs, flip.seconds,
            flip.piece[:purchase_minor]]).to eq([[], [], [], nil, nil])
  end

  it "ends with the row at which nobody waits for it any more" do
    seen = 0
    gone = -> { raise Api::ClientGone, "left" if (seen += 1) == 40 }
    expect { read("name\n#{"Desk\n" * 100}", gone: gone) }.to raise_error(Api::ClientGone)
    expect(seen).to eq(40)
  end

  it "makes one cost line each of materials, hardware and other costs, 0 a line and empty none" do
    flip = read("name,materials,hardware,other_costs\nA,4.20,0,\n").flips.first
    expect(flip.costs.map do |cost|
      cost.values_at(:category, :amount_minor)
    end).to eq([["materials", 420], ["hardware", 0]])
  end

  it "reads sides, hours and kinds as people say them, in the house's measures where no unit stands" do
    text = "name;kind;width;depth;height;hours\nA;Dresser;36\"\"\";1 ft 6;81,28 cm;8 h 30\n".sub('36"""', '"36"""')
    flip = read(text, unit: "in").flips.first
    expect(flip.problems).to eq([])
    expect(flip.piece.values_at(:width_mm, :depth_mm, :height_mm)).to eq([914.4, 457.2, 812.8])
    expect(flip.seconds).to eq(8.5 * 3600)
    expect(read("name,width\nA,36\n", unit: "in").flips.first.piece[:width_mm]).to eq(914.4)
    expect(read("name,width\nA,914\n").flips.first.piece[:width_mm]).to eq(914)
    expect(problems("A,36 qrt", "name,width")).to contain_exactly(/\Awidth: “36 qrt” isn't a length/)
  end

  it "keeps an asking price without a day of listing with the sale" do
    sale = read("name,asking_price,sold_on,sale_price\nA,90,2026-02-01,80\n").flips.first.events
    expect(sale).to contain_exactly(include(kind: "sold", sale: include(asking_minor: 9000, price_minor: 8000)))
    listed = read("name,asking_price\nA,90\n").flips.first.events
    expect(listed).to contain_exactly(include(kind: "listed", happened_on: nil, listing: include(asking_minor: 9000)))
  end

  it "shows the price that was asked with the sale" do
    Operations::Books::Spreadsheet.new("name,asking_price,sold_on,sale_price\nA,90,2026-02-01,80\n").take!
    expect(Operations::Books::Report.build["flips"].first["asking_price"]).to eq("90.00")
  end

  it "takes outcomes, tip and refund" do
    expect(read("name,outcome,outcome_on\nA,Given away,2026-02-01\n").flips.first.events).to contain_exactly(include(kind: "given_away",
                                                                                                                     happened_on: Date.new(
                                                                                                                       2026, 2, 1
                                                                                                                     )))
    flip = read("name,sold_on,sale_price,tip,refund\nA,2026-02-01,80,5,10\n").flips.first
    expect(flip.events.last).to include(kind: "refunded", happened_on: Date.new(2026, 2, 1),
                                        refund: include(amount_minor: 1000))
  end

  it "names the column of everything that is wrong" do
    expect(problems("A,2026-05-02,2026-05-01",
                    "name,bought_on,sold_on")).to contain_exactly(/\Adates: Sold on 1 May 2026 is before bought on 2 May 2026/)
    expect(problems(",5", "name,purchase")).to contain_exactly(/\Aname: It's empty/)
    expect(problems("A,-1,x",
                    "name,purchase,hours")).to contain_exactly(/\Apurchase: .*negative/, /\Ahours: .*isn't a number/)
    expect(problems("A,sold", "name,outcome")).to contain_exactly(/\Aoutcome: .*Enter kept, given away, or scrapped/)
    expect(problems("A,5", "name,fees")).to contain_exactly(/\Afees: It's filled in, but the piece wasn't sold/)
    expect(problems("A,kept,2026-01-01,50",
                    "name,outcome,sold_on,sale_price")).to contain_exactly(/\Aoutcome: .*both kept .* and sold on 1 Jan 2026/)
    expect(problems("A,1,2", "name,purchase")).to contain_exactly(/it has 3 cells, the header names 2 columns/)
    expect(problems("A,10,12", "name,sale_price,refund")).to contain_exactly(/\Arefund: .*more than the sale price/)
    expect(problems("A,03/05/2026", "name,bought_on")).to contain_exactly(/\Abought_on: .*Type it like 2026-05-03/)
  end

  it "reports unknown and doubled columns, in any order and case" do
    file = read("Colour,NAME,purchase,purchase\nred,A,1,2\n")
    expect(file.problems).to contain_exactly(/“Colour” is unknown/, /“purchase” is there twice/)
    expect(file.flips.first.name).to eq("A")
  end

  it "keeps a channel that has no place yet in the notes, and says so" do
    flip = read("name,channel,notes\nA,window card,Old\n").flips.first
    expect([flip.piece[:notes], flip.remarks]).to match(["Old\nChannel: window card", [/goes into the notes/]])
  end

  it "offers both orders of dates where both can be" do
    expect(read("name,bought_on\nA,3/4/2026\n").questions).to contain_exactly(include(key: "dates",
                                                                                      choices: %w[
                                                                                        dmy mdy
                                                                                      ]))
    expect(read("name,bought_on\nA,3/14/2026\n").questions.first[:choices]).to eq(%w[mdy])
  end
end
