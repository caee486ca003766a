# frozen_string_literal: true

module Kohlrabi
  module Records
    # A photo of a piece, spotted or bought, or of a receipt. The picture itself is a file named by its fingerprint.
    class Photo < Base
      include Removable

      belongs_to :piece, optional: true
      belongs_to :prospect, optional: true
      belongs_to :cost, optional: true
      belongs_to :finding, optional: true
    end
  end
end
