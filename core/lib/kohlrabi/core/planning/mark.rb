# frozen_string_literal: true

module Core
  module Planning
    # What was done on a zone: an event on its state. deed: Deed; zone: key.
    Mark = Struct.new(:deed, :zone, keyword_init: true)

    # By the key of its step, where it is in a plan.
    class Mark
      def initialize(zone:, key: nil, deed: Deed.read(key)) = super(zone: zone, deed: deed)
      def key = deed.key
    end
  end
end
