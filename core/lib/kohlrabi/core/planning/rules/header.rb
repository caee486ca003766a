# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # The header that every rule begins with; docs/rules/planning.md is made from them.
      module Header
        attr_reader :title, :told_when, :told_why, :source

        # title: as one calls it; on: when it applies; why; source: published, or “common practice, no source”.
        def rule(title, on:, why:, source: "common practice, no source")
          @title = title
          @told_when = on
          @told_why = why
          @source = source
        end
      end
    end
  end
end
