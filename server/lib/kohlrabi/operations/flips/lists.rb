# frozen_string_literal: true

module Operations
  module Flips
    # Lists of pieces, page by page, sorted and searched in the database: fast with one and with ten thousand.
    module Lists
      Page = Struct.new(:rows, :total, :page, :per, keyword_init: true)

      IN_WORK = ["bought", "on the bench"].freeze # what is still to come, comes here
      IN_HAND = ["bought", "on the bench", "ready", "listed"].freeze
      ENDED = ["sold", "kept", "given away", "scrapped", "parted out", "lost"].freeze
      # A piece that was split has ended too, but its money stands with its parts: it is shown and never counted.
      SPLIT = "split"
      VIEWS = { "in_hand" => IN_HAND, "archive" => [*ENDED, SPLIT], "all" => [*IN_HAND, *ENDED, SPLIT] }.freeze
      STAGE_ORDER = "CASE flip_summaries.stage #{VIEWS['all'].each_with_index.map { |stage, i| "WHEN '#{stage}' THEN #{i}" }.join(' ')} END".freeze
      SORTS = { "ticket" => "pieces.ticket", "name" => "pieces.name COLLATE NOCASE", "kind" => "pieces.kind COLLATE NOCASE",
                "source" => "pieces.source COLLATE NOCASE", "stage" => STAGE_ORDER, "bought_on" => "pieces.bought_on",
                "ended_on" => "flip_summaries.ended_on", "cash_in" => "flip_summaries.cash_in_minor",
                "receipts" => "flip_summaries.receipts_minor", "cash_profit" => "flip_summaries.cash_profit_minor",
                "turnaround" => "flip_summaries.turnaround_days" }.freeze
      SEARCHED = %w[name kind source notes maker label_found made_about body_material surface_material].freeze
      NO_DATE = "not known" # the year of flips that ended on a day that nobody knows
      PER_PAGE = 40
      MAX_PER_PAGE = 100

      extend self

      # Returns a Page of ListRow. view: key of VIEWS; sort: key of SORTS, "hours" or "hourly_pay"; year: "2026",
      # NO_DATE or nil, by the date a flip ended; query: words to find; stage: one of the view's, or nil; by,
      # trait: as Traits has them, or nil.
      def page(view: "in_hand", sort: "ticket", descending: true, page: 1, per: PER_PAGE, query: nil, year: nil,
               stage: nil, by: nil, trait: nil)
        workshop = Support::Workshop.current
        stages = stage ? VIEWS.fetch(view) & [stage] : VIEWS.fetch(view)
        scope = search(Records::Piece.live.joins(:summary).where(flip_summaries: { stage: stages }), query)
        scope = scope.merge(ended_in(Records::FlipSummary.all, year)) if year
        scope = Traits.of(scope, by, trait.to_s) if by
        per = per.clamp(1, MAX_PER_PAGE)
        shown = scope.order(order(sort, descending, workshop)).offset((page - 1) * per).limit(per)
        ids = shown.ids # first: each of its parts would sort all of them again
        pieces = Records::Piece.where(id: ids).preload(ListRow::PARTS).index_by(&:id).values_at(*ids)
        total = Support::VersionedCache.once([:listed, stages, query, year, by, trait]) { scope.count }
        Page.new(rows: ListRow.all(pieces, workshop), total: total, page: page, per: per)
      end

      # Narrows summaries down to flips that ended in a year, or on a date that is not known.
      def ended_in(summaries, year)
        summaries.where(ended_on: year == NO_DATE ? nil : "#{year}-01-01".."#{year}-12-31")
      end

      # What a view may be narrowed to: stages and kinds that are there, years in which flips ended.
      def choices(view) = Support::VersionedCache.once([:choices, view]) { choices_by_query(view) }

      # What is in hand, in one line: count, money tied up (of those with a known price), oldest day.
      def in_hand
        scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: IN_HAND })
        count, known, tied_up, oldest = scope.pick(Arel.sql("COUNT(*), COUNT(cash_in_minor), SUM(cash_in_minor), MIN(bought_on)"))
        { count: count, price_known: known, tied_up: tied_up, oldest_days: oldest && (Support::Workshop.today - Date.iso8601(oldest.to_s)).to_i }
      end

      # Pieces that match all words in name, kind, source, notes or ticket; at most `most`.
      def find(query, most: 12)
        return [] if query.to_s.strip.empty?

        search(Records::Piece.live.joins(:summary), query).order(ticket: :desc).limit(most).then { |found| found.preload(:summary, { lot_member: :lot }).to_a }
      end

      private

      def choices_by_query(view)
        scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: VIEWS.fetch(view) })
        kinds = scope.where.not(kind: [nil, ""]).group("pieces.kind COLLATE NOCASE").pluck(Arel.sql("MIN(pieces.kind)"))
        years = scope.where.not(flip_summaries: { ended_on: nil }).distinct.pluck(Arel.sql("SUBSTR(flip_summaries.ended_on, 1, 4)"))
        { stages: scope.distinct.pluck("flip_summaries.stage").sort_by { |stage| VIEWS["all"].index(stage) },
          kinds: kinds.sort_by(&:downcase), years: years.sort.reverse }
      end

      def search(scope, query)
        query.to_s.strip.split(/\s+/).first(6).inject(scope) do |found, word|
          having = Support::TextSearch.narrow(found, SEARCHED.map { |column| "pieces.#{column}" }, word)
          ticket = word[/\Ak-?0*(\d{1,9})\z/i, 1]
          ticket ? having.or(found.where(ticket: ticket.to_i)) : having
        end
      end

      def order(sort, descending, workshop)
        hours = "flip_summaries.#{workshop.hours_rule}_seconds"
        column = { "hours" => hours,
                   "hourly_pay" => "(flip_summaries.cash_profit_minor * 1.0 / NULLIF(#{hours}, 0))" }[sort] || SORTS.fetch(sort)
        direction = descending ? "DESC" : "ASC"
        Arel.sql("#{column} #{direction} NULLS LAST, pieces.ticket #{direction}")
      end
    end
  end
end
