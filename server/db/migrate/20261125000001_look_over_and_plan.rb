# frozen_string_literal: true

# Looking over, looks and plans: shapes with zones, findings, looks by zone, edits, what was done, experience, parts,
# recipes, products.
class LookOverAndPlan < ActiveRecord::Migration[7.2]
  SHAPE = { width_mm: :float, depth_mm: :float, height_mm: :float, leg_mm: :float, drawer_rows: :string, row_heights: :string, doors: :integer,
            shelves: :integer, base: :string, top_shape: :string, leaf_mm: :float, upper_height_mm: :float, upper_depth_mm: :float,
            upper_doors: :integer, panelled: :boolean }.freeze

  def change
    shapes
    findings
    looks
    plans
    workshop
  end

  private

  def shapes
    SHAPE.except(:width_mm, :depth_mm, :height_mm, :leg_mm, :drawer_rows, :doors).each { |column, type| add_column :pieces, column, type }
    add_column :pieces, :lead_answer, :string
    add_column :pieces, :units, :integer, null: false, default: 1
    add_check_constraint :pieces, "units BETWEEN 1 AND 24", name: "units_of_a_piece"
    create_table :planned_shapes do |t|
      t.references :piece, null: false, foreign_key: true, index: { unique: true }
      SHAPE.each { |column, type| t.column column, type }
      t.boolean :without_upper, null: false, default: false
      t.timestamps
    end
    create_table :zone_changes do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :zone, null: false
      t.string :label
      t.float :area_mm2
      t.string :grade
      t.string :material
      t.string :relief
      t.float :relief_depth_mm
      t.float :relief_pitch_mm
      t.integer :parts
      t.string :into
      t.timestamps
      t.index %i[piece_id zone], unique: true
    end
  end

  def findings
    create_table :own_findings do |t|
      t.string :label, null: false
      t.string :walk, null: false
      t.string :says, null: false
      t.string :treatment
      t.string :work_kind, null: false
      t.integer :seconds, null: false
      t.integer :wait_minutes, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :findings do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :kind
      t.references :own_finding, foreign_key: true, index: false
      t.string :zone
      t.float :measure
      t.string :note
      t.date :expected_on
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "(kind IS NULL) <> (own_finding_id IS NULL)", name: "one_kind_of_finding"
      t.check_constraint "measure IS NULL OR measure > 0", name: "measure_above_zero"
    end
    add_reference :photos, :finding, foreign_key: true
  end

  def looks
    create_table :looks do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :name, null: false
      t.boolean :chosen, null: false, default: false
      t.string :wear, null: false, default: "everyday"
      t.string :hardware, null: false, default: "kept"
      t.float :spacing_mm
      t.date :hardware_on
      t.bigint :hardware_minor
      t.string :inside, null: false, default: "leave"
      t.string :primer, null: false, default: "auto"
      t.bigint :expected_resale_minor
      t.text :swaps, null: false, default: "{}"
      t.integer :lock_version, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index :piece_id, unique: true, where: "chosen AND deletion_id IS NULL", name: "one_chosen_look"
      t.check_constraint "hardware_minor IS NULL OR hardware_minor >= 0"
      t.check_constraint "expected_resale_minor IS NULL OR expected_resale_minor >= 0"
    end
    create_table :look_zones do |t|
      t.references :look, null: false, foreign_key: true, index: false
      t.string :zone, null: false
      t.string :finish, null: false
      t.string :over, null: false, default: ""
      t.string :colour
      t.string :undercolour
      t.string :product
      t.string :wear
      t.string :options, null: false, default: ""
      t.timestamps
      t.index %i[look_id zone], unique: true
    end
  end

  def plans
    create_table :plan_edits do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :kind, null: false
      t.string :step, null: false
      t.string :other
      t.string :text
      t.string :work_kind
      t.integer :seconds
      t.integer :minutes
      t.integer :number
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :step_marks do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :step, null: false
      t.string :zone, null: false
      t.string :label, null: false
      t.string :work_kind, null: false
      t.integer :seconds, null: false
      t.datetime :done_at, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index %i[piece_id step zone], unique: true, where: "deletion_id IS NULL"
    end
    create_table :experiences do |t|
      t.references :piece, foreign_key: true
      t.string :step
      t.string :product, null: false
      t.string :surface
      t.string :tool
      t.boolean :worked, null: false
      t.integer :seconds_lost, null: false, default: 0
      t.string :note
      t.date :happened_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :confirmations do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :caution, null: false
      t.timestamps
      t.index %i[piece_id caution], unique: true
    end
    create_table :numbered_parts do |t|
      t.references :piece, null: false, foreign_key: true
      t.integer :number, null: false
      t.string :what, null: false
      t.string :place
      t.date :back_on
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
    create_table :recipes do |t|
      t.string :name, null: false
      t.text :body, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
    end
  end

  def workshop
    add_column :workshops, :schools, :text, null: false, default: "{}"
    create_table :products do |t|
      t.string :label, null: false
      t.string :generic, null: false
      t.float :rate
      t.integer :sand
      t.integer :recoat
      t.integer :handle
      t.integer :pack_amount
      t.bigint :pack_price_minor
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "rate IS NULL OR rate > 0"
      t.check_constraint "pack_amount IS NULL OR pack_amount > 0"
    end
  end
end
