# frozen_string_literal: true

require "securerandom"

# What devices note while the device is offline, and send later: each once, as of when it happened.
class TakeFactsFromDevices < ActiveRecord::Migration[7.2]
  def up
    # A device keeps the data of one workshop apart from another's at the same address.
    add_column :workshops, :uuid, :string
    execute("UPDATE workshops SET uuid = '#{SecureRandom.uuid}'")
    change_column_null :workshops, :uuid, false
    create_table :facts do |t|
      t.string :reference, null: false # made on the device
      t.string :path, null: false
      t.integer :record_id
      t.datetime :happened_at, null: false
      t.timestamps
      t.index :reference, unique: true
    end
    create_table :questions do |t|
      t.string :kind, null: false
      t.references :work_entry, foreign_key: true, index: false
      t.references :other_entry, foreign_key: { to_table: :work_entries }, index: false
      t.references :container, foreign_key: true, index: false
      t.bigint :amount_thousandths
      t.string :answer
      t.timestamps
      t.check_constraint "kind IN ('overlap', 'short')"
    end
    add_reference :step_marks, :person, foreign_key: true, index: false
    add_column :draws, :happened_at, :datetime
    add_column :draws, :reading_thousandths, :bigint # what was read to be left, where it is a reading
    add_reference :diary_entries, :deletion, foreign_key: true, index: false
  end

  def down
    remove_reference :diary_entries, :deletion, foreign_key: true, index: false
    remove_column :draws, :reading_thousandths
    remove_column :draws, :happened_at
    remove_reference :step_marks, :person, foreign_key: true, index: false
    drop_table :questions
    drop_table :facts
    remove_column :workshops, :uuid
  end
end
