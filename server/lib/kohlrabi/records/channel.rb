# frozen_string_literal: true

module Kohlrabi
  module Records
    # Where pieces are sold, with what it takes and its habits.
    class Channel < Base
      include Removable
    end
  end
end
