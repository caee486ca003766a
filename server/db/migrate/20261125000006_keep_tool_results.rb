# frozen_string_literal: true

# What a bench tool found for a piece: what was typed, so that it can be done again, and what it asks for.
class KeepToolResults < ActiveRecord::Migration[7.2]
  def change
    create_table :tool_results do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :tool, null: false
      t.text :given, null: false
      t.string :unit, null: false
      t.text :materials, null: false, default: "{}"
      t.date :done_on
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "unit IN ('mm', 'in')", name: "unit_of_result"
    end
    add_reference :plan_edits, :tool_result, foreign_key: true
    add_reference :stash_items, :tool_result, foreign_key: true
  end
end
