# frozen_string_literal: true

require_relative "../server_helper"
require "open3"

# The command line as a person calls it, on data of its own. Begins with an empty workshop, for there is a spec of the
# first start; without_data: with an empty folder.
RSpec.shared_context "with a home of its own" do
  around do |example|
    Dir.mktmpdir do |home|
      @home = home
      Templates.copy(Templates.empty, home) unless example.metadata[:without_data]
      example.run
    end
  end

  # Output, errors and status. input: what is typed.
  def run(*arguments, input: "") = CommandLine.run(@home, *arguments, input: input)
end
