# frozen_string_literal: true

module Records
  # What was given back after a sale, and what the channel gave back of its fee.
  class Refund < Base
    belongs_to :event
  end
end
