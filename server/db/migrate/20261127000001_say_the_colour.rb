# frozen_string_literal: true

# The workshop's own colours; what a product of one's own has built in and allows; gifts with what they would have cost.
class SayTheColour < ActiveRecord::Migration[7.2]
  def change
    create_table :colours do |t|
      t.string :name, null: false
      t.string :hex, null: false
      t.string :note
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    change_table :products, bulk: true do |t|
      t.string :builtin
      t.string :blocks
      t.boolean :grips
      t.float :thin
    end
    add_column :containers, :value_minor, :bigint
    %i[draws costs cost_shares].each { |table| add_column table, :value_minor, :bigint, null: false, default: 0 }
  end
end
