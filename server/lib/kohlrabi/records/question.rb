# frozen_string_literal: true

module Records
  # What the person has to say, until it is said. kind: "overlap" (hours of one person that overlap), "short" (more used
  # of a container than was in it), and of one piece "hours" (which steps are done, details: {kind of work => seconds}),
  # "costs" (what they cover, details: ids), "materials" (what became of what was planned, details: {material key =>
  # amount}), "touch_up" (of a finding), "said" (the hours that were said are used up). deletion, before_*: what its
  # answer changed.
  class Question < Base
    belongs_to :piece, optional: true
    belongs_to :finding, optional: true
    belongs_to :work_entry, optional: true
    belongs_to :other_entry, class_name: "Records::WorkEntry", optional: true
    belongs_to :container, optional: true
    belongs_to :deletion, optional: true

    def said = details ? JSON.parse(details) : nil

    # The hours that an answer leaves as they were, and the others, which lose what they share; nil where both stand.
    def kept_and_cut
      { "first" => [work_entry, other_entry], "second" => [other_entry, work_entry] }[answer]
    end
  end
end
