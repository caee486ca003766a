# frozen_string_literal: true

module Api
  # What the routes share.
  module Helpers
    include Operations::Support::Refusing

    def formatter = @formatter ||= Serializers::Support::Formatter.new(Operations::Support::Workshop.current)

    # The parsed body; an empty Hash where none came. Raises JSON::ParserError for what is no object.
    def given
      @given ||= if raw_body.empty?
                   {}
                 else
                   JSON.parse(raw_body).tap do |found|
                     raise JSON::ParserError unless found.is_a?(Hash)
                   end
                 end
    end

    def raw_body
      @raw_body ||= request.body ? request.body.tap(&:rewind).read : ""
    end

    def json(value)
      content_type :json
      cache_control :no_store
      JSON.generate(value)
    end

    # A page of a list: the block takes its number and returns [records, how many in all].
    def paged(resource, per: 40)
      page = (params[:page] || 1).to_i
      rows, total = yield page
      json(rows: resource.present(rows, formatter), total: total, page: page, per: per)
    end

    # Does a change, all or nothing, and once for each Idempotency-Key. The block returns the value to send.
    def change(status_code = 200, &act)
      seen = Operations::Support::Idempotency.fingerprint(request.request_method, request.fullpath, raw_body)
      key = request.env["HTTP_IDEMPOTENCY_KEY"] if request.post?
      code, body, undo = Operations::Support::Idempotency.answer(key, seen) do
        value, id = Operations::Support::Acts.record { Operations::Support::Facts.once(fact, &act) }
        [status_code, value, id]
      end
      status code
      headers "Act" => undo.to_s if undo # POST /api/acts/{id}/undo reverses all that this request did
      content_type :json
      # What the asker has changed itself is no news to it.
      headers "Workshop-Version" => Operations::House::Versions.now[:version]
      body
    end

    # What a device says of something that it noted before it sent it; nil for what happens now.
    def fact
      reference = request.env["HTTP_REFERENCE"] if request.post?
      reference && Operations::Support::Facts::Given.new(
        reference: reference, happened_at: request.env["HTTP_HAPPENED_AT"], sent_at: request.env["HTTP_SENT_AT"],
        workshop: request.env["HTTP_WORKSHOP"], path: request.path
      )
    end

    # The same for a removal: sends its id and words, so that it can be undone.
    def removal
      change do
        deletion = yield
        { id: deletion.id, what: deletion.what }
      end
    end

    def problem(document)
      status document[:status]
      content_type Problem::TYPE
      cache_control :no_store
      JSON.generate(document)
    end

    def stale(error)
      record = error.current.reload
      current = case record
                when Records::Piece then Serializers::Flips::PiecePage.new(record, formatter).to_h
                when Records::Prospect then Serializers::Scout::ProspectPage.new(
                  Operations::Scout::Verdicts.new(record), formatter
                ).to_h
                when Records::Look then plan_page(record.piece)
                when Records::Lot then Serializers::Flips::Lot.present(record, formatter)
                else Serializers::House::Workshop.present(record, formatter)
                end
      Problem.document(409, error.message, current: current, yours: error.yours)
    end

    def plan_page(piece) = Serializers::Planning::PlanPage.new(piece.reload, formatter).to_h

    # A look just changed, and what the change costs.
    def looked(look, changes) = { id: look.id, lock_version: look.lock_version, changes: changes }

    def substitutes(rows)
      rows.map do |row|
        days = row.days && Core::Shelf::Amount.signed(row.days) { |number| number == 1 ? "1 day" : "#{number} days" }
        { product: row.product[:key], label: row.product[:label], hours: Core::Shelf::Amount.signed(row.seconds) do |number|
          Core::Units::Effort.text(number)
        end,
          days: days, money: row.money && Core::Shelf::Amount.signed(row.money) { |number| formatter.amounts.about(number) } }
      end
    end

    # A piece just changed is read again, with all that hangs on it.
    def piece_page(piece) = Serializers::Flips::PiecePage.new(piece.reload, formatter).to_h
  end
end
