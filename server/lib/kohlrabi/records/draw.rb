# frozen_string_literal: true

module Kohlrabi
  module Records
    # Something taken from a container: for pieces (with its cost), or lost, dried up, found more than was thought (without).
    class Draw < Base
      include Removable

      belongs_to :container
      belongs_to :cost, optional: true
    end
  end
end
