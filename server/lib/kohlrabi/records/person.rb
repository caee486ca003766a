# frozen_string_literal: true

module Records
  # Somebody who works here.
  class Person < Base
    validates :name, presence: true, uniqueness: true
  end
end
