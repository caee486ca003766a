# frozen_string_literal: true

module Operations
  module Flips
    # Photos of pieces, of spotted ones, of receipts, of what lies in the stash and of comparables. The picture is
    # made safe before anything is recorded.
    module Photos
      KINDS = { "before" => "Before", "during" => "During", "after" => "After", "maker" => "Maker's mark", "label" => "Label",
                "damage" => "Damage", "receipt" => "Receipt" }.freeze
      MAX_PHOTOS = 200 # photos of one piece

      extend Support::Refusing

      extend self

      # picture: as Pictures.store returns it; given: {"kind", "piece_id" | "prospect_id" | "cost_id" | "finding_id"
      # | "stash_item_id" | "comparable_id" | "receipt_id", "caption"?}. Returns the photo. Raises Refused,
      # NotFound.
      def add(picture, given)
        owner = owner(given)
        kind = kind(given["kind"])
        Records::Base.transaction do
          refuse(:too_many_photos, field: :photo, most: MAX_PHOTOS) if owner.values.first.photos.size >= MAX_PHOTOS
          Records::Photo.create!(**owner, cost: cost(given), finding: finding(given), kind: kind, caption: caption(given),
                                          position: next_position(owner.values.first),
                                          created_at: Clock.now, **picture)
        end
      end

      # given: {"kind"?, "caption"?, "position"?, "face"?}. position: the place among the photos of its piece, from 0.
      def update(id, given)
        Records::Base.transaction do
          photo = Support::Finder.find(Records::Photo, id)
          photo.kind = kind(given["kind"]) if given.key?("kind")
          photo.caption = caption(given) if given.key?("caption")
          photo.save!
          face(photo, given["face"]) if given.key?("face")
          move(photo, given["position"]) if given.key?("position")
          photo.reload
        end
      end

      def remove(id)
        photo = Support::Finder.find(Records::Photo, id)
        photo.update_columns(face: false) if photo.face
        Support::Removal.of([photo], what: "#{KINDS.fetch(photo.kind)} photo removed")
      end

      # Whether a picture is one of a photo that was not removed.
      def known?(fingerprint) = Records::Photo.live.exists?(fingerprint: fingerprint)

      # {piece id => photo} that stand beside the drawing: the one chosen, else the latest "after".
      def faces(piece_ids)
        rows = Records::Photo.live.where(piece_id: piece_ids,
                                         kind: %w[after]).or(Records::Photo.live.where(
                                                               piece_id: piece_ids, face: true
                                                             ))
        rows.order(:face, :position).index_by(&:piece_id)
      end

      def next_position(owner) = owner.photos.reload.map(&:position).max.to_i + 1

      private

      def owner(given)
        return { piece: Support::Finder.find(Records::Piece, given["piece_id"]) } if given["piece_id"]
        return { prospect: Support::Finder.find(Records::Prospect, given["prospect_id"]) } if given["prospect_id"]

        return { piece: finding(given).piece } if given["finding_id"]
        if given["comparable_id"]
          return { comparable: Support::Finder.find(Records::Comparable,
                                                    given["comparable_id"]) }
        end
        return { receipt: Support::Finder.find(Records::Receipt, given["receipt_id"]) } if given["receipt_id"]
        if given["stash_item_id"]
          return { stash_item: Support::Finder.find(Records::StashItem,
                                                    given["stash_item_id"]) }
        end

        share = cost(given)&.shares&.first or refuse(:photo_of_nothing, field: :photo)
        { piece: share.piece }
      end

      def cost(given) = given["cost_id"] && Support::Finder.find(Records::Cost, given["cost_id"])

      def finding(given) = given["finding_id"] && Support::Finder.find(Records::Finding, given["finding_id"])

      def kind(key)
        return key if KINDS.key?(key)

        refuse(:not_a_kind_of_photo, field: :photo, given: key, kinds: KINDS.values.join(", "))
      end

      def caption(given)
        text = given["caption"].to_s.strip
        refuse(:caption_too_long, field: :photo) if text.size > 200
        text.presence
      end

      def face(photo, chosen)
        if photo.piece_id
          Records::Photo.where(piece_id: photo.piece_id, face: true).where.not(id: photo.id).each do |one|
            one.update!(face: false)
          end
        end
        photo.update!(face: chosen == true)
      end

      # Puts the photo at a place and numbers all of them again.
      def move(photo, place)
        owner = photo.piece || photo.prospect || photo.stash_item || photo.comparable || photo.receipt
        all = owner.photos.reload.reject { |one| one.id == photo.id }
        all.insert(place.to_i.clamp(0, all.size), photo).each_with_index do |one, position|
          one.update_columns(position: position + 1)
        end
      end
    end
  end
end
