# frozen_string_literal: true

# Use cases, by area: what the routes and the command line call. Each runs in one transaction.
module Operations
  Support::Consequences.areas = -> { [Flips::Consequences, Shelf::Containers, Scout::Prospects, Planning::Plans] }
end
