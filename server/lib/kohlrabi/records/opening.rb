# frozen_string_literal: true

module Records
  # A load space, door or stair that pieces must pass.
  class Opening < Base
    include Removable

    validates :name, presence: true
  end
end
