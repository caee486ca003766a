# frozen_string_literal: true

module Records
  # An offer, or an enquiry where no amount was named.
  class Offer < Base
    include Removable

    belongs_to :piece
  end
end
