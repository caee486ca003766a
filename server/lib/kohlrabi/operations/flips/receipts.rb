# frozen_string_literal: true

module Operations
  module Flips
    # A receipt with its lines: each a cost of pieces, or a container on the shelf; tax is shared over them, and all add
    # up to what was paid.
    module Receipts
      MAX_LINES = 60
      # One line as read: amount: minor units as printed; given: what was sent; onto: "pieces" or "shelf".
      Line = Struct.new(:amount, :given, :onto, keyword_init: true)

      extend Support::Refusing

      extend self

      # given: {"shop"?, "spent_on"?, "tax"?, "total"?, "lines": [{"what", "amount", "category"?, "pieces"}, or onto the
      # shelf {"product", "colour"?, "size", "amount"}]}.
      # Returns the receipt. Raises Refused naming the line: lines/2/amount.
      def create(given)
        Records::Base.transaction do
          lines = lines(given)
          head = head(given)
          paid = lines.sum(&:amount) + head[:tax_minor]
          refuse_total(paid, head.delete(:printed), lines)
          receipt = Records::Receipt.create!(**head, total_minor: paid)
          shares = Core::Flips::Shares.split(head[:tax_minor], lines.map(&:amount)) # on free lines alike
          lines.each_with_index { |line, index| at(index) { keep(receipt, line, line.amount + shares[index]) } }
          receipt
        end
      end

      # Takes the whole receipt back. Returns the Deletion.
      def remove(id)
        receipt = Support::Finder.find(Records::Receipt, id)
        drawn = receipt.containers.any? { |container| container.draws.any? }
        refuse(:taken_from) if drawn
        Support::Removal.of([receipt, *receipt.costs, *receipt.containers],
                            what: "Receipt#{" from #{receipt.shop}" if receipt.shop} removed")
      end

      RECENT = 6 # shown in the evening, to be photographed or taken back

      # The latest ones with what is on them.
      def recent = Records::Receipt.live.preload(:costs, :photos, :containers).order(id: :desc).limit(RECENT).to_a

      # Shops of earlier receipts, the latest first.
      def shops
        Records::Receipt.live.where.not(shop: nil).group(:shop).order(Arel.sql("MAX(id) DESC")).limit(20).pluck(:shop)
      end

      private

      def lines(given)
        rows = Array(given["lines"])
        refuse(:receipt_without_lines, field: :lines) if rows.empty?
        refuse(:too_many_lines, field: :lines, most: MAX_LINES) if rows.size > MAX_LINES
        rows.each_with_index.map do |row, index|
          at(index) do
            params = Support::Params.new(row, Support::Workshop.current)
            params.money(:amount, required: true)
            Line.new(amount: params.done![:amount_minor], given: row,
                     onto: row["product"].to_s.empty? ? "pieces" : "shelf")
          end
        end
      end

      def head(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:shop, max: 120)
        params.date(:spent_on, what: "Spent")
        params.money(:tax)
        params.money(:total, into: :printed)
        values = params.done!
        { spent_on: Support::Facts.day, **values, tax_minor: values[:tax_minor] || 0 }
      end

      # The total that is printed on it must be what the lines and the tax come to.
      def refuse_total(paid, printed, lines)
        return if printed.nil? || printed == paid

        Support::Workshop.current.money
        text = Support::Workshop.current.amounts.method(:exact)
        refuse(:receipt_does_not_add_up, field: :total, lines: lines.size, paid: text.call(paid), total: text.call(printed),
                                         gap: text.call((printed - paid).abs), side: printed > paid ? "missing" : "too much")
      end

      def keep(receipt, line, paid)
        text = Core::Units::MoneyText.plain(paid, Support::Workshop.current.money)
        given = line.given
        day = receipt.spent_on&.iso8601.to_s
        if line.onto == "shelf"
          made = Shelf::Containers.create({ "product" => given["product"], "size" => given["size"], "paid" => text, "bought_on" => day,
                                            "note" => given["what"].to_s }.merge(given.slice("colour")))
          return made.each { |container| container.update!(receipt: receipt) }
        end

        Costs.create("what" => given["what"], "category" => given["category"].to_s, "amount" => text, "spent_on" => day,
                     "pieces" => given["pieces"], **given.slice("covers")).update!(receipt: receipt)
      end

      # Says of which line something was refused.
      def at(index)
        yield
      rescue Support::Refused => e
        raise(Support::Refused, e.refusals.map { |refusal| refusal.at("lines/#{index}/#{refusal.field}") })
      end
    end
  end
end
