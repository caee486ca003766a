# frozen_string_literal: true

module Core
  module Planning
    module Inspection
      # What may be found on a piece, and what is done about it: a file a stop of the walk round a piece in
      # data/planning/findings/, in its order (turn). Each says when it applies by being found, what follows (says), why, what the
      # plan reads off it (signs), its treatments, always or by the finish chosen (when: opaque, clear or leave), and
      # its source. What several findings are treated with stands in data/planning/treatments.yml. Signs: bleed, odour,
      # slick, wax, oil, silicone, varnish, painted, bare, failing, fills, thin, softwood, dark, filth (sanding would
      # press it into the wood).
      module Findings
        WALK = { "structure" => "Structure", "moving" => "Moving parts", "surface" => "Surface", "smell" => "Smell and dirt", "inside" => "Inside",
                 "hardware" => "Hardware and holes", "missing" => "Missing parts", "label" => "Label" }.freeze
        ALL = WALK.keys.flat_map { |stop| Core.table("planning/findings/#{stop}") }.sort_by { |row| row[:turn] }.freeze
        BY_KEY = ALL.to_h { |row| [row[:key], row] }.freeze
        # Treatments that stand with their finding, and those that several share.
        OWN = ALL.flat_map do |row|
          row[:treat] || []
        end.filter_map do |treat|
          treat[:do] if treat.is_a?(Hash) && treat[:do].is_a?(Hash)
        end
        TREATMENTS = (Core.table("planning/treatments") + OWN).to_h { |row| [row[:key], row] }.freeze
        MAX_AMOUNT = 100_000

        extend self

        # The row of a finding. Raises Refusal for an unknown one.
        def fetch(key)
          BY_KEY.fetch(key.to_s) do
            raise Refusal.new(:not_a_finding, field: :kind, given: key)
          end
        end

        # Rows of one stop of the walk.
        def at(stop) = ALL.select { |row| row[:walk] == stop }

        # Rows of all treatments of a finding, under whatever finish. row: of ALL, or of a finding of one's own.
        def treatments(row) = (row[:treat] || []).map { |treat| treatment(treat.is_a?(Hash) ? treat[:do] : treat) }

        # Row of a treatment as a finding names it: by key, or written out.
        def treatment(one) = one.is_a?(Hash) ? one : TREATMENTS.fetch(one)
      end
    end
  end
end
