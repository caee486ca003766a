# frozen_string_literal: true

require "bcrypt"
require "digest"
require "securerandom"

module Kohlrabi
  module Desk
    # The passcode that other devices must give, and the sessions of those that did.
    module Access
      SHORTEST = 8
      LONGEST = 72 # bytes; bcrypt reads no further
      TRIES = 5
      WINDOW = 300 # seconds in which that many wrong passcodes are heard
      KEPT = 30 * 86_400

      # Too many wrong passcodes; wait: seconds.
      class TooMany < StandardError
        attr_reader :wait

        def initialize(wait)
          @wait = wait
          super("Too many wrong passcodes. Try again in #{(wait / 60.0).ceil} min.")
        end
      end

      LOCK = Mutex.new
      private_constant :LOCK

      module_function

      def passcode? = Records::Passcode.exists?

      # Sets the passcode; every session ends. Raises Core::Refusal when it is too short or too long.
      def passcode=(text)
        raise Core::Refusal.new("The passcode is shorter than #{SHORTEST} characters.", "Give a longer one.") if text.to_s.size < SHORTEST
        raise Core::Refusal.new("The passcode is longer than #{LONGEST} bytes.", "Give a shorter one.") if text.bytesize > LONGEST

        Records::Base.transaction do
          Records::Passcode.delete_all
          Records::Session.delete_all
          Records::Passcode.create!(digest: BCrypt::Password.create(text))
        end
      end

      # Returns a new session's token, nil for a wrong passcode. from: address it came from. Raises TooMany.
      def enter(text, from:)
        check_tries(from)
        digest = Records::Passcode.order(:id).last&.digest
        return wrong(from) unless digest && text.to_s.bytesize <= LONGEST && BCrypt::Password.new(digest) == text.to_s

        LOCK.synchronize { tries.delete(from) }
        Records::Session.where(expires_at: ...Clock.now).delete_all
        SecureRandom.urlsafe_base64(32).tap { |token| Records::Session.create!(fingerprint: fingerprint(token), expires_at: Clock.now + KEPT) }
      end

      # Whether a token belongs to a session that stands.
      def known?(token)
        !token.to_s.empty? && Records::Session.where(fingerprint: fingerprint(token), expires_at: Clock.now..).exists?
      end

      def leave(token) = Records::Session.where(fingerprint: fingerprint(token.to_s)).delete_all

      # Forgets all wrong tries; for specs.
      def forget_tries = LOCK.synchronize { tries.clear }

      def fingerprint(token) = Digest::SHA256.hexdigest(token)
      private_class_method :fingerprint

      def tries = @tries ||= Hash.new { |hash, key| hash[key] = [] }
      private_class_method :tries

      # Per address, and four times as many from all addresses together.
      def check_tries(from)
        LOCK.synchronize do
          since = Clock.now - WINDOW
          tries.each_value { |times| times.reject! { |time| time < since } }
          tries.delete_if { |_, times| times.empty? }
          own = tries.fetch(from, [])
          all = tries.values.flatten
          blocked = own.size >= TRIES ? own : all
          raise TooMany, (blocked.min + WINDOW - Clock.now).ceil if own.size >= TRIES || all.size >= TRIES * 4
        end
      end
      private_class_method :check_tries

      def wrong(from)
        LOCK.synchronize { tries[from] << Clock.now }
        nil
      end
      private_class_method :wrong
    end
  end
end
