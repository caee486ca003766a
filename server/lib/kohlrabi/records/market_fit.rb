# frozen_string_literal: true

module Records
  # What own listings said of the market, as it was last worked out. inputs: fingerprint of what it was made from.
  class MarketFit < Base
  end
end
