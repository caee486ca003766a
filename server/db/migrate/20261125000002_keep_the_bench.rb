# frozen_string_literal: true

# The bench: working hours, dates that differ, what was moved by hand, promises, timers on steps, drying clocks, the
# climate.
class KeepTheBench < ActiveRecord::Migration[7.2]
  def change
    hours
    steps
    climate
  end

  private

  def hours
    create_table :working_hours do |t|
      t.references :person, null: false, foreign_key: true
      t.integer :weekday
      t.date :day
      t.integer :from_minute
      t.integer :to_minute
      t.timestamps
      t.check_constraint "(weekday IS NULL) <> (day IS NULL)", name: "weekday_or_day"
      t.check_constraint "weekday IS NULL OR weekday BETWEEN 0 AND 6", name: "weekday_of_a_week"
      t.check_constraint "(from_minute IS NULL) = (to_minute IS NULL) AND (from_minute IS NULL OR from_minute < to_minute)", name: "hours_in_order"
    end
    create_table :wet_days do |t|
      t.date :day, null: false, index: { unique: true }
      t.timestamps
    end
    add_column :workshops, :drying_places, :integer
    add_column :workshops, :spray_tent, :boolean, null: false, default: false
    add_column :workshops, :light_from, :integer, null: false, default: 480
    add_column :workshops, :light_to, :integer, null: false, default: 1020
    add_check_constraint :workshops, "light_from < light_to", name: "daylight_in_order"
  end

  def steps
    add_column :pieces, :promised_on, :date
    add_column :timer_pieces, :step, :string
    add_column :work_shares, :step, :string
    add_column :step_marks, :clock, :text
    create_table :session_moves do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :step, null: false
      t.date :day, null: false
      t.references :deletion, foreign_key: true, index: false
      t.timestamps
      t.index %i[piece_id step], unique: true, where: "deletion_id IS NULL", name: "one_move_a_step"
    end
  end

  def climate
    create_table :climate_readings do |t|
      t.float :air, null: false
      t.float :humidity, null: false
      t.float :surface
      t.string :source, null: false
      t.datetime :taken_at, null: false, index: true
      t.timestamps
      t.check_constraint "humidity BETWEEN 0 AND 100", name: "humidity_in_percent"
    end
  end
end
