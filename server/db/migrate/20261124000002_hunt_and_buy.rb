# frozen_string_literal: true

# Everything before and around buying: spotted pieces and their tags, lots, trips, splits, sets, damage, and what things
# must pass through.
class HuntAndBuy < ActiveRecord::Migration[7.2]
  MONEY = ->(column) { "#{column} IS NULL OR #{column} >= 0" }
  OLD_KINDS = "kind IN ('first_work','ready','listed','price_changed','sold','kept','given_away','scrapped','refunded')"
  NEW_KINDS = "kind IN ('first_work','ready','listed','price_changed','sold','kept','given_away','scrapped','refunded'," \
              "'parted_out','lost','split')"

  def up
    house_rules
    spotted
    lots
    trips
    sets_and_splits
    pieces
    events_and_costs
  end

  private

  def house_rules
    change_table :workshops, bulk: true do |t|
      t.string :distance_unit, null: false, default: "km"
      t.string :mileage_rate
      t.bigint :trip_minor
      t.bigint :delivery_minor
      t.bigint :rent_minor
      t.integer :places
      t.integer :weekly_seconds
    end
    create_table :passages do |t|
      t.string :name, null: false
      t.string :kind, null: false
      t.float :width_mm, null: false
      t.float :height_mm, null: false
      t.float :long_mm
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "kind IN ('load', 'door', 'stairs')"
      t.check_constraint "width_mm > 0 AND height_mm > 0"
      t.check_constraint "(kind = 'load') = (long_mm IS NOT NULL)"
    end
  end

  def spotted
    create_table :prospects do |t|
      t.string :name
      t.string :kind, null: false
      t.string :source
      t.string :condition, null: false
      t.integer :count, null: false, default: 1
      t.date :spotted_on, null: false
      t.bigint :tag_minor
      %w[resale materials].each { |what| %w[low likely high].each { |point| t.bigint "#{what}_#{point}_minor" } }
      %w[low likely high].each { |point| t.integer "hours_#{point}_seconds" }
      t.integer :added_hundredths
      t.bigint :trip_minor
      t.bigint :delivery_minor
      t.float :width_mm
      t.float :depth_mm
      t.float :height_mm
      t.float :leg_mm
      t.text :notes
      t.bigint :standing_minor
      t.string :cut_basis
      t.string :cut_size
      t.integer :cut_every
      t.date :next_cut_on
      t.date :remind_on
      t.text :checks
      t.string :state, null: false, default: "open"
      t.date :closed_on
      t.string :reason
      t.bigint :most_minor
      t.bigint :expected_resale_minor
      t.integer :expected_seconds
      t.bigint :expected_materials_minor
      t.integer :lock_version, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "state IN ('open', 'bought', 'let_go', 'gone')"
      t.check_constraint "count BETWEEN 1 AND 40"
      t.check_constraint MONEY.call("tag_minor")
      t.index %i[state spotted_on]
    end
    create_table :sightings do |t|
      t.references :prospect, null: false, foreign_key: true
      t.date :seen_on, null: false
      t.bigint :tag_minor, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "tag_minor >= 0"
    end
  end

  def lots
    create_table :lots do |t|
      t.string :name, null: false
      t.string :source
      t.date :bought_on
      t.bigint :price_minor
      t.bigint :premium_minor
      t.integer :premium_hundredths
      t.bigint :tax_minor
      t.integer :tax_hundredths
      t.string :share_rule, null: false
      t.text :notes
      t.integer :lock_version, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      %w[price_minor premium_minor tax_minor].each { |column| t.check_constraint MONEY.call(column) }
      t.check_constraint "share_rule IN ('equal', 'resale', 'hand')"
    end
    create_table :lot_members do |t|
      t.references :lot, null: false, foreign_key: true
      t.references :piece, null: false, foreign_key: true, index: { unique: true }
      t.boolean :found, null: false, default: false
      t.integer :batch
      t.bigint :resale_minor
      t.bigint :hand_minor
      t.bigint :price_minor
      t.bigint :premium_minor
      t.bigint :tax_minor
      t.timestamps
      %w[hand_minor price_minor premium_minor tax_minor].each { |column| t.check_constraint MONEY.call(column) }
    end
  end

  def trips
    create_table :trips do |t|
      t.string :what, null: false
      t.date :happened_on
      t.integer :metres
      t.string :mileage_rate
      t.bigint :fuel_minor
      t.bigint :hire_minor
      t.bigint :tolls_minor
      t.integer :seconds
      t.integer :private_hundredths
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "metres IS NULL OR metres >= 0"
      t.check_constraint "private_hundredths IS NULL OR private_hundredths BETWEEN 0 AND 10000"
      %w[fuel_minor hire_minor tolls_minor seconds].each { |column| t.check_constraint MONEY.call(column) }
    end
  end

  def sets_and_splits
    create_table :piece_sets do |t|
      t.string :name, null: false
      t.integer :lock_version, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :piece_set_members do |t|
      t.references :piece_set, null: false, foreign_key: true
      t.references :piece, null: false, foreign_key: true
      t.bigint :asking_minor
      t.timestamps
      t.index %i[piece_set_id piece_id], unique: true
    end
    create_table :piece_set_events do |t|
      t.references :piece_set, null: false, foreign_key: true
      t.string :kind, null: false
      t.date :happened_on
      t.bigint :asking_minor
      t.bigint :price_minor
      t.bigint :tip_minor
      t.bigint :fee_minor
      t.bigint :delivery_minor
      t.string :channel
      t.text :hand
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "kind IN ('listed', 'price_changed', 'sold')"
      %w[asking_minor price_minor tip_minor fee_minor delivery_minor].each { |column| t.check_constraint MONEY.call(column) }
    end
    create_table :split_parts do |t|
      t.references :event, null: false, foreign_key: true
      t.references :piece, null: false, foreign_key: true, index: { unique: true }
      t.string :weight, null: false
      t.timestamps
    end
  end

  def pieces
    change_table :pieces, bulk: true do |t|
      t.string :maker
      t.string :label_found
      t.string :made_about
      t.string :body_material
      t.string :surface_material
      t.bigint :expected_resale_minor
      t.references :prospect, foreign_key: true
    end
    add_index :pieces, "kind COLLATE NOCASE", name: "pieces_by_kind"
    create_table :damages do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :what, null: false
      t.string :place, null: false
      t.date :happened_on
      %w[expected_resale_minor seconds_to_come cost_to_come_minor].each do |column|
        t.bigint "#{column}_before"
        t.bigint "#{column}_after"
      end
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :diary_entries do |t|
      t.references :piece, null: false, foreign_key: true
      t.date :happened_on, null: false
      t.string :kind, null: false
      t.string :text, null: false
      t.timestamps
    end
  end

  # Both tables are rebuilt by SQLite for their new constraints; rows and references stay.
  def events_and_costs
    remove_check_constraint :events, OLD_KINDS
    add_check_constraint :events, NEW_KINDS
    add_reference :events, :piece_set_event, foreign_key: true
    remove_check_constraint :costs, "category IN ('materials', 'hardware', 'other')"
    add_check_constraint :costs, "category IN ('materials', 'hardware', 'other', 'trip')"
    add_reference :costs, :trip, foreign_key: true
    add_reference :work_entries, :trip, foreign_key: true
  end
end
