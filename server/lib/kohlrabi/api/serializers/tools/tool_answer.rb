# frozen_string_literal: true

module Api
  module Serializers
    module Tools
      # What a bench tool answers (Core::Tools::Answer).
      class ToolAnswer < Support::Page
        include ToolWords

        attributes :headline, :assumes, :warnings
        shows :table, :picture
        attribute(:lines) { |answer| answer.lines.map { |line| { label: line.label, text: line.text, why: line.why } } }
        attribute(:template) { |answer| !answer.template.nil? }
        attribute(:cautions) do |answer|
          answer.cautions.map { |key| Core::Planning::Cautions.text(key.to_sym, unit: @formatter.workshop.length_unit) }
        end
        attribute(:materials) { |answer| materials(answer.materials) }
        attribute(:steps) do |answer|
          answer.steps.map do |step|
            { label: step.label, time: @formatter.effort(step.minutes * 60) }
          end
        end
        attribute(:cuts) { |answer| cuts(answer) }
        attribute(:offcuts) do |answer|
          answer.offcuts.map do |one|
            "#{one.number} × #{one.name.downcase}, #{sizes(one)}"
          end
        end

        private

        def table = object.table && { columns: object.table.columns, rows: object.table.rows }

        def picture
          picture = object.picture
          picture && { width: picture.width, height: picture.height, description: picture.description,
                       shapes: picture.shapes }
        end
      end
    end
  end
end
