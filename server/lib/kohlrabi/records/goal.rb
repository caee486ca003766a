# frozen_string_literal: true

module Records
  # What is aimed at in a year.
  class Goal < Base
  end
end
