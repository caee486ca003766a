# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # What leaves a face as it was: a picture, a test, a trial, glue in a joint, a pad under a foot.
      class Plain < Verb
      end
    end
  end
end
