# frozen_string_literal: true

# What the market says: a price seen knows the piece it was looked up for; what own listings say is kept once it is
# worked out; how fast old listings fade and what a day is worth at the least are house rules; the rent of a place is
# a cost of each sale there.
class ValueByTheMarket < ActiveRecord::Migration[7.2]
  def change
    add_reference :comparables, :piece, foreign_key: true
    create_table :market_fits do |t|
      t.string :inputs, null: false, limit: 64
      t.text :fit, null: false
      t.datetime :created_at, null: false
      t.index :inputs, unique: true
    end
    change_table :workshops, bulk: true do |t|
      t.integer :half_life_days, null: false, default: 730
      t.integer :day_hundredths, null: false, default: 50
      t.check_constraint "half_life_days BETWEEN 30 AND 7300", name: "listings_fade"
      t.check_constraint "day_hundredths BETWEEN 1 AND 500", name: "a_day_is_worth_something"
    end
  end
end
