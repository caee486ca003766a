# frozen_string_literal: true

module Records
  # A piece kept for a buyer: until when, what was paid down, when it is fetched.
  class Hold < Base
    include Removable

    belongs_to :piece
  end
end
