# frozen_string_literal: true

module Records
  # Money of the workshop that belongs to no flip: tools and overhead spent, filming and gifts received.
  class WorkshopEntry < Base
    include Removable
  end
end
