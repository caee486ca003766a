# frozen_string_literal: true

module Records
  # Pieces offered and sold together.
  class PieceSet < Base
    include Removable

    has_many :members, -> { order(:id) }, class_name: "Records::PieceSetMember", inverse_of: :piece_set
    has_many :pieces, through: :members
    has_many :happenings, -> { live.order(:id) }, class_name: "Records::PieceSetEvent", inverse_of: :piece_set
    validates :name, presence: true
  end
end
