# frozen_string_literal: true

module Records
  # The answer that was given to a POST, kept under the key that came with it.
  class IdempotencyKey < Base
  end
end
