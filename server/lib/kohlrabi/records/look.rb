# frozen_string_literal: true

module Records
  # How a piece could look; one of a piece's looks is chosen.
  class Look < Base
    include Removable

    belongs_to :piece
    has_many :look_zones, -> { order(:id) }, inverse_of: :look
    has_many :fittings, -> { order(:id) }, class_name: "Records::LookFitting", inverse_of: :look
    has_many :works, -> { live.order(:id) }, class_name: "Records::ToolResult", inverse_of: :look
  end
end
