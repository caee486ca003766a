# frozen_string_literal: true

# Doors, stairs and load spaces are openings; where practitioners disagree, the workshop has its practices: one name in
# every room.
class NameOpeningsAndPractices < ActiveRecord::Migration[7.2]
  def change
    rename_table :passages, :openings
    rename_column :workshops, :schools, :practices
  end
end
