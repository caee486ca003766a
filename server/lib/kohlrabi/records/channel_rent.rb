# frozen_string_literal: true

module Records
  # What a place costs a month from a day on, until the next one begins or the channel is removed.
  class ChannelRent < Base
    belongs_to :channel
  end
end
