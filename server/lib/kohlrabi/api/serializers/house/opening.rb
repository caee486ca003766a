# frozen_string_literal: true

module Api
  module Serializers
    module House
      # Something that pieces must pass.
      class Opening < Support::Base
        attributes :id, :name, :kind
        attribute(:label) { |opening| Core::Scout::Carrying::KINDS.fetch(opening.kind) }
        attribute(:fields) do |opening|
          %w[width height long].to_h do |side|
            [side, params[:formatter].typed_length(opening["#{side}_mm"])]
          end
        end
        attribute(:text) do |opening|
          sides = [opening.width_mm, opening.long_mm, opening.height_mm].compact.map do |side|
            params[:formatter].length(side)
          end
          sides.join(" × ")
        end
      end
    end
  end
end
