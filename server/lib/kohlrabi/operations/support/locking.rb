# frozen_string_literal: true

module Operations
  module Support
    # Saves a record that two tabs may have open. The version that was read comes along and must still stand.
    module Locking
      extend self

      # given: the request, with "lock_version"; values: attributes to set. The block checks the record before it is
      # written. Raises EditConflict with both versions, Refused from the block.
      def save(record, given, values)
        raise EditConflict.new(record, given) unless given["lock_version"] == record.lock_version

        record.assign_attributes(values)
        yield record if block_given?
        record.save!
      rescue ActiveRecord::StaleObjectError
        raise EditConflict.new(record.class.find(record.id), given)
      end
    end
  end
end
