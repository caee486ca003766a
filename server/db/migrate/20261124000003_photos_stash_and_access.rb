# frozen_string_literal: true

# Photos, the stash, and who may look in from another device.
class PhotosStashAndAccess < ActiveRecord::Migration[7.2]
  MONEY = ->(column) { "#{column} IS NULL OR #{column} >= 0" }

  def change
    photos
    stash
    access
  end

  private

  def photos
    create_table :photos do |t|
      t.references :piece, foreign_key: true
      t.references :prospect, foreign_key: true
      t.references :cost, foreign_key: true
      t.string :kind, null: false
      t.string :caption
      t.string :fingerprint, null: false
      t.integer :width, null: false
      t.integer :height, null: false
      t.integer :position, null: false
      t.boolean :face, null: false, default: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "kind IN ('before', 'during', 'after', 'maker', 'label', 'damage', 'receipt')"
      t.check_constraint "piece_id IS NOT NULL OR prospect_id IS NOT NULL"
      t.index :piece_id, unique: true, where: "face AND deletion_id IS NULL", name: "one_face_per_piece"
    end
  end

  def stash
    create_table :stash_items do |t|
      t.string :name, null: false
      t.integer :count, null: false
      t.bigint :value_minor
      t.string :origin
      t.date :got_on
      t.references :lot, foreign_key: true
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "count >= 0"
      t.check_constraint MONEY.call("value_minor")
    end
  end

  def access
    create_table :passcodes do |t|
      t.string :digest, null: false
      t.timestamps
    end
    create_table :sessions do |t|
      t.string :fingerprint, null: false, index: { unique: true }
      t.datetime :expires_at, null: false
      t.timestamps
    end
  end
end
