# frozen_string_literal: true

# What people say of hours, costs and problems is asked for and stored, and what one request did can be undone by one.
class TakeWhatPeopleSay < ActiveRecord::Migration[7.2]
  KINDS = { true => %w[overlap short hours costs materials touch_up said], false => %w[overlap short] }.freeze

  def change
    add_column :pieces, :go_on, :boolean, null: false, default: false # whatever is recommended
    add_column :workshops, :figures_version, :integer, null: false, default: 0 # by which rules the stored figures were counted
    add_column :workshops, :learned_factors, :string # those that the work left of all pieces was counted with
    add_column :findings, :touch_up, :string # "planned" or "left", of one noted after the piece was ready
    change_table :questions, bulk: true do |t|
      t.references :piece, foreign_key: true, index: false
      t.references :finding, foreign_key: true, index: false
      t.text :details # JSON, by kind; see Records::Question
    end
    reversible { |way| %i[up down].each { |to| way.public_send(to) { kinds(to == :up) } } }
    create_table :cost_links do |t| # what a cost covers of what a piece needs
      t.references :cost, null: false, foreign_key: true, index: false
      t.references :piece, null: false, foreign_key: true
      t.string :item, null: false
      t.timestamps
      t.index %i[cost_id piece_id item], unique: true
    end
    create_table :acts do |t| # what one request changed, to be undone by one
      t.text :rows, null: false # JSON
      t.datetime :undone_at
      t.timestamps
    end
    add_column :idempotency_keys, :act_id, :bigint # of the answer that is repeated
    reversible { |way| way.up { tick_again } }
  end

  private

  # Renaming a column had lost the condition of this index: a step that was opened again could not be ticked any more.
  def tick_again
    remove_index :step_marks, %i[piece_id deed zone]
    add_index :step_marks, %i[piece_id deed zone], unique: true, where: "deletion_id IS NULL"
  end

  def kinds(later)
    remove_check_constraint :questions, check(!later)
    add_check_constraint :questions, check(later)
  end

  def check(later) = "kind IN (#{KINDS.fetch(later).map { |kind| "'#{kind}'" }.join(', ')})"
end
