# frozen_string_literal: true

module Core
  module Planning
    # The rules of the craft. Within a zone they are asked in this order, for some ask what the ones
    # before have planned; the order of the work follows from phases (data/planning/phases.yml), not from this list.
    module Rules
      %w[rule cleaning taking_apart bare_wood sanding priming painting stain_and_oil clear_coat hardware insides
         finishing_up changing_the_piece].each { |name| require_relative "rules/#{name}" }

      ON_A_ZONE = [Vacuum, TakeOffWax, WashFirst, HandToAFirm, SealIn, Strip, Scrape, ReadyGround, Sand, Scuff, WashAfterSanding,
                   DustOff, Mask, TryNewProduct,
                   Prime, SealFills, Paint, Stain, ThinWash, Bleach, RaisedGrain, Oil, Wax, HangPaper, Lines, WornEdges,
                   ClearCoat, Harden].freeze
      ON_THE_PIECE = [Record, DrawersOut, DoorsOff, ShelvesOut, Reshape, ApplyWork, PullsOff, Fittings, CleanPulls, SprayPulls, NewPulls,
                      PullsOn, ShieldInside, SealInside,
                      LineInside, WaxRunners, Pads, TipKit, LookAtLid, Picture].freeze
      ALL = [*ON_A_ZONE, *ON_THE_PIECE].freeze
    end
  end
end
