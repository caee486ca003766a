# frozen_string_literal: true

module Records
  # The parts of a mix at one time. parts: JSON Array of [product key or null, label, parts as text of a Rational].
  class MixVersion < Base
    include Removable

    belongs_to :mix
  end
end
