# frozen_string_literal: true

# What went into a flip and what its sale took, part by part, beside the totals: files for other programs are written
# from these. Empty until the server has counted them (Operations::Flips::Summaries.complete).
class KeepWhatWentIn < ActiveRecord::Migration[7.2]
  PARTS = %i[purchase_minor sundries_minor materials_minor hardware_minor trips_minor other_minor selling_minor].freeze

  def change
    PARTS.each { |name| add_column :flip_summaries, name, :bigint }
  end
end
