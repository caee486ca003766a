# frozen_string_literal: true

module Records
  # Something taken from a container: for pieces (with its cost), into a mix (with its batch), or lost, dried up,
  # found more than was thought (without).
  class Draw < Base
    include Removable

    belongs_to :container
    belongs_to :cost, optional: true
    belongs_to :batch, class_name: "Records::Container", optional: true
  end
end
