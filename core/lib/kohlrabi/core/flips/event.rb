# frozen_string_literal: true

module Core
  module Flips
    # A dated event of a flip. on: Date, or nil where it is known to have happened but not when.
    # asking: minor units, for :listed (nil = not known) and :price_changed.
    # A plain frozen struct: lists of flips make thousands of them.
    Event = Struct.new(:kind, :on, :position, :asking, keyword_init: true)

    # What is known of the kinds of event.
    class Event
      # Order within one flip; events of equal rank may follow each other in any order.
      RANKS = { bought: 0, first_work: 1, ready: 2, listed: 3, price_changed: 4,
                sold: 5, kept: 5, given_away: 5, scrapped: 5, parted_out: 5, lost: 5, split: 5, refunded: 6 }.freeze
      LABELS = { bought: "Bought", first_work: "First work", ready: "Ready", listed: "Listed",
                 price_changed: "Price changed", sold: "Sold", kept: "Kept", given_away: "Given away",
                 scrapped: "Scrapped", parted_out: "Parted out", lost: "Lost",
                 split: "Split", refunded: "Refunded" }.freeze
      ENDINGS = %i[sold kept given_away scrapped parted_out lost split].freeze

      # Raises KeyError for an unknown kind.
      def initialize(kind:, on:, position: 0, asking: nil)
        RANKS.fetch(kind)
        super
        freeze
      end

      def rank = RANKS.fetch(kind)
      def label = LABELS.fetch(kind)
      def ending? = ENDINGS.include?(kind)

      # "Sold on 3 May 2026", or "Sold (date not known)".
      def text
        on ? "#{label} on #{Units::Calendar.text(on)}" : "#{label} (date unknown)"
      end
    end
  end
end
