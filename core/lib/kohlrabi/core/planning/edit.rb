# frozen_string_literal: true

module Core
  module Planning
    # One change that the user made to a plan. kind: remove, time (seconds), wait (minutes), label (text), note (text),
    # split (number), add (text, work kind, seconds, minutes of wait; after step), before (step before other). It names
    # steps by key, so it outlives re-planning.
    Edit = Struct.new(:id, :kind, :step, :other, :text, :work, :seconds, :minutes, :number, keyword_init: true)
  end
end
