# frozen_string_literal: true

require_relative "api_helper"

# Files over the interface; what stands in them is checked in spec/formats/exports_spec.rb.
RSpec.describe "files of Books" do
  it "come with their type and a name" do
    id = piece(name: "Desk")
    { call(:get, "/api/export/flips.csv") => /\Aname,kind/, call(:get, "/api/export/costs.csv") => /\Aticket,/, call(:get, "/api/export/hours.csv") => /person/,
      call(:get, "/api/export/sales.csv") => /take_home/, call(:get, "/api/export/books.journal") => /assets:inventory:K-001/,
      call(:get, "/api/export/tax/2026") => /stock at end/ }.each { |text, part| expect(text.dup.force_encoding("UTF-8")).to match(part) }
    [call(:get, "/api/pieces/#{id}/card"), call(:get, "/api/export/year/2026")].each { |pdf| expect(pdf).to start_with("%PDF") }
    expect(last_response.headers.values_at("content-type", "content-disposition")).to eq(["application/pdf", 'attachment; filename="year-2026.pdf"'])
  end
end
