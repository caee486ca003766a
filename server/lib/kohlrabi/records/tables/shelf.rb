# frozen_string_literal: true

module Records
  # A product of the workshop's own with the figures of its label.
  class Product < Base
    include Removable
  end

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

  # Something taken from a container: for pieces (with its cost), into a mix (with its batch), or lost, dried up,
  # found more than was thought (without).
  class Draw < Base
    include Removable

    belongs_to :container
    belongs_to :cost, optional: true
    belongs_to :batch, class_name: "Records::Container", optional: true
  end

  # A colour of the workshop's own: its name, its swatch on a screen, and what it is mixed or bought as.
  class Colour < Base
    include Removable
  end

  # A mix of the workshop's own: a product made of parts. What stands of it are containers of that product.
  class Mix < Base
    include Removable

    belongs_to :product
    has_many :versions, -> { live.order(:number) }, class_name: "Records::MixVersion", inverse_of: :mix
  end

  # The parts of a mix at one time. parts: JSON Array of [product key or null, label, parts as text of a Rational].
  class MixVersion < Base
    include Removable

    belongs_to :mix
  end

  # Something that went into a batch to match a colour or to correct it; container: the batch as it was afterwards.
  class MixAddition < Base
    include Removable

    belongs_to :container
  end

  # Something salvaged or given: nothing was paid, it would cost something to replace.
  class StashItem < Base
    include Removable

    belongs_to :lot, optional: true
    has_many :stash_uses, -> { live.order(:id) }, inverse_of: :stash_item
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :stash_item
    validates :name, presence: true
  end

  # Some of a stash item used on a piece: no cash, its replacement value in the full-cost view.
  class StashUse < Base
    include Removable

    belongs_to :stash_item
    belongs_to :piece
  end
end
