# frozen_string_literal: true

require_relative "../server_helper"
