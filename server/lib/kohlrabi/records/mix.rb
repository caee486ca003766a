# frozen_string_literal: true

module Records
  # A mix of the workshop's own: a product made of parts. What stands of it are containers of that product.
  class Mix < Base
    include Removable

    belongs_to :product
    has_many :versions, -> { live.order(:number) }, class_name: "Records::MixVersion", inverse_of: :mix
  end
end
