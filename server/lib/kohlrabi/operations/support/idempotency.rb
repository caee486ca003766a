# frozen_string_literal: true

require "digest"

module Operations
  module Support
    # Makes a repeated POST count once: the answer is stored under its Idempotency-Key in the transaction that did
    # the work. The same key with another body is refused.
    module Idempotency
      KEPT = 30 * 86_400 # seconds that an answer is remembered

      extend Refusing

      extend self

      # Yields once a key; returns [status, body text, id of the act or nil]. The block returns [status, Hash, id of the
      # act or nil]. key may be nil.
      def answer(key, fingerprint)
        Records::Base.transaction do
          stored = key && Records::IdempotencyKey.find_by(key: key)
          next repeat(stored, fingerprint) if stored

          status, value, act = yield
          body = JSON.generate(value)
          remember(key, fingerprint, status, body, act) if key
          [status, body, act]
        end
      end

      # What tells one request from another: method, path, query and body.
      def fingerprint(*parts) = Digest::SHA256.hexdigest(parts.join("\n"))

      private

      def repeat(stored, fingerprint)
        return [stored.status, stored.body, stored.act_id] if stored.fingerprint == fingerprint

        refuse(:idempotency_key_used, field: "Idempotency-Key")
      end

      def remember(key, fingerprint, status, body, act)
        Records::IdempotencyKey.where(created_at: ...(Clock.now - KEPT)).delete_all
        Records::IdempotencyKey.create!(key: key, fingerprint: fingerprint, status: status, body: body, act_id: act,
                                        created_at: Clock.now)
      end
    end
  end
end
