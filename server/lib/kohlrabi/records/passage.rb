# frozen_string_literal: true

module Kohlrabi
  module Records
    # A load space, door or stair that pieces must pass.
    class Passage < Base
      include Removable

      validates :name, presence: true
    end
  end
end
