# frozen_string_literal: true

module Records
  # That something which a device noted was taken in, under the reference made there. Kept for ever, so that it
  # counts once.
  class Fact < Base
  end
end
