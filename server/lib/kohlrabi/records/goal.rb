# frozen_string_literal: true

module Kohlrabi
  module Records
    # What is aimed at in a year.
    class Goal < Base
    end
  end
end
