# frozen_string_literal: true

# The best bare SQL we know for the figures that the screens show, straight from what was recorded.
module BareSql
  OUTSIDE = Core::Flips::WorkKinds::ALL.reject { |row| row[:count] == "bench" }.map { |row| "'#{row[:key]}'" }.join(",")

  # Profit, receipts and bench hours month by month, over all that was ever recorded. Each kind of share is summed
  # once, over its covering index.
  BOOKS = <<~SQL.freeze
    WITH paid AS (SELECT piece_id, SUM(s.amount_minor) AS amount FROM cost_shares s JOIN costs c ON c.id = s.cost_id
                  WHERE c.deletion_id IS NULL GROUP BY piece_id),
         worked AS (SELECT piece_id, SUM(s.seconds) AS seconds FROM work_shares s JOIN work_entries w ON w.id = s.work_entry_id
                    WHERE w.deletion_id IS NULL AND w.kind NOT IN (#{OUTSIDE}) GROUP BY piece_id)
    SELECT substr(e.happened_on, 1, 7) AS month, COUNT(*),
           SUM(sales.price_minor + COALESCE(sales.tip_minor, 0)),
           SUM(sales.price_minor + COALESCE(sales.tip_minor, 0) - COALESCE(sales.fee_minor, 0) - COALESCE(sales.delivery_minor, 0)
               - p.purchase_minor - COALESCE(p.sundries_minor, 0) - COALESCE(paid.amount, 0)),
           SUM(worked.seconds)
    FROM pieces p JOIN events e ON e.piece_id = p.id AND e.kind = 'sold' AND e.deletion_id IS NULL
    JOIN sales ON sales.event_id = e.id LEFT JOIN paid ON paid.piece_id = p.id LEFT JOIN worked ON worked.piece_id = p.id
    WHERE p.deletion_id IS NULL GROUP BY 1
  SQL

  # A lower bound: the sums over the covering indexes alone, as if nothing were ever removed and all hours counted.
  BOOKS_LEAST = BOOKS.sub(/ s JOIN costs c ON c.id = s.cost_id\s+WHERE c.deletion_id IS NULL/, " s")
                     .sub(/ s JOIN work_entries w ON w.id = s.work_entry_id\s+WHERE w.deletion_id IS NULL AND w.kind NOT IN \([^)]*\)/, " s").freeze

  # The same from the stored summaries: what no application over them can beat.
  BOOKS_FROM_SUMMARIES = <<~SQL
    SELECT substr(ended_on, 1, 7), COUNT(*), SUM(receipts_minor), SUM(cash_profit_minor), SUM(bench_seconds)
    FROM flip_summaries WHERE live AND stage = 'sold' GROUP BY 1
  SQL

  FLOOR = <<~SQL.freeze
    SELECT p.*, COALESCE(p.purchase_minor, 0) + (SELECT COALESCE(SUM(s.amount_minor), 0) FROM cost_shares s JOIN costs c ON c.id = s.cost_id
             WHERE s.piece_id = p.id AND c.deletion_id IS NULL) AS cash_in,
           (SELECT SUM(s.seconds) FROM work_shares s JOIN work_entries w ON w.id = s.work_entry_id
             WHERE s.piece_id = p.id AND w.deletion_id IS NULL AND w.kind NOT IN (#{OUTSIDE})) AS seconds
    FROM pieces p WHERE p.deletion_id IS NULL AND p.id > (SELECT MAX(id) - 40 FROM pieces)
  SQL

  PIECE = <<~SQL
    SELECT (SELECT SUM(s.amount_minor) FROM cost_shares s JOIN costs c ON c.id = s.cost_id WHERE s.piece_id = 5000 AND c.deletion_id IS NULL),
           (SELECT SUM(s.seconds) FROM work_shares s JOIN work_entries w ON w.id = s.work_entry_id WHERE s.piece_id = 5000 AND w.deletion_id IS NULL),
           (SELECT price_minor FROM sales JOIN events e ON e.id = sales.event_id WHERE e.piece_id = 5000)
  SQL
end
