# frozen_string_literal: true

# By brush, roller or sprayer, where somebody says so for a zone.
class SayHowPaintGoesOn < ActiveRecord::Migration[7.2]
  def change
    add_column :look_zones, :way, :string
  end
end
