# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # What of a mix is on a piece, by zones and coats (Operations::Shelf::MixUses::Use).
      class MixUse < Support::Page
        include MixWords

        attribute(:piece) { |use| Bench::BenchWords.link(use.piece) }
        attribute(:zones) { |use| zones_of(use) }
        attribute(:needed) { |use| use.needed.zero? ? nil : mixed(use.needed) }
        attribute(:coats) do |use|
          use.coats.map do |coat|
            { version: coat.version, step: coat.step, on: @formatter.day(coat.on), amount: mixed(coat.amount) }
          end
        end
      end
    end
  end
end
