# frozen_string_literal: true

module Core
  module Planning
    # Where the look and the findings do not go together. zones: keys; text: what is wrong; settled: how the plan deals
    # with it, or nil;
    # remedies: Array of Remedy.
    Conflict = Struct.new(:key, :zones, :text, :settled, :remedies, keyword_init: true)

    # How conflicts are told.
    class Conflict
      # label; look: {field => value} to change in the look; choice: {field => value} to change on the conflict's zones.
      Remedy = Struct.new(:label, :look, :choice, keyword_init: true)

      PAINT = Remedy.new(label: "paint it", choice: { finish: "paint" }).freeze
      LEAVE = Remedy.new(label: "leave it as it is", choice: { finish: "leave" }).freeze
      BLOCK = Remedy.new(label: "prime with the shellac-based primer", look: { primer: "primer_shellac" }).freeze
      BOND = Remedy.new(label: "prime with the bonding primer", look: { primer: "primer_bond" }).freeze
      NO_PRIMER = Remedy.new(label: "leave the primer out", look: { primer: "none" }).freeze
      KEEP_PULLS = Remedy.new(label: "keep the pulls", look: { hardware: "kept" }).freeze
      LINE_INSIDE = Remedy.new(label: "line the inside", look: { inside: "liner" }).freeze
      CLEAN = Remedy.new(label: "clean the hardware", look: { hardware: "cleaned" }).freeze
      REPLACE = Remedy.new(label: "replace all pulls", look: { hardware: "replaced" }).freeze
      SEAL_INSIDE = Remedy.new(label: "seal the inside", look: { inside: "sealed" }).freeze
    end
  end
end
