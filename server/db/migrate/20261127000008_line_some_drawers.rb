# frozen_string_literal: true

# How many drawers a look lines; empty for all there is inside.
class LineSomeDrawers < ActiveRecord::Migration[7.2]
  def change
    add_column :looks, :lined, :integer
  end
end
