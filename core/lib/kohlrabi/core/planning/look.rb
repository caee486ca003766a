# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # A look of a piece. wear: display, everyday or hard; hardware: kept, cleaned, sprayed, replaced or none; spacing: mm of new pulls;
      # hardware_on: when ordered ones come; inside: leave, clean, liner or sealed; lined: how many
      # drawers are lined, nil for all there is inside; primer: "auto", "none" or a product; choices: {zone => Choice}.
      Look = Struct.new(:wear, :hardware, :spacing, :hardware_on, :inside, :lined, :primer, :choices, keyword_init: true)
    end
  end
end
