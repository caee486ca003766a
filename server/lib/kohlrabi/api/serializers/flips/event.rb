# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A recorded event with what belongs to it.
      class Event < Support::Base
        attributes :id, :piece_id, :kind
        attribute(:label) { |event| Operations::Flips::Events::KINDS.fetch(event.kind) }
        said :day, :on, from: :happened_on
        attribute(:recorded) { true }
        attribute(:set_id) { |event| event.piece_set_event&.piece_set_id }
        attribute(:asking) { |event| params[:formatter].money(event.listing&.asking_minor) }
        attribute(:channel) { |event| event.listing&.channel || event.sale&.channel }
        attribute(:sale) { |event| amounts(event.sale, %i[price tip fee delivery asking]) }
        attribute(:refund) { |event| amounts(event.refund, %i[amount fee_back]) }

        def amounts(row, names)
          row && names.to_h { |name| [name, params[:formatter].money(row["#{name}_minor"])] }
        end
      end
    end
  end
end
