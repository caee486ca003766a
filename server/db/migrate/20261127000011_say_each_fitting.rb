# frozen_string_literal: true

# How many pulls there are in all, and fittings of other kinds: how many, what becomes of them, how many are missing.
class SayEachFitting < ActiveRecord::Migration[7.2]
  def change
    add_column :looks, :pulls, :integer
    create_table :look_fittings do |t|
      t.references :look, null: false, foreign_key: true
      t.string :kind, null: false
      t.integer :number, null: false
      t.string :treatment, null: false
      t.integer :missing, null: false, default: 0
      t.timestamps
      t.index %i[look_id kind], unique: true
      t.check_constraint "number BETWEEN 1 AND 200 AND missing BETWEEN 0 AND number", name: "numbers_of_fittings"
    end
  end
end
