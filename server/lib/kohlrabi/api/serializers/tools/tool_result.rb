# frozen_string_literal: true

module Api
  module Serializers
    module Tools
      # What was kept of a bench tool on a piece.
      class ToolResult < Support::Page
        include ToolWords

        attributes :id, :tool
        said :day, :done_on
        attribute(:label) { |row| Operations::Tools::SavedResults.label(row) }
        attribute(:values) { |row| JSON.parse(row.given) }
        attribute(:headline) { @found&.headline || "It cannot be worked out any more." }
        attribute(:cuts) { @found ? cuts(@found) : [] }
        attribute(:offcuts) { @found ? @found.offcuts.size : 0 }
        attribute(:materials) { |row| materials(JSON.parse(row.materials).transform_values(&:to_r)) }
        attribute(:in_look) { |row| row.look_id.present? }
        attribute(:where) { |row| row.look_id ? where(row) : "" }
        attribute(:cost) { |row| @formatter.money(row.cost_minor) }
        attribute(:kept_on) { |row| @formatter.day(@formatter.workshop.date_of(row.created_at)) }

        # row: Records::ToolResult.
        def initialize(row, formatter)
          super
          @found = Operations::Tools::SavedResults.again(row)
        end

        private

        def where(row)
          Core::Planning::ZoneWords.list(Operations::Planning::AppliedWorks.zones(row), Operations::Planning::Drawing.zones(row.piece))
        end
      end
    end
  end
end
