# frozen_string_literal: true

module Api
  module Routes
    module Flips
      # Photos: sent one by one as they are, served by their fingerprint.
      module Photos
        OWNERS = %w[piece_id prospect_id cost_id finding_id stash_item_id comparable_id receipt_id].freeze
        FOREVER = 31_536_000

        def self.registered(app)
          app.post("/api/photos") do
            given = params.slice("kind", "caption", "name").merge(OWNERS.to_h { |name| [name, params[name]&.to_i] })
            picture = Pictures.store(raw_body, name: given["name"]) # before the transaction: it takes its time
            change(201) { Serializers::Flips::Photo.present(Operations::Flips::Photos.add(picture, given), formatter) }
          end
          app.patch("/api/photos/:id") do
            change { Serializers::Flips::Photo.present(Operations::Flips::Photos.update(params[:id], given), formatter) }
          end
          app.delete("/api/photos/:id") { removal { Operations::Flips::Photos.remove(params[:id]) } }
          app.get(%r{/photos/(\h{64})(-small)?\.jpg}) do |fingerprint, small|
            file = Pictures.path(fingerprint, size: small ? :small : :large)
            unless File.file?(file)
              halt 404 unless Operations::Flips::Photos.known?(fingerprint)
              next problem(Problem.document(410, Core::Refusal.new(:photo_file_lost).message))
            end

            cache_control :private, :immutable, max_age: FOREVER
            send_file(file, type: "image/jpeg", disposition: "inline")
          end
        end
      end
    end
  end
end
