# frozen_string_literal: true

Gem::Specification.new do |spec|
  spec.name = "kohlrabi-core"
  spec.version = "0.8.0"
  spec.summary = "The rules of the furniture flipper's job: costs, hours, prices, days and shapes"
  spec.authors = ["The Kohlrabi founders"]
  spec.license = "MIT"
  spec.required_ruby_version = ">= 3.1"
  spec.files = Dir["lib/**/*.rb", "data/**/*.yml"]
  spec.require_paths = ["lib"]

  spec.add_dependency "dry-struct", "~> 1.6"
  spec.add_dependency "i18n", "~> 1.14"
  spec.add_dependency "money", "~> 6.19"
  spec.add_dependency "zeitwerk", "~> 2.6"
  spec.metadata["rubygems_mfa_required"] = "true"
end
