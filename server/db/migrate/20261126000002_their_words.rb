# frozen_string_literal: true

# Kinds by what they are, whatever they are called; parts of a shape that could not be said; whether somebody has looked
# at it.
class TheirWords < ActiveRecord::Migration[7.2]
  SHAPE = { door_style: :string, front: :string, upper_style: :string, inner_shelves: :integer, compartments: :integer }.freeze

  def up
    create_table :own_kinds do |t|
      t.string :word, null: false, index: { unique: true }
      t.string :form, null: false
      t.timestamps
    end
    %i[pieces planned_shapes].each do |table|
      SHAPE.each { |name, type| add_column table, name, type }
      execute "UPDATE #{table} SET door_style = CASE panelled WHEN 1 THEN 'panelled' ELSE 'plain' END WHERE panelled IS NOT NULL"
      execute "ALTER TABLE #{table} DROP COLUMN panelled"
    end
    add_column :pieces, :shape_checked, :boolean, null: false, default: false
    %i[pieces prospects comparables].each { |table| keys(table) }
  end

  def down
    %i[pieces prospects comparables].each { |table| remove_column table, :kind_key }
    add_index :pieces, "kind COLLATE NOCASE", name: "pieces_by_kind"
    remove_column :pieces, :shape_checked
    %i[pieces planned_shapes].each do |table|
      add_column table, :panelled, :boolean
      execute "UPDATE #{table} SET panelled = door_style = 'panelled' WHERE door_style IS NOT NULL"
      SHAPE.each_key { |name| remove_column table, name }
    end
    drop_table :own_kinds
  end

  private

  # Grouped by from now on: dressers and chests of drawers are one kind.
  def keys(table)
    add_column table, :kind_key, :string
    select_values("SELECT DISTINCT kind FROM #{table} WHERE kind IS NOT NULL").each do |kind|
      execute "UPDATE #{table} SET kind_key = #{quote(Core::Planning::Shape::Kinds.key(kind))} WHERE kind = #{quote(kind)}"
    end
    remove_index :pieces, name: "pieces_by_kind" if table == :pieces
    add_index table, :kind_key
  end
end
