# frozen_string_literal: true

# What broke is a finding of its piece, too, where somebody says which: the plan mends it.
class MendWhatBroke < ActiveRecord::Migration[7.2]
  def change
    add_reference :damages, :finding, foreign_key: true
  end
end
