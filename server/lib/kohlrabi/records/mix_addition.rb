# frozen_string_literal: true

module Records
  # Something that went into a batch to match a colour or to correct it; container: the batch as it was afterwards.
  class MixAddition < Base
    include Removable

    belongs_to :container
  end
end
