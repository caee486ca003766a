# frozen_string_literal: true

module Kohlrabi
  module Records
    # What somebody asks or got for a piece of some kind.
    class Comparable < Base
      include Removable
    end
  end
end
