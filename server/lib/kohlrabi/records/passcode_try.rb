# frozen_string_literal: true

module Records
  # A passcode that was given and not, or not yet, found right.
  class PasscodeTry < Base
  end
end
