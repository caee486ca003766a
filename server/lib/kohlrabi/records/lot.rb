# frozen_string_literal: true

module Records
  # One purchase with one piece or several. Premium and tax are amounts, or rates that follow the price.
  class Lot < Base
    include Removable

    has_many :members, -> { order(:id) }, class_name: "Records::LotMember", inverse_of: :lot
    has_many :pieces, through: :members
    has_many :stash_items, -> { live.order(:id) }, inverse_of: :lot
    validates :name, presence: true
  end
end
