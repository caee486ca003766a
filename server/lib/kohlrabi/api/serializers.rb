# frozen_string_literal: true

module Api
  # What the operations return, as the contract says it: each file has the rows and pages of one subject.
  module Serializers
    %w[
      house/rows
      flips/rows
      flips/several
      flips/piece_rows
      flips/piece_page
      bench/words
      bench/pages
      books/comparing
      books/pages
      market/rows
      market/market_page
      market/piece_pages
      planning/plan
      planning/steps
      planning/looks
      planning/shape
      scout/prospects
      shelf/mixes
      shelf/shelf
      tools/tools
    ].each { |file| require_relative "serializers/#{file}" }
  end
end
