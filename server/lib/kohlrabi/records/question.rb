# frozen_string_literal: true

module Kohlrabi
  module Records
    # What does not fit together among things that were taken in as they came, until somebody says how it was: hours
    # of one person that overlap, or more taken from a tin than stood in it.
    class Question < Base
      belongs_to :work_entry, optional: true
      belongs_to :other_entry, class_name: "Kohlrabi::Records::WorkEntry", optional: true
      belongs_to :container, optional: true
    end
  end
end
