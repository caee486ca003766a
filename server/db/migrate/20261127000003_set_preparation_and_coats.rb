# frozen_string_literal: true

# How a zone is prepared and in how many coats it is finished, where somebody says so.
class SetPreparationAndCoats < ActiveRecord::Migration[7.2]
  def change
    add_column :look_zones, :preparation, :string
    add_column :look_zones, :coats, :integer
  end
end
