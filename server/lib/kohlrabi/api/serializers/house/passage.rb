# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module House
        # Something that pieces must pass.
        class Passage < Support::Base
          attributes :id, :name, :kind
          attribute(:label) { |passage| Core::Scout::Carrying::KINDS.fetch(passage.kind) }
          attribute(:fields) { |passage| %w[width height long].to_h { |side| [side, params[:say].typed_length(passage["#{side}_mm"])] } }
          attribute(:text) do |passage|
            sides = [passage.width_mm, passage.long_mm, passage.height_mm].compact.map { |side| params[:say].length(side) }
            sides.join(" × ")
          end
        end
      end
    end
  end
end
