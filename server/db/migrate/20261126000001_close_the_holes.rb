# frozen_string_literal: true

# What a product is thinned with, for its cautions; tries of the passcode that outlive a restart; sales that were taken
# back, each a spell on the market of its own.
class CloseTheHoles < ActiveRecord::Migration[7.2]
  def change
    add_column :products, :base, :string
    add_check_constraint :products, "base IS NULL OR base IN ('water', 'oil', 'solvent', 'shellac', 'wax')", name: "base_known"
    create_table :passcode_tries do |t|
      t.string :address, null: false
      t.datetime :tried_at, null: false, index: true
      t.timestamps
    end
    returns
  end

  private

  # sale_deletion: the act that took the sale back; undone, it takes this with it.
  def returns
    create_table :sale_returns do |t|
      t.references :piece, null: false, foreign_key: true
      t.references :deletion, foreign_key: true
      t.references :sale_deletion, null: false, foreign_key: { to_table: :deletions }
      t.date :listed_on
      t.date :sold_on
      t.date :returned_on, null: false
      t.timestamps
    end
  end
end
