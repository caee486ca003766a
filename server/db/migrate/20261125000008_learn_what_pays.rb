# frozen_string_literal: true

# What a year of flips says: figures kept for comparing, the workshop's own money, goals; listing and channels; part
# payments.
class LearnWhatPays < ActiveRecord::Migration[7.2]
  STASH = <<~SQL.squish.freeze
    UPDATE flip_summaries SET stash_minor = (SELECT CASE WHEN COUNT(*) = COUNT(value_minor) THEN COALESCE(SUM(count * value_minor), 0) END
    FROM stash_uses WHERE stash_uses.piece_id = flip_summaries.piece_id AND deletion_id IS NULL)
  SQL
  CHANNEL = <<~SQL.squish.freeze
    UPDATE flip_summaries SET channel = (SELECT COALESCE(sales.channel, listings.channel) FROM events LEFT JOIN sales ON sales.event_id = events.id
    LEFT JOIN listings ON listings.event_id = events.id WHERE events.piece_id = flip_summaries.piece_id AND events.deletion_id IS NULL
    AND events.kind IN ('sold', 'listed') AND COALESCE(sales.channel, listings.channel) IS NOT NULL
    ORDER BY events.kind = 'sold' DESC, events.position DESC LIMIT 1)
  SQL

  OUTSIDE = %w[photographing fetching selling delivering filming].map { |kind| "'#{kind}'" }.join(", ")
  # A part of a split piece takes over the work on the whole.
  KINDS = <<~SQL.squish.freeze
    UPDATE flip_summaries SET kinds_worked = (WITH RECURSIVE worked(id) AS (SELECT flip_summaries.piece_id UNION SELECT events.piece_id FROM worked
    JOIN split_parts ON split_parts.piece_id = worked.id AND CAST(split_parts.weight AS REAL) > 0
    JOIN events ON events.id = split_parts.event_id AND events.deletion_id IS NULL)
    SELECT GROUP_CONCAT(kind, ',') FROM (SELECT work_entries.kind AS kind FROM work_shares
    JOIN work_entries ON work_entries.id = work_shares.work_entry_id WHERE work_shares.piece_id IN (SELECT id FROM worked)
    AND work_entries.deletion_id IS NULL AND work_entries.kind NOT IN (#{OUTSIDE}) GROUP BY 1 HAVING SUM(work_shares.seconds) > 0 ORDER BY 1))
  SQL

  def up
    add_column :flip_summaries, :stash_minor, :bigint
    add_column :flip_summaries, :channel, :string
    add_column :flip_summaries, :kinds_worked, :string
    execute STASH
    execute CHANNEL
    execute KINDS
    workshop
    listing
    payments
  end

  def down
    %i[payments staging_marks listing_texts channels goals workshop_entries technique_tags].each { |table| drop_table table }
    remove_check_constraint :photos, name: "photo_of_something"
    execute "DELETE FROM photos WHERE comparable_id IS NOT NULL"
    remove_reference :photos, :comparable
    add_check_constraint :photos, "piece_id IS NOT NULL OR prospect_id IS NOT NULL OR stash_item_id IS NOT NULL", name: "photo_of_something"
    remove_column :workshops, :pick_up
    remove_column :holds, :pick_up_on
    remove_column :flip_summaries, :kinds_worked
    remove_column :flip_summaries, :channel
    remove_column :flip_summaries, :stash_minor
  end

  private

  def workshop
    create_table :technique_tags do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :name, null: false
      t.timestamps
      t.index "piece_id, name COLLATE NOCASE", unique: true, name: "technique_once_a_piece"
    end
    create_table :workshop_entries do |t|
      t.string :kind, null: false
      t.string :what, null: false
      t.bigint :amount_minor, null: false
      t.date :happened_on, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "kind IN ('tool', 'overhead', 'filming', 'gift', 'other')", name: "kind_of_entry"
      t.check_constraint "amount_minor > 0", name: "entry_above_zero"
      t.index :happened_on
    end
    create_table :goals do |t|
      t.integer :year, null: false, index: { unique: true }
      t.bigint :profit_minor
      t.bigint :hourly_minor
      t.integer :pieces
      t.timestamps
      t.check_constraint "year BETWEEN 1900 AND 9999", name: "year_of_a_goal"
    end
  end

  def listing
    create_table :channels do |t|
      t.string :name, null: false
      t.integer :fee_hundredths, null: false, default: 0
      t.bigint :fixed_fee_minor
      t.bigint :rent_minor
      t.integer :places
      t.bigint :delivery_minor
      t.string :habits
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index "name COLLATE NOCASE", unique: true, where: "deletion_id IS NULL", name: "one_channel_of_a_name"
      t.check_constraint "fee_hundredths BETWEEN 0 AND 9900", name: "fee_under_all"
    end
    create_table :listing_texts do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :length, null: false
      t.text :body, null: false
      t.timestamps
      t.index %i[piece_id length], unique: true
      t.check_constraint "length IN ('line', 'short', 'full')", name: "length_of_text"
    end
    create_table :staging_marks do |t|
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :item, null: false
      t.timestamps
      t.index %i[piece_id item], unique: true
    end
  end

  def payments
    add_reference :photos, :comparable, foreign_key: true
    remove_check_constraint :photos, name: "photo_of_something"
    add_check_constraint :photos, "piece_id IS NOT NULL OR prospect_id IS NOT NULL OR stash_item_id IS NOT NULL OR comparable_id IS NOT NULL",
                         name: "photo_of_something"
    add_column :holds, :pick_up_on, :date
    add_column :workshops, :pick_up, :string
    create_table :payments do |t|
      t.references :piece, null: false, foreign_key: true
      t.bigint :amount_minor, null: false
      t.date :paid_on, null: false
      t.string :note
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "amount_minor > 0", name: "payment_above_zero"
    end
  end
end
