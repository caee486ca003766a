# frozen_string_literal: true

module Operations
  module Support
    # What it means to the areas that a record goes or comes back. The areas are named in operations.rb, so that support
    # uses none of them. Each of them answers to some of:
    #
    #   pieces_of(record)    # ids of the pieces whose figures depend on it, or nil where it is not theirs to say
    #   restored(records)    # after rows came back: checks them (raises Refused) and brings what follows up to date
    #   refresh_figures(ids) # counts the figures of pieces again
    module Consequences
      class << self
        attr_accessor :areas # a callable that gives the modules

        def pieces_of(record) = asked(:pieces_of).filter_map { |area| area.pieces_of(record) }.flatten
        def restored(records) = asked(:restored).each { |area| area.restored(records) }
        def refresh_figures(ids) = asked(:refresh_figures).each { |area| area.refresh_figures(ids) }

        private

        def asked(question) = areas.call.select { |area| area.respond_to?(question) }
      end
    end
  end
end
