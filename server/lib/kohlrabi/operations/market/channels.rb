# frozen_string_literal: true

module Kohlrabi
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

        module_function

        def all = Records::Household.all(:channels)

        # given: {"name", "fee"? percent, "fixed_fee"?, "rent"? a month, "places"?, "delivery"?, "habits"?}.
        def create(given)
          Records::Base.transaction { Records::Channel.create!(read(given, new: true)).tap { |row| refresh(row) } }
        end

        def update(id, given)
          Records::Base.transaction do
            row = Support::Finder.find(Records::Channel, id)
            row.update!(read(given, row: row))
            refresh(row)
            row
          end
        end

        # What stood and was sold there bears its rent.
        def refresh(row)
          there = Records::FlipSummary.where(live: true, stage: "sold").where("LOWER(TRIM(channel)) = ?", row.name.strip.downcase)
          Flips::Summaries.refresh(there.pluck(:piece_id))
        end
        private_class_method :refresh

        def remove(id)
          row = Support::Finder.find(Records::Channel, id)
          Support::Removal.of([row], what: "#{row.name} removed")
        end

        # Array of Line for a price, the most taken home first. days: expected for the kind of piece, nil where not
        # known.
        def at(price, days)
          own = all
          record = record()
          lines = own.map { |row| line(row, price, days, record.fetch(row.name.downcase, [])) }
          (lines.empty? ? Core::Market::Channels::USUAL.map { |usual| usual(usual, price, days) } : lines)
            .sort_by { |line| -(line.answer.take_home.amount || -1) }
        end

        def read(given, row: nil, new: false)
          params = Support::Params.new(given, House::WorkshopSettings.workshop)
          params.text(:name, max: 60, required: new || params.sent?(:name))
          params.percent(:fee, most: 99)
          %i[fixed_fee rent delivery].each { |field| params.money(field) }
          params.count(:places, 1..10_000)
          params.text(:habits, max: 300)
          values = params.done!
          values[:fee_hundredths] ||= 0 if values.key?(:fee_hundredths)
          taken = values[:name] && Records::Channel.live.where("name = ? COLLATE NOCASE", values[:name]).where.not(id: row&.id).exists?
          refuse(:channel_here_already, field: :name, name: values[:name]) if taken

          values
        end
        private_class_method :read

        # {channel in small letters => Array of [days on the market or nil, got ÷ asked or nil]} of own sales.
        def record
          rows = Records::FlipSummary.where(live: true, stage: "sold").where.not(channel: nil)
                                     .pluck(:channel, DAYS, :receipts_minor, :asking_minor)
          rows.group_by { |channel, *| channel.strip.downcase }.transform_values do |all|
            all.map { |_, days, got, asked| [days, (Rational(got, asked) if got && asked&.positive?)] }
          end
        end
        private_class_method :record

        def line(row, price, days, sales)
          own = sales.filter_map(&:first)
          median = Core::Statistics::Quantiles.at(own, 1/2r)
          terms = Core::Market::Channels::Terms.new(
            name: row.name, fee_rate: Rational(row.fee_hundredths, 10_000), fixed: row.fixed_fee_minor.to_i, delivery: row.delivery_minor.to_i,
            rent: row.rent_minor.to_i, places: row.places || 1, days: own.size >= ENOUGH ? median : days
          )
          Line.new(row: row, name: row.name, answer: Core::Market::Channels.answer(price, terms), sold: sales.size, days: median, habits: row.habits,
                   usual: false, got: Core::Statistics::Quantiles.at(sales.filter_map(&:last), 1/2r))
        end
        private_class_method :line

        # What such places often take, in currencies of about a euro's worth; elsewhere only the fee.
        def usual(usual, price, days)
          money = House::WorkshopSettings.workshop.money
          near = money.much_alike?
          amount = ->(value) { near ? (value.to_i * money.unit) : 0 }
          terms = Core::Market::Channels::Terms.new(name: usual[:label], fee_rate: Rational(usual[:fee], 100), fixed: amount.call(usual[:fixed]),
                                                    delivery: 0, rent: amount.call(usual[:rent]), places: usual[:places] || 1, days: days)
          Line.new(name: usual[:label], answer: Core::Market::Channels.answer(price, terms), sold: 0, habits: usual[:habits], usual: true)
        end
        private_class_method :usual
      end
    end
  end
end
