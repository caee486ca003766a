# frozen_string_literal: true

module Kohlrabi
  module Records
    # What does not fit together among things that were taken in as they came, until somebody says how it was: hours
    # of one person that overlap, or more taken from a tin than stood in it. deletion, before_*: what its answer
    # changed.
    class Question < Base
      belongs_to :work_entry, optional: true
      belongs_to :other_entry, class_name: "Kohlrabi::Records::WorkEntry", optional: true
      belongs_to :container, optional: true
      belongs_to :deletion, optional: true

      # The hours that an answer leaves as they were, and the others, which lose what they share; nil where both stand.
      def kept_and_cut
        { "first" => [work_entry, other_entry], "second" => [other_entry, work_entry] }[answer]
      end
    end
  end
end
