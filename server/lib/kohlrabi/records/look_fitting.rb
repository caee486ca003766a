# frozen_string_literal: true

module Records
  # Fittings of one kind under a look.
  class LookFitting < Base
    belongs_to :look
  end
end
