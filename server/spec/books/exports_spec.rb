# frozen_string_literal: true

require_relative "../support/api_helper"

# Files over the interface; what stands in them is checked in spec/formats/exports_spec.rb.
RSpec.describe "files of Books", :api do
  it "come with their type and a name" do
    id = piece(name: "Desk")
    texts = [call(:get, "/api/export/flips.csv"), call(:get, "/api/export/costs.csv"), call(:get, "/api/export/hours.csv"),
             call(:get, "/api/export/sales.csv"),
             call(:get, "/api/export/books.journal"), call(:get, "/api/export/tax/2026")].map do |text|
      text.dup.force_encoding("UTF-8")
    end
    expect(texts).to match([/\Aname,kind/, /\Aticket,/, /person/, /take_home/, /assets:inventory:K-001/,
                            /stock at end/])
    expect([call(:get, "/api/pieces/#{id}/card"), call(:get, "/api/export/year/2026")]).to all(start_with("%PDF"))
    expect(last_response.headers.values_at("content-type",
                                           "content-disposition")).to eq(["application/pdf",
                                                                          'attachment; filename="year-2026.pdf"'])
  end
end
