# frozen_string_literal: true

module Records
  # One act of removal; undoing it brings back exactly what it hid.
  class Deletion < Base
    validates :what, presence: true
  end
end
