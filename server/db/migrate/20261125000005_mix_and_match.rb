# frozen_string_literal: true

# Mixes by parts with versions, batches made of them and how they were matched; settings of the sprayer; photos of what
# lies in the stash.
class MixAndMatch < ActiveRecord::Migration[7.2]
  def change
    mixes
    batches
    create_table :spray_settings do |t|
      t.string :product, null: false, index: { unique: true }
      t.string :nozzle
      t.string :setting
      t.float :thinning
      t.float :cup_seconds
      t.timestamps
    end
    add_reference :photos, :stash_item, foreign_key: true
    remove_check_constraint :photos, "piece_id IS NOT NULL OR prospect_id IS NOT NULL"
    add_check_constraint :photos, "piece_id IS NOT NULL OR prospect_id IS NOT NULL OR stash_item_id IS NOT NULL", name: "photo_of_something"
  end

  private

  def mixes
    create_table :mixes do |t|
      t.references :product, null: false, foreign_key: true, index: { unique: true }
      t.string :swatch
      t.string :target
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :mix_versions do |t|
      t.references :mix, null: false, foreign_key: true
      t.integer :number, null: false
      t.text :parts, null: false
      t.string :note
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
  end

  def batches
    add_reference :containers, :mix_version, foreign_key: true
    add_reference :containers, :from_batch, foreign_key: { to_table: :containers }
    add_reference :draws, :batch, foreign_key: { to_table: :containers }
    add_column :draws, :step, :string
    create_table :mix_additions do |t|
      t.references :container, null: false, foreign_key: true
      t.string :part, null: false
      t.string :label, null: false
      t.bigint :amount_thousandths, null: false
      t.string :said
      t.boolean :trip, null: false, default: false
      t.date :added_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "amount_thousandths > 0", name: "adds_something"
    end
  end
end
