# frozen_string_literal: true

module Records
  # A database that cannot be worked with; the message says why, and which copies there are to restore.
  class Unusable < StandardError
  end
end
