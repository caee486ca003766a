# frozen_string_literal: true

module Kohlrabi
  module Records
    # A tin, bottle or pack on the shelf; amounts in thousandths of the product's unit.
    class Container < Base
      include Removable

      has_many :draws, -> { live.order(:id) }, inverse_of: :container
    end
  end
end
