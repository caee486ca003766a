# frozen_string_literal: true

module Core
  module Planning
    # What was tried before: product × surface × tool, whether it worked, seconds lost.
    Experience = Struct.new(:product, :surface, :tool, :worked, :seconds_lost, :note, keyword_init: true)
  end
end
