# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A piece like it that was seen for sale, or known to be sold.
      class Comparable < Support::Base
        attributes :id, :what, :sold, :likeness
        said :money, :price
        said :day, :seen_on
        attribute(:likeness_label) { |row| Core::Market::Comparables::LIKENESS.fetch(row.likeness) }
        %i[condition place note].each { |name| attribute(name) { |row| row[name].to_s } }
        attribute(:photos) { |row| Flips::Photo.present(row.photos, params[:formatter]) }
      end
    end
  end
end
