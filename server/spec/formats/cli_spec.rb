# frozen_string_literal: true

require_relative "format_helper"
require "csv"

# The command line as a person calls it, on data of its own.
RSpec.describe "bin/kohlrabi import and report", :own_data do
  include_context "with a home of its own"

  def file(text)
    File.join(@home, "flips.csv").tap { |path| File.binwrite(path, text) }
  end

  let(:text) do
    <<~CSV
      name,kind,bought_on,purchase,materials,hardware,other_costs,hours,sold_on,sale_price,fees,tip,outcome,outcome_on
      Hall bench,bench,2025-01-10,20,5.50,3,,3.33,2025-02-10,100,5,,,
      Free stool,stool,2025-03-01,0,,,,,2025-03-01,12,,1,,
      Trunk,trunk,2025-03-01,,,,,2,2026-01-05,40,,,,
      Broken case,,2025-05-01,15,2,,,1,,,,,scrapped,2025-06-01
      Waiting,,2026-01-01,30,,,,,,,,,,
    CSV
  end

  # By hand. Hall bench: 100 − 20 − 5.50 − 3 − 5 = 66.50; ÷ 3.33 h = 19.97; ÷ 100 = 0.665; ÷ 28.50 = 2.3333; 31 days.
  it "gives full books from a spreadsheet" do
    output, _, status = run("import", file(text))
    expect([status.success?, output]).to match([true, /Row 2, Hall bench: taken.*5 flips imported/m])
    report = JSON.parse(run("report", "--json").first)
    bench, stool, trunk, broken, waiting = report["flips"]
    expect(bench).to include("stage" => "sold", "cash_in" => "28.50", "receipts" => "100.00", "cash_profit" => "66.50", "hours" => "3.33",
                             "hourly_pay" => "19.97", "margin" => "0.6650", "return_on_cash" => "2.3333", "turnaround_days" => 31)
    expect(stool).to include("cash_in" => "0.00", "cash_profit" => "13.00", "hours" => nil, "hourly_pay" => nil, "return_on_cash" => nil,
                             "turnaround_days" => 0)
    expect(trunk).to include("cash_in" => nil, "receipts" => "40.00", "cash_profit" => nil, "hours" => "2.00",
                             "hourly_pay" => nil)
    expect(broken).to include("stage" => "scrapped", "cash_profit" => "-17.00", "hourly_pay" => "-17.00")
    expect(waiting).to include("stage" => "bought", "cash_in" => "30.00", "receipts" => nil, "cash_profit" => nil)
    # Totals by hand: 66.50 + 13.00 − 17.00 = 62.50; with hours (66.50 − 17.00) ÷ 4.33 h = 11.43.
    expect(report["totals"]).to include("flips" => 5, "sold" => 3, "scrapped" => 1, "cash_profit" => "62.50", "hourly_pay" => "11.43",
                                        "tied_up" => "30.00")
  end

  it "matches columns as it is told, and takes a column out when it is named for nothing" do
    other = file("Item,Paid,Colour\nDesk,12,red\n")
    expect(run("import", other).last).not_to be_success
    output, _, status = run("import", other, "--columns", "Item:name", "Paid:purchase", "Colour:")
    expect([status.success?, output]).to match([true, /Row 2, Desk: taken.*1 flip imported/m])
    expect(JSON.parse(run("report").first)["flips"].first).to include("name" => "Desk", "cash_in" => "12.00")
  end

  it "writes files for other programs, which come in again" do
    run("import", file(text))
    flips, = run("export", "flips")
    expect(flips.lines.size).to eq(6)
    expect(run("import", file(flips)).first).to match(/Row 2, Hall bench: already there.*0 flips imported, 5 left out/m)
    expect(run("export", "sales").first.lines.first).to start_with("ticket,name,channel")
    # Three sales, one of unknown price paid: 112.00 and 40.00 of sales.
    expect(run("export", "journal").first).to include("-100.00 EUR", "income:not counted:sales", "expenses:losses")
    _, errors, status = run("export", "everything")
    expect([status.success?, errors]).to match([false, /isn't one of flips, costs, hours, sales, journal/])
  end

  it "selects a year by the day of sale" do
    run("import", file(text))
    output, errors, = run("report", "--json", "--year", "2025")
    expect(JSON.parse(output)["flips"].map { |flip| flip["name"] }).to eq(["Hall bench", "Free stool"])
    expect(errors).to include("1 kept, given away or scrapped in 2025 aren't in a report by sale date")
    expect(run("report", "--year", "25").last).not_to be_success
  end

  it "takes all or nothing unless told to skip, and leaves repeats out" do
    bad = "#{text}Comma,,2026-01-02,\"12,50\",,,,,,,,,,\n"
    output, errors, status = run("import", file(bad))
    expect([status.success?, output,
            errors]).to match([false, /Row 7, Comma: wrong; purchase: .*Write the decimals after a point: 12.50/,
                               /Nothing was imported/])
    expect(JSON.parse(run("report").first)["flips"]).to eq([])
    expect(run("import", "--skip-bad", file(bad)).first).to include("5 flips imported, 1 left out")
    expect(run("import", file(text)).first).to match(/Row 2, Hall bench: already there.*0 flips imported, 5 left out/m)
    expect(run("import", "--again", file(text)).first).to include("5 flips imported")
    expect(run("doctor").first).to include("Everything is fine: 10 flips")
  end

  it "tells a row with a stray mark by its number, and takes the rest" do
    stray = "#{text.lines.first(3).join}A \"good\" desk,desk,2025-01-01,5,,,,,,,,,,\n30\" dresser,case,2025-01-02,7,,,,,,,,,,\n"
    output, errors, status = run("import", file(stray))
    expect([status.success?, errors,
            output]).to match([false, /Nothing was imported/,
                               /Row 4, no name: wrong; This row can't be read: Illegal quoting/])
    expect(run("import", "--skip-bad", file(stray)).first).to include("3 flips imported, 1 left out")
    expect(JSON.parse(run("report").first)["flips"].map do |flip|
      flip["name"]
    end).to eq(["Hall bench", "Free stool", "30\" dresser"])
    _, errors, status = run("import", file(",,,,\n,,,,\n"))
    expect([status.success?,
            errors]).to match([false, /The file has no column names, only separators\. Its first row has to hold the column names\./])
  end

  # OWASP, CSV injection (from memory): =, +, -, @, tab and carriage return begin a formula.
  it "lets no text leave as a formula, keeps numbers as they are, and takes the guard off again" do
    names = ["=HYPERLINK(1)", "+1 chair", "-legged stool", "@home", "plain = name"]
    rows = names.map { |name| [name, "12.50", "100", "150"].to_csv }.join
    run("import", file("name,purchase,fees,sale_price\n"), "--skip-bad")
    output, = run("import", file("name,purchase,fees,sale_price\n#{rows}"))
    expect(output).to include("5 flips imported")
    flips, = run("export", "flips")
    cells = CSV.parse(flips, headers: true)
    expect(cells.map do |row|
      row["name"]
    end).to eq(["'=HYPERLINK(1)", "'+1 chair", "'-legged stool", "'@home", "plain = name"])
    expect(cells.map { |row| row["purchase"] }.uniq).to eq(["12.50"])
    sales, = run("export", "sales")
    expect(CSV.parse(sales, headers: true).map { |row| row["take_home"] }.uniq).to eq(["50.00"])
    run("import", "--again", file(flips))
    stored = JSON.parse(run("report").first)["flips"].map { |flip| flip["name"] }
    expect(stored.tally).to eq(names.to_h { |name| [name, 2] })
    guard = Formats::FormulaGuard
    [*names, "'=quoted", "''-", "\tx", ""].each { |name| expect(guard.read(guard.write(name))).to eq(name) }
  end

  it "says plainly what is wrong with a file" do
    expect(run("import", "nowhere.csv")[1]).to match(/There's no file nowhere.csv/)
    expect(run("import", file("kind\nbench\n"))[1]).to include("no column “name”")
    output, _, status = run("import", file("name,colour\nA,red\n"))
    expect([output, status.success?]).to match([/Column “colour” is unknown/, false])
  end
end

RSpec.describe "bin/kohlrabi serve", :own_data do
  def serve(home, port)
    reader, writer = IO.pipe
    pid = spawn({ "KOHLRABI_HOME" => home }, "ruby", File.join(ROOT, "server/kohlrabi.rb"), "serve", "--port",
                port.to_s, out: writer)
    writer.close
    [pid, reader.gets]
  end

  it "listens on 127.0.0.1 alone, takes the next port when one is busy, and keeps its folder to its owner" do
    Dir.mktmpdir do |folder|
      home = File.join(folder, "data")
      busy = TCPServer.new("127.0.0.1", 4895)
      pid, line = serve(home, 4895)
      expect(line).to match(%r{\AKohlrabi is at http://127\.0\.0\.1:489[6-9]/ })
      port = line[/:(\d+)/, 1].to_i
      expect(TCPSocket.new("127.0.0.1", port).close).to be_nil
      others = Socket.ip_address_list.select(&:ipv4_private?).map(&:ip_address)
      others.each { |address| expect { TCPSocket.new(address, port) }.to raise_error(SystemCallError) }
      expect(format("%o", File.stat(home).mode & 0o777)).to eq("700")
    ensure
      busy&.close
      Process.kill(:TERM, pid)
      Process.wait(pid)
    end
  end
end
