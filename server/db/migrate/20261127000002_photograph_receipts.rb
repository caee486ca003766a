# frozen_string_literal: true

# A receipt has photos of its own, also where all of it went onto the shelf.
class PhotographReceipts < ActiveRecord::Migration[7.2]
  OF = %w[piece_id prospect_id stash_item_id comparable_id].freeze

  def up
    add_reference :photos, :receipt, foreign_key: true
    of(*OF, "receipt_id")
  end

  def down
    execute "DELETE FROM photos WHERE receipt_id IS NOT NULL"
    of(*OF)
    remove_reference :photos, :receipt
  end

  private

  def of(*owners)
    remove_check_constraint :photos, name: "photo_of_something"
    add_check_constraint :photos, owners.map { |owner| "#{owner} IS NOT NULL" }.join(" OR "), name: "photo_of_something"
  end
end
