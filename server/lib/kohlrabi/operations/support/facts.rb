# frozen_string_literal: true

require "time"

module Operations
  module Support
    # What a device noted, perhaps while the device was offline: taken in once, as of the moment it happened.
    # A device's clock is set right by the moment at which it says that it sends, and never into the future.
    module Facts
      KEY = :kohlrabi_fact
      LONGEST = 400 * 86_400 # seconds that a device may have kept something
      private_constant :KEY

      # It was taken in before. id: of what was made of it then, or nil.
      class Known < StandardError
        attr_reader :id

        def initialize(id)
          @id = id
          super("This is already recorded. There's nothing left to do.")
        end
      end

      # What a device says of a fact. reference: made there; happened_at, sent_at: ISO 8601 by its clock;
      # happened_at nil for what is sent as it happens, sent_at where its clock is not said; workshop: uuid of the
      # one it was meant for, or nil; path: where it was sent to; ahead: seconds by which ours is ahead of its
      # clock, found here.
      Given = Struct.new(:reference, :happened_at, :sent_at, :workshop, :path, :ahead, keyword_init: true)

      extend Refusing

      extend self

      # Takes it in: the block does it as of then and returns a Hash. given: Given, or nil for what happens now.
      # Raises Known, Refused where its moment cannot be, or it is meant for another workshop.
      def once(given, &)
        return yield unless given

        refuse(:other_workshop) if given.workshop && given.workshop != Context.workshop.uuid
        known = Records::Fact.find_by(reference: given.reference)
        raise Known, known.record_id if known

        given.ahead = given.sent_at ? Clock.now_here - read(given.sent_at) : 0
        moment = given.happened_at ? right(given.happened_at, given) : Clock.now_here
        as_of(moment, given) { keep(given, moment, &) }
      end

      # Whether what is being done was noted by a device before, and is synced late.
      def noted? = !Thread.current[KEY]&.happened_at.nil?

      # The day on which a device noted it; nil where it is done here and now.
      def day = noted? ? Context.workshop.date_of(Clock.now) : nil

      # Id of what was made under a reference at a path; nil where nothing was.
      def made(path, reference)
        reference && Records::Fact.where(path: path, reference: reference.to_s).pick(:record_id)
      end

      # {id => reference} of what devices asked for at a path.
      def references(path, ids)
        ids.empty? ? {} : Records::Fact.where(path: path, record_id: ids).pluck(:record_id, :reference).to_h
      end

      # An instant of the device's clock, set right. Raises Refused.
      def right(text, given = Thread.current[KEY])
        now = Clock.now_here
        at = [read(text) + (given ? given.ahead : 0), now].min
        refuse(:moment_too_long_ago, field: :happened_at, given: text.to_s) if now - at > LONGEST
        at
      end

      private

      def read(text)
        Time.iso8601(text.to_s).utc
      rescue ArgumentError
        refuse(:not_a_moment, field: :happened_at, given: text.to_s)
      end

      def keep(given, moment)
        value = yield
        Records::Fact.create!(reference: given.reference, path: given.path, record_id: value[:id] || value["id"],
                              happened_at: moment)
        value
      end

      def as_of(moment, given, &)
        Thread.current[KEY] = given
        Clock.during(moment, &)
      ensure
        Thread.current[KEY] = nil
      end
    end
  end
end
