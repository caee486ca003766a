# frozen_string_literal: true

# Entry point of bin/kohlrabi, once everything it needs is installed.
require_relative "boot"
Cli.start(ARGV)
