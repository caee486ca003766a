# frozen_string_literal: true

module Records
  # A colour of the workshop's own: its name, its swatch on a screen, and what it is mixed or bought as.
  class Colour < Base
    include Removable
  end
end
