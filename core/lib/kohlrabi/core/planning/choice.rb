# frozen_string_literal: true

module Core
  module Planning
    # How one zone shall look. finish: key of Finishes; over: decoration on top, in order; colour, undercolour: key of
    # Shelf::Colours or nil;
    # product: key or nil (the standard one of its kind); wear: own, or nil for the look's; options: finishes still in
    # question;
    # preparation: key of Judgements::Preparation::WAYS, coats: of paint, oil or clear coat, and way of
    # Judgements::Applying::WAYS, where somebody says so.
    Choice = Struct.new(:finish, :over, :colour, :undercolour, :product, :wear, :options, :preparation, :coats, :way,
                        keyword_init: true)
  end
end
