# frozen_string_literal: true

# Pricing and the market: comparables, decisions on a price, planned steps, offers and enquiries, holds; house rules of
# selling.
class PriceAndSell < ActiveRecord::Migration[7.2]
  def change
    comparables
    offers
    add_column :pieces, :new_price_minor, :bigint
    add_check_constraint :pieces, "new_price_minor IS NULL OR new_price_minor > 0", name: "new_price_above_zero"
    add_column :workshops, :haggle_hundredths, :integer, null: false, default: 1000
    add_column :workshops, :price_ending, :string, null: false, default: "5"
    add_column :workshops, :step_hundredths, :integer, null: false, default: 1000
    add_column :workshops, :step_days, :integer, null: false, default: 14
    add_column :workshops, :decline_hundredths, :integer, null: false, default: 6000
    add_check_constraint :workshops, "haggle_hundredths BETWEEN 0 AND 9900", name: "haggle_under_all"
  end

  private

  def comparables
    create_table :comparables do |t|
      t.string :kind, null: false
      t.string :what, null: false
      t.bigint :price_minor, null: false
      t.boolean :sold, null: false, default: false
      t.integer :likeness, null: false, default: 2
      t.string :condition
      t.date :seen_on, null: false
      t.string :place
      t.string :note
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index :kind
      t.check_constraint "price_minor > 0", name: "comparable_price_above_zero"
      t.check_constraint "likeness BETWEEN 1 AND 3", name: "likeness_of_three"
    end
    create_table :price_decisions do |t|
      t.references :piece, null: false, foreign_key: true
      t.bigint :asking_minor, null: false
      t.string :why
      t.date :decided_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :price_steps do |t|
      t.references :piece, null: false, foreign_key: true
      t.date :due_on, null: false
      t.bigint :asking_minor, null: false
      t.string :state, null: false, default: "planned"
      t.references :event, foreign_key: true, index: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "state IN ('planned', 'done', 'skipped')", name: "state_of_a_step"
    end
  end

  def offers
    create_table :offers do |t|
      t.references :piece, null: false, foreign_key: true
      t.bigint :amount_minor
      t.string :who
      t.string :note
      t.date :made_on, null: false
      t.string :answer, null: false, default: "open"
      t.bigint :counter_minor
      t.string :advice
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "answer IN ('open', 'taken', 'countered', 'declined')", name: "answer_to_an_offer"
      t.check_constraint "amount_minor IS NULL OR amount_minor > 0", name: "offer_above_zero"
    end
    create_table :holds do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :who, null: false
      t.bigint :price_minor
      t.bigint :deposit_minor
      t.date :until_on
      t.string :pick_up
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
  end
end
