# frozen_string_literal: true

module Records
  # A device that gave the passcode; only a fingerprint of its token is kept.
  class Session < Base
  end
end
