# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # A step that was done on a zone, by its key.
      Mark = Struct.new(:key, :zone, keyword_init: true)
    end
  end
end
