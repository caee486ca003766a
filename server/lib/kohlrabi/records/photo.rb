# frozen_string_literal: true

module Records
  # A photo of a piece, spotted or bought, of a receipt, of something in the stash, or of a comparable. The picture
  # itself is a file named by its fingerprint.
  class Photo < Base
    include Removable

    belongs_to :piece, optional: true
    belongs_to :prospect, optional: true
    belongs_to :cost, optional: true
    belongs_to :finding, optional: true
    belongs_to :stash_item, optional: true
    belongs_to :comparable, optional: true
    belongs_to :receipt, optional: true
  end
end
