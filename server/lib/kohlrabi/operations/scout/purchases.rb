# frozen_string_literal: true

module Operations
  module Scout
    # A spotted piece is bought: everything that was noted is carried over to the piece, or to several alike.
    module Purchases
      MEASURES = %w[width_mm depth_mm height_mm leg_mm].freeze

      extend self

      # given: {"price"?, "on"?}; the price is the tag unless given. Returns the pieces. Raises Refused, NotFound.
      def buy(id, given)
        Records::Base.transaction do
          prospect = Support::Finder.find(Records::Prospect, id)
          params = Support::Params.new(given, Support::Workshop.current)
          params.money(:price)
          params.date(:on, what: "Bought")
          values = params.done!
          price = given.key?("price") ? values[:price_minor] : prospect.tag_minor
          bought_on = values[:on] || Support::Workshop.today
          made = pieces(prospect, bought_on: bought_on, source: prospect.source)
          pay(prospect, made, price, bought_on)
          made.each(&:reload)
        end
      end

      # Records the piece, or pieces, that a spotted one becomes, without a price yet. Must run in a transaction.
      def pieces(prospect, bought_on:, source:)
        Prospects.refuse_closed(prospect)
        scouting = Verdicts.new(prospect)
        expected = Prospects.expected(scouting)
        made = Array.new(prospect.count) { |index| Flips::Pieces.store(Records::Piece.new(fields(prospect, index, bought_on, source, expected))) }
        prospect.update!(state: "bought", closed_on: bought_on || Support::Workshop.today, **expected)
        prospect.photos.each { |photo| photo.update!(piece: made.first, position: Flips::Photos.next_position(made.first)) }
        made
      end

      private

      def fields(prospect, place, bought_on, source, expected)
        many = prospect.count > 1
        share = ->(whole) { whole && Core::Flips::Shares.split(whole, Array.new(prospect.count, 1))[place] }
        known = { prospect: prospect, name: many ? "#{prospect.title}, #{place + 1} of #{prospect.count}" : prospect.title, kind: prospect.kind,
                  source: source || prospect.source, bought_on: bought_on, **prospect.slice(*MEASURES), notes: notes(prospect),
                  sundries_minor: Support::Workshop.current.sundries_minor }
        Flips::ToCome.say({ **known, expected_resale_minor: share.call(expected[:expected_resale_minor]),
                                     cost_to_come_minor: share.call(expected[:expected_materials_minor]),
                                     seconds_to_come: minutes(share.call(expected[:expected_seconds])) })
      end

      def minutes(seconds) = seconds && ((seconds/60r).round * 60)

      # What was noted, with the condition it was in.
      def notes(prospect)
        condition = Core::Scout::Conditions.fetch(prospect.condition)
        [prospect.notes.presence, "#{condition[:label]} when bought: #{condition[:looks]}."].compact.join("\n")
      end

      # One piece at its price; a premium, or several alike, make it a lot that is shared equally.
      def pay(prospect, made, price, bought_on)
        if made.size == 1 && prospect.added_hundredths.to_i.zero?
          made.first.update!(purchase_minor: price)
          Flips::Summaries.refresh([made.first.id])
        else
          lot = Records::Lot.create!(name: prospect.title, source: prospect.source, bought_on: bought_on, price_minor: price, share_rule: "equal",
                                     premium_hundredths: prospect.added_hundredths)
          made.each { |piece| lot.members.create!(piece: piece, batch: (1 if made.size > 1)) }
          Flips::Lots.share(lot)
        end
      end
    end
  end
end
