# frozen_string_literal: true

# The workshop's country decides how words are spelled. It is unknown until somebody says it.
class KnowTheCountry < ActiveRecord::Migration[7.2]
  def change
    add_column :workshops, :country, :string, limit: 2
  end
end
