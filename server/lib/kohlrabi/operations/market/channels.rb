# frozen_string_literal: true

module Operations
  module Market
    # Where pieces are sold: what each place takes and how it goes about it, and what a price leaves there.
    module Channels
      # One channel at a price. row: Records::Channel or nil where only usual figures are known; answer:
      # Core::Market::Channels::Answer; sold: how many were sold there; days: median days there, nil; got: median of
      # got ÷ asked there, nil; habits; usual: whether assumed.
      Line = Struct.new(:row, :name, :answer, :sold, :days, :got, :habits, :usual, keyword_init: true)
      DAYS = Arel.sql("CAST(julianday(ended_on) - julianday(listed_on) AS INTEGER)")
      ENOUGH = 5 # sales of its own from which a channel's days count; else those of the kind

      extend Support::Refusing

      extend self

      def all = Records::Channel.live.order(:name)

      # values of a listing or a sale with the id of the channel that they name, where they name one. ids: as #ids.
      def linked(values, ids = self.ids)
        values.key?(:channel) ? values.merge(channel_id: ids[plain(values[:channel])]) : values
      end

      # Id of the channel of a name, in any case; nil for none.
      def id_of(name) = ids[plain(name)]

      # {name in small letters => id}; of two alike the first.
      def ids = all.pluck(:name, :id).reverse.to_h { |name, id| [plain(name), id] }

      # What a channel takes of a price, minor units; nil where it is none of the workshop's or takes nothing.
      def fee(id, price)
        row = id && price && all.find { |one| one.id == id } or return
        fee = (Rational(price * row.fee_hundredths, 10_000).round(half: :up) + row.fixed_fee_minor.to_i)
        [fee, price].min if fee.positive?
      end

      # [name, minor units or nil] of what a channel takes of a price, or the one where a piece is listed.
      def fee_of(price, channel: nil, piece_id: nil)
        id = id_of(channel)
        id = Records::FlipSummary.find_by(piece_id: piece_id)&.channel_id if channel.to_s.strip.empty? && piece_id
        [all.find { |row| row.id == id }&.name, fee(id, price)]
      end

      # given: {"name", "fee"? percent, "fixed_fee"?, "rent"? a month, "rent_from"? the day from which it holds,
      # "places"?, "delivery"?, "habits"?}. A new channel takes over the listings and sales that were written down under
      # its name.
      def create(given)
        Records::Base.transaction do
          values, rent = read(given, new: true)
          row = Records::Channel.create!(values)
          take_over(row)
          set_rent(row, rent[:minor], rent[:from] || ALWAYS) if rent[:minor].to_i.positive?
          refresh([row.id])
          row
        end
      end

      def update(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Channel, id)
          values, rent = read(given, row: row)
          row.update!(values)
          rename(row) if row.saved_change_to_name?
          if rent.key?(:minor)
            set_rent(row, rent[:minor].to_i,
                     rent[:from] || Support::Workshop.today.beginning_of_month)
          end
          refresh([row.id])
          row
        end
      end

      ALWAYS = Date.new(1900, 1, 1) # the first rent of a place holds for all that stood there before
      WHERE = [Records::Listing, Records::Sale, Records::PieceSetEvent].freeze # what names a channel

      # Figures of all that stood there: its name, its rent, or whether there is one has changed.
      def refresh(ids)
        Flips::BoothRents.forget
        Flips::Summaries.refresh(Flips::BoothRents.pieces_of(ids))
      end

      # A removed channel costs nothing from the next month on; what it cost until then stands.
      def remove(id)
        row = Support::Finder.find(Records::Channel, id)
        Support::Removal.of([row], what: "#{row.name} removed")
      end

      # Array of Line for a price, the most taken home first. days: expected for the kind of piece, nil where not
      # known.
      def at(price, days)
        own = all
        record = record()
        lines = own.map { |row| line(row, price, days, record.fetch(row.id, [])) }
        (lines.empty? ? Core::Market::Channels::USUAL.map { |usual| usual(usual, price, days) } : lines)
          .sort_by { |line| -(line.answer.take_home.amount || -1) }
      end

      private

      def plain(name) = name.to_s.strip.downcase

      # A rent that changed, from a day on; what was said for later days gives way to it.
      def set_rent(row, minor, from)
        return if row.rent_minor(from) == minor && row.rents.none? { |rent| rent.from_on > from }

        row.rents.select { |rent| rent.from_on >= from }.each(&:destroy!)
        row.rents.create!(from_on: from, rent_minor: minor)
        row.rents.reset
      end

      # What was written down under its name without being linked is its own now.
      def take_over(row)
        WHERE.each do |model|
          model.where(channel_id: nil).where("LOWER(TRIM(channel)) = ?",
                                             row.name.strip.downcase).update_all(channel_id: row.id)
        end
        Flips::Summaries.refresh(Flips::BoothRents.pieces_of([row.id]))
      end

      # What was listed or sold there shows its present name.
      def rename(row)
        WHERE.each { |model| model.where(channel_id: row.id).update_all(channel: row.name) }
        take_over(row)
      end

      def read(given, row: nil, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 60, required: new || params.sent?(:name))
        params.percent(:fee, most: 99)
        %i[fixed_fee delivery].each { |field| params.money(field) }
        params.money(:rent, into: :rent)
        params.day(:rent_from)
        params.count(:places, 1..10_000)
        params.text(:habits, max: 300)
        values = params.done!
        values[:fee_hundredths] ||= 0 if values.key?(:fee_hundredths)
        taken = values[:name] && Records::Channel.live.where("name = ? COLLATE NOCASE",
                                                             values[:name]).where.not(id: row&.id).exists?
        refuse(:channel_here_already, field: :name, name: values[:name]) if taken

        rent = params.sent?(:rent) ? { minor: values[:rent], from: values[:rent_from] } : {}
        [values.except(:rent, :rent_from), rent]
      end

      # {channel id => Array of [days on the market or nil, got ÷ asked or nil]} of own sales.
      def record
        rows = Records::FlipSummary.where(live: true, stage: "sold").where.not(channel_id: nil)
                                   .pluck(:channel_id, DAYS, :receipts_minor, :asking_minor)
        rows.group_by(&:first).transform_values do |all|
          all.map { |_, days, got, asked| [days, (Rational(got, asked) if got && asked&.positive?)] }
        end
      end

      def line(row, price, days, sales)
        own = sales.filter_map(&:first)
        median = Core::Statistics::Quantiles.at(own, 1/2r)
        terms = Core::Market::Channels::Terms.new(
          name: row.name, fee_rate: Rational(row.fee_hundredths, 10_000), fixed: row.fixed_fee_minor.to_i, delivery: row.delivery_minor.to_i,
          rent: row.rent_minor(Support::Workshop.today), places: row.places || 1, days: own.size >= ENOUGH ? median : days
        )
        Line.new(row: row, name: row.name, answer: Core::Market::Channels.answer(price, terms), sold: sales.size, days: median, habits: row.habits,
                 usual: false, got: Core::Statistics::Quantiles.at(sales.filter_map(&:last), 1/2r))
      end

      # What such places often take, in currencies of about a euro's worth; elsewhere only the fee.
      def usual(usual, price, days)
        money = Support::Workshop.current.money
        near = money.much_alike?
        amount = ->(value) { near ? (value.to_i * money.unit) : 0 }
        terms = Core::Market::Channels::Terms.new(name: usual[:label], fee_rate: Rational(usual[:fee], 100), fixed: amount.call(usual[:fixed]),
                                                  delivery: 0, rent: amount.call(usual[:rent]), places: usual[:places] || 1, days: days)
        Line.new(name: usual[:label], answer: Core::Market::Channels.answer(price, terms), sold: 0,
                 habits: usual[:habits], usual: true)
      end
    end
  end
end
