# frozen_string_literal: true

# The stash: measures of what lies in it, and what was used on which piece; overhead for the full-cost view.
class MeasureTheStash < ActiveRecord::Migration[7.2]
  def change
    add_column :stash_items, :kind, :string, null: false, default: "other"
    %i[spacing_mm length_mm width_mm thickness_mm].each { |name| add_column :stash_items, name, :float }
    create_table :stash_uses do |t|
      t.references :stash_item, null: false, foreign_key: true
      t.references :piece, null: false, foreign_key: true
      t.integer :count, null: false
      t.bigint :value_minor
      t.date :used_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "count > 0", name: "uses_something"
    end
    add_column :workshops, :overhead_minor, :bigint
    add_check_constraint :workshops, "overhead_minor IS NULL OR overhead_minor >= 0", name: "overhead_from_zero"
  end
end
