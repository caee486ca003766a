# frozen_string_literal: true

module Core
  module Bench
    # A stretch of time in which a person works. from, to: minutes.
    Session = Struct.new(:person, :from, :to, keyword_init: true)
  end
end
