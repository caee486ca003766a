# frozen_string_literal: true

# The shelf: containers and what is drawn from them; figures of labels that were missing; materials by the part used or
# by the container.
class FillTheShelf < ActiveRecord::Migration[7.2]
  def change
    create_table :containers do |t|
      t.string :product, null: false
      t.bigint :size_thousandths, null: false
      t.bigint :paid_minor
      t.date :bought_on
      t.date :opened_on
      t.date :keeps_until
      t.string :place
      t.string :note
      t.boolean :opening, null: false, default: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index :product
      t.check_constraint "size_thousandths > 0", name: "holds_something"
      t.check_constraint "paid_minor IS NULL OR paid_minor >= 0", name: "paid_from_zero"
    end
    create_table :draws do |t|
      t.references :container, null: false, foreign_key: true
      t.references :cost, foreign_key: true
      t.bigint :amount_thousandths, null: false
      t.bigint :amount_minor, null: false
      t.date :drawn_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    add_column :products, :touch_dry, :integer
    add_column :products, :cure, :integer
    add_column :products, :coldest, :float
    add_column :workshops, :material_rule, :string, null: false, default: "part"
    add_check_constraint :workshops, "material_rule IN ('part', 'whole')", name: "part_or_whole"
  end
end
