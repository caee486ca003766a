# frozen_string_literal: true

# What is stored, and how: the tables, a file an area in records/tables, each class a table. Records know nothing of
# what the rows mean.
module Records
  %w[house flips planning bench shelf scout market].each { |area| require_relative "records/tables/#{area}" }
end
