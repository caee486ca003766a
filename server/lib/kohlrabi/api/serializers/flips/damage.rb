# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # Something that broke, and what it changed.
      class Damage < Support::Base
        attributes :id, :what
        attribute(:place) { |damage| Operations::Flips::Damages::PLACES.fetch(damage.place) }
        said :day, :on, from: :happened_on
        attribute(:changes) { |damage| changes(damage) }

        EXPECTED = { "expected resale" => %w[expected_resale_minor money], "hours to come" => %w[seconds_to_come effort],
                     "cost to come" => %w[cost_to_come_minor money] }.freeze

        def changes(damage)
          EXPECTED.filter_map do |name, (column, how)|
            before = damage["#{column}_before"]
            after = damage["#{column}_after"]
            "#{name} #{text(how, before)} → #{text(how, after)}" if before != after
          end
        end

        def text(how, amount) = amount ? params[:formatter].public_send(how, amount)[:text] : "not known"
      end
    end
  end
end
