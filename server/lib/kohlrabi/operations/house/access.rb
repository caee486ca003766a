# frozen_string_literal: true

require "bcrypt"
require "digest"
require "securerandom"

module Operations
  module House
    # The passcode that other devices must give, and the sessions of those that did.
    module Access
      SHORTEST = 8
      LONGEST = 72 # bytes; bcrypt reads no further
      TRIES = 5
      WINDOW = 300 # seconds in which that many wrong passcodes are heard
      SLOWED = 60 # seconds between two tries of an address while many are wrong
      KEPT = 30 * 86_400

      # Too many wrong passcodes; wait: seconds.
      class TooMany < StandardError
        attr_reader :wait

        def initialize(wait)
          @wait = wait
          super("Too many wrong passcodes. Try again in #{(wait / 60.0).ceil} min.")
        end
      end

      extend self

      def passcode? = Records::Passcode.exists?

      # Sets the passcode; every session ends. Raises Core::Refusal when it is too short or too long.
      def passcode=(text)
        raise Core::Refusal.new(:passcode_too_short, shortest: SHORTEST) if text.to_s.size < SHORTEST
        raise Core::Refusal.new(:passcode_untypable) if text.include?("\0")
        raise Core::Refusal.new(:passcode_too_long, longest: LONGEST) if text.bytesize > LONGEST

        Records::Base.transaction do
          Records::Passcode.delete_all
          Records::Session.delete_all
          Records::Passcode.create!(digest: BCrypt::Password.create(text))
        end
      end

      # Returns a new session's token, nil for a wrong passcode. from: address it came from. Raises TooMany. A try is
      # counted before it is looked
      # at, in the database: many at once get no more of them than one after the other, and a restart forgets none.
      def enter(text, from:)
        count_try(from)
        return unless right?(text.to_s)

        Records::PasscodeTry.where(address: from).delete_all
        Records::Session.where(expires_at: ...Clock.now).delete_all
        SecureRandom.urlsafe_base64(32).tap { |token| Records::Session.create!(fingerprint: fingerprint(token), expires_at: Clock.now + KEPT) }
      end

      # Whether a token belongs to a session that stands.
      def known?(token)
        !token.to_s.empty? && Records::Session.where(fingerprint: fingerprint(token), expires_at: Clock.now..).exists?
      end

      def leave(token) = Records::Session.where(fingerprint: fingerprint(token.to_s)).delete_all

      # Ends every session. Returns how many ended.
      def leave_all = Records::Session.delete_all

      # How many devices are let in now.
      def devices = Records::Session.where(expires_at: Clock.now..).count

      private

      def fingerprint(token) = Digest::SHA256.hexdigest(token)

      def right?(text)
        digest = Records::Passcode.order(:id).last&.digest
        !digest.nil? && text.bytesize <= LONGEST && !text.include?("\0") && BCrypt::Password.new(digest) == text
      end

      # Per address; after four times as many from all addresses together, each address has one try a minute: nobody can
      # lock the others out.
      def count_try(from)
        Records::PasscodeTry.transaction do
          now = Clock.now
          Records::PasscodeTry.where(tried_at: ...(now - WINDOW)).delete_all
          own = Records::PasscodeTry.where(address: from).order(:tried_at).pluck(:tried_at)
          raise TooMany, (own.first + WINDOW - now).ceil if own.size >= TRIES

          slow = Records::PasscodeTry.count >= TRIES * 4 && own.any? && own.last + SLOWED > now
          raise TooMany, (own.last + SLOWED - now).ceil if slow

          Records::PasscodeTry.create!(address: from, tried_at: now)
        end
      end
    end
  end
end
