# frozen_string_literal: true

# Listings and sales know their channel by id, and a rent has a day from which it holds. What was matched by its words
# until today is linked, so that no past figure changes.
class KnowChannelsById < ActiveRecord::Migration[7.2]
  LINKED = %i[listings sales piece_set_events flip_summaries].freeze
  ALWAYS = "1900-01-01"

  def up
    create_table :channel_rents do |t|
      t.references :channel, null: false, foreign_key: true, index: false
      t.date :from_on, null: false
      t.bigint :rent_minor, null: false # a month
      t.timestamps
      t.index %i[channel_id from_on], unique: true
      t.check_constraint "rent_minor >= 0", name: "rent_not_negative"
    end
    LINKED.each { |table| add_column table, :channel_id, :bigint }
    add_index :flip_summaries, :channel_id
    add_column :workshops, :rents_run_on, :date # the day as of which rents of the running month are counted
    LINKED.each do |table|
      execute(<<~SQL)
        UPDATE #{table} SET channel_id = (SELECT id FROM channels WHERE deletion_id IS NULL AND LOWER(TRIM(channels.name)) = LOWER(TRIM(#{table}.channel)))
        WHERE channel IS NOT NULL
      SQL
    end
    execute(<<~SQL)
      INSERT INTO channel_rents (channel_id, from_on, rent_minor, created_at, updated_at)
      SELECT id, '#{ALWAYS}', rent_minor, created_at, updated_at FROM channels WHERE rent_minor > 0
    SQL
    remove_column :channels, :rent_minor
  end

  def down
    add_column :channels, :rent_minor, :bigint
    execute(<<~SQL)
      UPDATE channels SET rent_minor = (SELECT rent_minor FROM channel_rents WHERE channel_id = channels.id ORDER BY from_on DESC LIMIT 1)
    SQL
    remove_column :workshops, :rents_run_on
    remove_index :flip_summaries, :channel_id
    LINKED.each { |table| remove_column table, :channel_id }
    drop_table :channel_rents
  end
end
