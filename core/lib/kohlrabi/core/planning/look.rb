# frozen_string_literal: true

module Core
  module Planning
    # A look of a piece. wear: display, everyday or hard; hardware: kept, cleaned, sprayed, replaced or none; spacing:
    # mm of new pulls;
    # hardware_on: when ordered ones come; inside: leave, clean, liner or sealed; lined: how many
    # drawers are lined, nil for all there is inside; works: Array of Applied; pulls: how many in all, nil for one each;
    # fittings: Array of Fitting; primer: "auto", "none" or a product; choices: {zone => Choice}.
    Look = Struct.new(:wear, :hardware, :spacing, :hardware_on, :inside, :lined, :primer, :choices, :works, :pulls,
                      :fittings, keyword_init: true)

    # Nothing is put on unless it is said.
    class Look
      def initialize(works: [], fittings: [], **rest) = super
    end
  end
end
