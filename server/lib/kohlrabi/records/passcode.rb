# frozen_string_literal: true

module Records
  # The passcode for other devices, as bcrypt keeps it.
  class Passcode < Base
  end
end
