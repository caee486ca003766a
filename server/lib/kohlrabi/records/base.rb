# frozen_string_literal: true

module Kohlrabi
  module Records
    # Base of all records. Records know how things are kept, not what they mean.
    class Base < ActiveRecord::Base
      self.abstract_class = true

      # Sets a table name after the class without the module.
      def self.compute_table_name = name.demodulize.underscore.pluralize
    end
  end
end
