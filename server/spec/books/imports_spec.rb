# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "bringing in past flips", :api do
  def check(text, query = "") = call(:post, "/api/imports/check#{query}", text, { "CONTENT_TYPE" => "text/csv" })

  def take(text, query = "", headers = {})
    call(:post, "/api/imports#{query}", text, { "CONTENT_TYPE" => "text/csv" }.merge(headers))
  end

  def rows(answer) = answer["rows"].map { |row| [row["row"], row["state"]] }

  let(:good) do
    "name,bought_on,purchase,materials,hours,sold_on,sale_price,fees\nHall bench,2026-01-02,20,5.50,3.5,2026-02-01,80,4\n"
  end

  it "shows what a file holds without recording anything, then takes it" do
    answer = check(good)
    expect(answer["rows"].first).to include("state" => "taken", "purchase" => include("text" => "€20.00"),
                                            "hours" => include("text" => "3 h 30"))
    expect(call(:get, "/api/pieces?view=all")["total"]).to eq(0)
    take(good)
    expect(status).to eq(201)
    row = call(:get, "/api/pieces?view=archive")["rows"].first
    expect(row).to include("stage" => "sold", "turnaround_days" => 30, "cash_profit" => include("text" => "€50.50"))
    expect(row["hourly_pay"]["minor"]).to eq(1443) # 50.50 ÷ 3.5 h = 14.43 by hand
  end

  it "takes all or nothing, and says what is wrong by row and column" do
    answer = take("#{good}Bad,2026-02-31,abc,,,,,\n")
    expect(status).to eq(422)
    messages = answer["errors"].map { |error| error["message"] }
    expect(messages).to include(/\ARow 3, purchase: “abc” isn't an amount/,
                                /\ARow 3, bought_on: “2026-02-31” isn't in the calendar/)
    expect(call(:get, "/api/pieces?view=all")["total"]).to eq(0)
    take("#{good}Bad,2026-02-31,abc,,,,,\n", "?skip_bad=true")
    expect(call(:get, "/api/pieces?view=all")["total"]).to eq(1)
  end

  it "reports a repeat and leaves it out unless asked for again" do
    take(good)
    expect(rows(check(good))).to eq([[2, "repeat"]])
    expect(rows(check(good, "?again=true"))).to eq([[2, "taken"]])
  end

  it "asks about decimal commas and the order of dates, and reads as answered" do
    text = "name;bought_on;purchase\nBench;03.04.2026;12,50\nStool;25.04.2026;8,00\n"
    expect(check(text)["questions"]).to contain_exactly(include("key" => "decimal", "example" => "12,50"),
                                                        include("key" => "dates", "choices" => ["dmy"]))
    answer = check(text, "?decimal=comma&dates=dmy")
    expect([answer["questions"], answer["rows"].first["bought_on"]["iso"],
            answer["rows"].first["purchase"]["text"]]).to eq([[], "2026-04-03", "€12.50"])
  end

  it "records a repeated request once" do
    2.times { take(good, "?again=true", { "HTTP_IDEMPOTENCY_KEY" => "the-same-upload" }) }
    expect(call(:get, "/api/pieces?view=all")["total"]).to eq(1)
  end

  it "refuses a file that is no table, with the remedy" do
    expect(check("")["detail"]).to include("empty")
    expect(check("kind,price\nbench,5\n")["problems"]).to include(/\ANo column is the name yet/)
    take("kind,price\nbench,5\n")
    expect(status).to eq(422)
    expect(check("\xFF\xFE\x00n".b)["detail"]).to include("Save it as “CSV UTF-8”")
  end

  describe "from other people's spreadsheets" do
    let(:foreign) { "Item,Colour,Paid,Sold for,Sale date\nDesk,red,20,80,2026-02-01\n" }

    def columns(**pairs)
      "?#{URI.encode_www_form(columns: JSON.generate(pairs.transform_keys { |key| key.to_s.tr('_', ' ') }))}"
    end

    def matched(answer) = answer["columns"].to_h { |column| [column["head"], column["to"]] }

    it "guesses what columns are, for the person to confirm, and asks about the rest" do
      answer = check(foreign)
      expect(matched(answer)).to eq({ "Item" => "name", "Colour" => nil, "Paid" => "purchase",
                                      "Sold for" => "sale_price", "Sale date" => "sold_on" })
      expect(answer["columns"].first).to include("guessed" => true, "samples" => ["Desk"])
      expect(answer["problems"]).to contain_exactly(/“Colour” is unknown/)
      expect(answer["rows"].first).to include("name" => "Desk", "purchase" => include("text" => "€20.00"))
    end

    it "takes them as the person matched them, left out what was to be left out" do
      query = columns(Colour: "", Paid: "materials")
      answer = check(foreign, query)
      expect([matched(answer).values_at("Colour", "Paid"), answer["problems"]]).to eq([["", "materials"], []])
      take(foreign, query)
      expect(call(:get, "/api/pieces?view=archive")["rows"].first).to include("name" => "Desk", "cash_profit" => nil)
    end

    it "refuses a matching to nothing known, and says how far an import is" do
      expect(check(foreign, columns(Paid: "money"))["errors"].first).to include("field" => "columns")
      take(good)
      expect(call(:get, "/api/imports/progress")).to eq({ "done" => 1, "of" => 1 })
    end
  end

  it "stores the figures that the core computes from the records" do
    take("#{good}Kept,2026-01-02,,,1.25,,,\n")
    expect(Operations::House::Doctor.examine).to eq([])
  end
end
