# frozen_string_literal: true

module Kohlrabi
  module Records
    # One change that somebody made to a plan; it names its step by key and outlives re-planning.
    class PlanEdit < Base
      include Removable

      belongs_to :piece
    end
  end
end
