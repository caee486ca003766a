# frozen_string_literal: true

module Records
  # A tin, bottle or pack on the shelf; amounts in thousandths of the product's unit.
  class Container < Base
    include Removable

    belongs_to :receipt, optional: true

    has_many :draws, -> { live.order(:id) }, inverse_of: :container
    # Of a batch: what it was mixed by, what was taken for it, and what went in last.
    belongs_to :mix_version, optional: true
    belongs_to :from_batch, class_name: "Records::Container", optional: true
    has_many :ingredients, lambda {
      live.order(:id)
    }, class_name: "Records::Draw", foreign_key: :batch_id, inverse_of: :batch
    has_many :additions, -> { live.order(:id) }, class_name: "Records::MixAddition", inverse_of: :container
  end
end
