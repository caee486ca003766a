# frozen_string_literal: true

module Records
  # What is of a kind keeps beside the word that was said the kind that it leads to, so that "dresser" and "chest of
  # drawers" are found as one.
  module OfKind
    extend ActiveSupport::Concern

    included { before_save { self.kind_key = Core::Planning::Shape::Kinds.key(kind) } }
  end
end
