# frozen_string_literal: true

# Receipts: what was bought at once, each line a cost or a container, adding up to what was paid.
class RecordTheEvening < ActiveRecord::Migration[7.2]
  def change
    create_table :receipts do |t|
      t.string :shop
      t.date :spent_on
      t.integer :total_minor, null: false
      t.integer :tax_minor, null: false, default: 0
      t.references :deletion, foreign_key: true
      t.timestamps
      t.check_constraint "total_minor >= 0 AND tax_minor >= 0", name: "amounts_of_receipt"
    end
    add_reference :costs, :receipt, foreign_key: true
    add_reference :containers, :receipt, foreign_key: true
  end
end
