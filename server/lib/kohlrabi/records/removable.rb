# frozen_string_literal: true

module Records
  # A record that is hidden, not destroyed, when removed: it carries the id of the act of removal.
  module Removable
    extend ActiveSupport::Concern

    included do
      belongs_to :deletion, class_name: "Records::Deletion", optional: true
      scope :live, -> { where(deletion_id: nil) }
    end
  end
end
