# frozen_string_literal: true

module Records
  # Where pieces are sold, with what it takes and its habits.
  class Channel < Base
    include Removable

    has_many :rents, -> { order(:from_on) }, class_name: "Records::ChannelRent", inverse_of: :channel

    # Rent a month as of a day, minor units; 0 where none holds.
    def rent_minor(day) = rents.reverse.find { |rent| rent.from_on <= day }&.rent_minor.to_i
  end
end
