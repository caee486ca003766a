# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A line of everything on a piece in order (Operations::Flips::Diary::Line).
      class DiaryLine < Support::Base
        attributes :kind, :text
        said :day, :on
        said :effort, :effort, from: :seconds
        said :sum, :money, from: :minor
      end
    end
  end
end
