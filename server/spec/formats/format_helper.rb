# frozen_string_literal: true

require_relative "../server_helper"
require "open3"

# The command line as a person calls it, on data of its own.
RSpec.shared_context "with a home of its own" do
  around do |example|
    Dir.mktmpdir do |home|
      @home = home
      example.run
    end
  end

  # Output, errors and status. input: what is typed.
  def run(*arguments, input: "")
    Open3.capture3({ "KOHLRABI_HOME" => @home }, "ruby", File.join(Kohlrabi::ROOT, "server/kohlrabi.rb"), *arguments, stdin_data: input)
  end
end
