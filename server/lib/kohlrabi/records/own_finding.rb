# frozen_string_literal: true

module Records
  # A kind of finding that the workshop added to the list.
  class OwnFinding < Base
    include Removable
  end
end
