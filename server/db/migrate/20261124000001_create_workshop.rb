# frozen_string_literal: true

# Everything one flip needs from purchase to profit.
# Money: integer minor units of the workshop's one currency. Lengths: mm. Work: seconds. Instants: UTC. Dates: local.
class CreateWorkshop < ActiveRecord::Migration[7.2]
  MONEY = ->(column) { "#{column} IS NULL OR #{column} >= 0" }

  def change
    create_workshop
    create_pieces
    create_events
    create_costs
    create_work
    create_timers
    create_summaries
    create_idempotency_keys
  end

  private

  def create_workshop
    create_table :workshops do |t|
      t.string :currency, null: false
      t.string :length_unit, null: false
      t.string :hours_rule, null: false
      t.string :time_zone, null: false
      t.bigint :floor_pay_minor
      t.bigint :target_pay_minor
      t.bigint :sundries_minor
      t.integer :fee_rate_hundredths
      t.bigint :fixed_fee_minor
      t.boolean :demo, null: false, default: false
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.check_constraint "length_unit IN ('mm', 'in')"
      t.check_constraint "hours_rule IN ('bench', 'all')"
      t.check_constraint "fee_rate_hundredths IS NULL OR fee_rate_hundredths BETWEEN 0 AND 9999"
      %w[floor_pay_minor target_pay_minor sundries_minor fixed_fee_minor].each { |column| t.check_constraint MONEY.call(column) }
    end
    create_table :people do |t|
      t.string :name, null: false, index: { unique: true }
      t.timestamps
    end
    create_table :deletions do |t|
      t.string :what, null: false
      t.datetime :undone_at
      t.timestamps
    end
  end

  def create_pieces
    create_table :pieces do |t|
      t.integer :ticket, null: false, index: { unique: true }
      t.string :name, null: false
      t.string :kind
      t.string :source
      t.date :bought_on
      t.bigint :purchase_minor
      t.bigint :sundries_minor
      t.bigint :cost_to_come_minor
      t.integer :seconds_to_come
      t.float :width_mm
      t.float :depth_mm
      t.float :height_mm
      t.string :drawer_rows
      t.integer :doors
      t.float :leg_mm
      t.string :body_colour
      t.string :front_colour
      t.text :notes
      t.integer :lock_version, null: false, default: 0
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      %w[purchase_minor sundries_minor cost_to_come_minor seconds_to_come].each { |column| t.check_constraint MONEY.call(column) }
      %w[width_mm depth_mm height_mm].each { |column| t.check_constraint "#{column} IS NULL OR #{column} > 0" }
      t.index %i[name bought_on]
    end
  end

  def create_events
    create_table :events do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :kind, null: false
      t.date :happened_on
      t.integer :position, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "kind IN ('first_work','ready','listed','price_changed','sold','kept','given_away','scrapped','refunded')"
      t.index %i[piece_id kind], unique: true, name: "once_per_piece",
                                 where: "deletion_id IS NULL AND kind NOT IN ('price_changed', 'refunded')"
    end
    create_table :listings do |t|
      t.references :event, null: false, foreign_key: true, index: { unique: true }
      t.bigint :asking_minor
      t.string :channel
      t.timestamps
      t.check_constraint MONEY.call("asking_minor")
    end
    create_sales
  end

  def create_sales
    create_table :sales do |t|
      t.references :event, null: false, foreign_key: true, index: { unique: true }
      t.bigint :price_minor
      t.bigint :tip_minor
      t.bigint :fee_minor
      t.bigint :delivery_minor
      t.bigint :asking_minor
      t.string :channel
      t.timestamps
      %w[price_minor tip_minor fee_minor delivery_minor asking_minor].each { |column| t.check_constraint MONEY.call(column) }
    end
    create_table :refunds do |t|
      t.references :event, null: false, foreign_key: true, index: { unique: true }
      t.bigint :amount_minor, null: false
      t.bigint :fee_back_minor
      t.timestamps
      t.check_constraint "amount_minor >= 0"
      t.check_constraint MONEY.call("fee_back_minor")
    end
  end

  def create_costs
    create_table :costs do |t|
      t.string :what, null: false
      t.string :category, null: false
      t.bigint :amount_minor, null: false
      t.date :spent_on
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "amount_minor >= 0"
      t.check_constraint "category IN ('materials', 'hardware', 'other')"
    end
    create_table :cost_shares do |t|
      t.references :cost, null: false, foreign_key: true, index: false
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :weight, null: false
      t.bigint :amount_minor, null: false
      t.timestamps
      t.index %i[cost_id piece_id], unique: true
      t.index %i[piece_id cost_id amount_minor]
    end
  end

  def create_work
    create_table :work_entries do |t|
      t.references :person, null: false, foreign_key: true, index: false
      t.string :kind, null: false
      t.date :worked_on
      t.datetime :started_at
      t.integer :seconds, null: false
      t.string :note
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.check_constraint "seconds >= 0"
      t.index %i[person_id worked_on]
      t.index %i[worked_on person_id]
    end
    create_table :work_shares do |t|
      t.references :work_entry, null: false, foreign_key: true, index: false
      t.references :piece, null: false, foreign_key: true, index: false
      t.string :weight, null: false
      t.integer :seconds, null: false
      t.timestamps
      t.index %i[work_entry_id piece_id], unique: true
      t.index %i[piece_id work_entry_id seconds]
    end
  end

  def create_timers
    create_table :timers do |t|
      t.references :person, null: false, foreign_key: true, index: false
      t.string :kind, null: false
      t.datetime :started_at, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index :person_id, unique: true, where: "deletion_id IS NULL", name: "one_timer_per_person"
    end
    create_table :timer_pieces do |t|
      t.references :timer, null: false, foreign_key: true, index: false
      t.references :piece, null: false, foreign_key: true
      t.timestamps
      t.index %i[timer_id piece_id], unique: true
    end
  end

  def create_summaries
    create_table :flip_summaries do |t|
      t.references :piece, null: false, foreign_key: true, index: { unique: true }
      t.string :stage, null: false
      t.date :started_on
      t.date :ready_on
      t.date :listed_on
      t.date :ended_on
      t.bigint :asking_minor
      t.bigint :cash_in_minor
      t.bigint :receipts_minor
      t.bigint :cash_profit_minor
      t.integer :bench_seconds
      t.integer :all_seconds
      t.integer :turnaround_days
      t.boolean :live, null: false
      t.timestamps
      t.index %i[live stage ended_on]
    end
  end

  def create_idempotency_keys
    create_table :idempotency_keys do |t|
      t.string :key, null: false, index: { unique: true }
      t.string :fingerprint, null: false
      t.integer :status, null: false
      t.text :body, null: false
      t.timestamps
      t.index :created_at
    end
  end
end
