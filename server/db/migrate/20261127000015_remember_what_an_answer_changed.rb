# frozen_string_literal: true

# So that an answer can be taken back.
class RememberWhatAnAnswerChanged < ActiveRecord::Migration[7.2]
  def change
    change_table :questions, bulk: true do |t|
      t.references :deletion, foreign_key: true, index: false # of the hours that it removed
      t.datetime :before_started_at # of the hours that it shortened, as they were
      t.bigint :before_seconds
    end
  end
end
