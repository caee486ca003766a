# frozen_string_literal: true

require "zip"

module Operations
  module Market
    # What a piece is offered with: its text, its photos in order, what is ready for the photographs. Nothing is
    # posted anywhere.
    module Listings
      PHRASES = Core::Market::Phrases
      ORDER = %w[after maker label damage during before].freeze # photos of receipts stay at home
      UNFINISHED = %w[leave undecided].freeze
      STAGING = Core.table("market/staging")
      # One line of the list before photographing. done; by: :record where the record shows it by itself.
      Item = Struct.new(:key, :label, :done, :by, keyword_init: true)

      extend Support::Refusing

      extend self

      # {length => [text, made: as the record has it, changed: whether the person changed it]}.
      def texts(piece)
        own = piece.listing_texts.to_h { |row| [row.length, row.body] }
        listing = Core::Market::Listing.new(facts(piece), unit: Support::Workshop.current.length_unit)
        Core::Market::Listing::LENGTHS.keys.to_h { |length| [length, [own[length] || listing.text(length), listing.text(length), own.key?(length)]] }
      end

      # Keeps the person's text. given: {"body"}; empty goes back to the one made from the record.
      def set(piece_id, length, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        Core::Market::Listing::LENGTHS.fetch(length) { raise Support::NotFound.new("length of text", length) }
        body = given["body"].to_s.strip
        refuse(:too_long, max: 5000, field: :body) if body.size > 5000

        row = Records::ListingText.find_or_initialize_by(piece: piece, length: length)
        body.empty? ? row.destroy! : row.update!(body: body)
        piece
      end

      # Core::Market::Listing::Facts of a piece.
      def facts(piece)
        flip = Flips::FlipRecords.of(piece)
        Core::Market::Listing::Facts.new(
          name: piece.name, maker: piece.maker, made_about: piece.made_about, measures: measures(piece), parts: parts(piece),
          made_of: PHRASES.made_of(piece.body_material, piece.surface_material), done: PHRASES.done(flip.work.by_kind),
          finish: finish(piece), care: PHRASES.care(finishes(piece).map(&:first)), flaws: flaws(piece), with: with(piece),
          notes: notes(piece), price: price(flip), pick_up: Support::Workshop.current.pick_up
        )
      end

      # What nothing was done about, in words: a buyer has to know.
      def flaws(piece)
        zones = Planning::Drawing.zones(piece).to_h { |zone| [zone.key, zone.label.downcase] }
        done = piece.step_marks.map { |mark| mark.deed.name }
        Core::Market::Flaws.left(Planning::Findings.core(piece), done, place: ->(zone) { zones.fetch(zone, zone) })
      end

      # Cautions that go with it to its buyer, and until when its finish cures.
      def notes(piece)
        products = Shelf::Products.core
        days = finishes(piece).map { |finish, product| cure(products, finish, product) }
        [*PHRASES.cautions(piece.kind, tips: Core::Planning::TipOver.any?(Planning::Drawing.shape(piece))),
         PHRASES.curing(piece.summary.ready_on, days, Support::Workshop.today)].compact
      end

      # Array of Item.
      def staging(piece)
        ticked = piece.staging_marks.map(&:item)
        kinds = piece.photos.map(&:kind)
        shown = { "pair" => (%w[before after] - kinds).empty?, "label" => kinds.intersect?(%w[label maker]),
                  "damage" => kinds.include?("damage") }
        wanted = STAGING.reject do |row|
          (row[:by] == "label" && piece.maker.blank? && piece.label_found.blank?) || (row[:by] == "damage" && flaws(piece).empty?)
        end
        wanted.map do |row|
          Item.new(key: row[:key], label: row[:label],
                   done: row[:by] ? shown.fetch(row[:by]) : ticked.include?(row[:key]), by: row[:by] && :record)
        end
      end

      # given: {"item", "done"}.
      def tick(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        row = STAGING.find { |one| one[:key] == given["item"] && one[:by].nil? }
        refuse(:not_ticked_by_hand, field: :item) unless row

        marks = Records::StagingMark.where(piece: piece, item: row[:key])
        given["done"] ? marks.first_or_create! : marks.destroy_all
        piece
      end

      # Photos in the order in which they sell: the face first, then finished, details, flaws, before.
      def photos(piece)
        piece.photos.select do |photo|
          ORDER.include?(photo.kind)
        end.sort_by { |photo| [photo.face ? 0 : 1, ORDER.index(photo.kind), photo.position] }
      end

      # All of them in one zip, numbered. Returns its bytes. Raises Refused where there are none.
      def zip(piece)
        shown = photos(piece)
        refuse(:no_photos_to_send, field: :photo, piece: piece.name) if shown.empty?

        Zip::OutputStream.write_buffer do |out|
          shown.each_with_index do |photo, index|
            out.put_next_entry(format("%<number>02d-%<kind>s.jpg", number: index + 1, kind: photo.kind))
            out.write(Pictures.read(photo.fingerprint))
          end
        end.string
      end

      private

      def measures(piece)
        shape = Planning::Drawing.shape(piece)
        [piece.width_mm && shape.width, piece.depth_mm && shape.depth, piece.height_mm && shape.height]
      end

      def parts(piece)
        drawers = piece.drawer_rows.to_s.split(",").sum(&:to_i)
        PHRASES.parts({ "drawer" => drawers, "door" => piece.doors.to_i, "shelf" => piece.shelves.to_i })
      end

      def finishes(piece)
        look = piece.chosen_look
        look ? look.look_zones.map { |row| [row.finish, row.product] }.uniq : []
      end

      def finish(piece)
        look = piece.chosen_look or return []
        zones = Planning::Drawing.zones(piece)
        colours = Shelf::Colours.core
        rows = look.look_zones.reject { |row| UNFINISHED.include?(row.finish) }
        rows.group_by { |row| [row.finish, colours.fetch(row.colour)&.name] }.map do |(key, colour), rows|
          label = [Core::Planning::Finishes.label(key).downcase, colour].compact.join(" in ")
          "#{label} (#{Core::Planning::ZoneWords.list(rows.map(&:zone), zones).downcase})"
        end
      end

      # Days that a finish cures, by the product chosen for it or the usual one; nil where nothing is known of it.
      def cure(products, finish, product)
        kind = Core::Planning::Finishes.fetch(finish)[:product]
        row = products.all.find { |one| one[:key] == product }
        row ||= products.standard(kind) if kind && products.of_kind(kind).any?
        row && row[:cure]
      end

      def with(piece)
        set = Flips::Sets.standing(piece)
        [set && "sold together with the others of “#{set.name}”"].compact
      end

      def price(flip)
        Support::Workshop.current.amounts.price(flip.asking)
      end
    end
  end
end
