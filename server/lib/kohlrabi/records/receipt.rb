# frozen_string_literal: true

module Records
  # What was bought at one till: its lines are costs of pieces and containers on the shelf.
  class Receipt < Base
    include Removable

    has_many :costs, -> { live.order(:id) }, inverse_of: :receipt
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :receipt
    has_many :containers, -> { live.order(:id) }, inverse_of: :receipt
  end
end
