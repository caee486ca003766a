# frozen_string_literal: true

module Records
  # A kind of furniture that the core has no word for, and the form it is drawn in.
  class OwnKind < Base
  end
end
