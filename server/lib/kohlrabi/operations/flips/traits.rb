# frozen_string_literal: true

module Operations
  module Flips
    # What flips can be compared by. Each trait is a query of (piece_id, trait): one row a flip for its kind,
    # several for its techniques.
    module Traits
      NONE = "" # flips that have no such trait
      WORK = "work:" # techniques that are kinds of work, from the hours; the person's own words stand beside them

      COLUMN = ->(name) { "SELECT id AS piece_id, COALESCE(TRIM(#{name}), '') AS trait FROM pieces" }
      ENDED = lambda { |from, size|
        "SELECT piece_id, COALESCE(substr(ended_on, #{from}, #{size}), '') AS trait FROM flip_summaries"
      }
      FINISHES = <<~SQL
        SELECT DISTINCT looks.piece_id, look_zones.finish AS trait FROM looks JOIN look_zones ON look_zones.look_id = looks.id
        WHERE looks.chosen AND looks.deletion_id IS NULL
      SQL
      EXTRAS = <<~SQL
        SELECT DISTINCT looks.piece_id, tool_results.tool AS trait FROM looks JOIN tool_results ON tool_results.look_id = looks.id
        WHERE looks.chosen AND looks.deletion_id IS NULL AND tool_results.deletion_id IS NULL
      SQL
      TECHNIQUES = <<~SQL.freeze
        SELECT piece_id, name AS trait FROM technique_tags UNION ALL
        SELECT piece_id, '#{WORK}' || kind.value FROM flip_summaries, json_each('["' || replace(kinds_worked, ',', '","') || '"]') kind
        WHERE kinds_worked IS NOT NULL
      SQL
      # Several of one flip in one text, so that as many rows are read as there are flips.
      DIVIDER = "\u001F"
      JOINED = "group_concat(%s, char(31))"
      SETS = {
        "finish" => "SELECT piece_id, #{format(JOINED, 'trait')} AS trait FROM (#{FINISHES}) GROUP BY piece_id",
        "extra" => "SELECT piece_id, #{format(JOINED, 'trait')} AS trait FROM (#{EXTRAS}) GROUP BY piece_id",
        "technique" => <<~SQL
          SELECT flip_summaries.piece_id, CASE WHEN kinds_worked IS NULL THEN tags.names
            ELSE '#{WORK}' || replace(kinds_worked, ',', char(31) || '#{WORK}') || COALESCE(char(31) || tags.names, '') END AS trait
          FROM flip_summaries LEFT JOIN (SELECT piece_id, #{format(JOINED, 'name')} AS names FROM technique_tags GROUP BY piece_id) tags
            ON tags.piece_id = flip_summaries.piece_id
        SQL
      }.freeze
      # key => [label, SQL, whether a flip can have several].
      ALL = { "kind" => ["Kind", COLUMN.call("kind_key"), false], "source" => ["Where from", COLUMN.call("source"), false],
              "channel" => ["Channel", "SELECT piece_id, COALESCE(TRIM(channel), '') AS trait FROM flip_summaries", false],
              "finish" => ["Finish", FINISHES, true], "technique" => ["Technique", TECHNIQUES, true],
              "extra" => ["Finish used", EXTRAS, true],
              "maker" => ["Maker", COLUMN.call("maker"), false],
              "year" => ["Year", ENDED.call(1, 4), false], "month" => ["Month", ENDED.call(1, 7), false],
              "season" => ["Month of the year", ENDED.call(6, 2), false] }.freeze

      # Kinds of work by what they are called.
      OWN_WORDS = Core::Flips::WorkKinds.keys.to_h do |key|
        [Core::Flips::WorkKinds.label(key).downcase, WORK + key]
      end.freeze

      extend self

      # Raises KeyError for an unknown trait; the contract lets none through.
      def sql(by) = ALL.fetch(by)[1]
      def several?(by) = ALL.fetch(by)[2]

      # SQL of (piece_id, trait) with one row a flip: all its traits in one text, which .split takes apart.
      def sets(by) = SETS[by] || sql(by)

      def split(by, text)
        return [text] unless several?(by) && text != NONE

        parts = text.split(DIVIDER)
        by == "technique" ? parts.map { |part| technique(part) }.uniq : parts
      end

      # A trait in words; a kind by the word that is used most here.
      def label(by, trait)
        return words.fetch(trait, trait) if by == "kind" && trait != NONE
        return %w[technique finish extra].include?(by) ? "none recorded" : "not set" if trait == NONE
        return Core::Planning::Finishes::BY_KEY.dig(trait, :label) || trait if by == "finish"
        return Core::Tools::Catalogue.fetch(trait).label if by == "extra"
        return date(by, trait) if %w[season month].include?(by)

        trait.start_with?(WORK) ? Core::Flips::WorkKinds.label(trait.delete_prefix(WORK)) : trait
      end

      # Narrows a scope that has piece ids in `column` down to flips of a trait.
      def of(scope, by, trait, column: "pieces.id")
        return scope.where("#{column} NOT IN (SELECT piece_id FROM (#{sql(by)}))") if trait == NONE && several?(by)

        words = [trait,
                 (Core::Flips::WorkKinds.label(trait.delete_prefix(WORK)) if by == "technique" && trait.start_with?(WORK))].compact
        scope.where("#{column} IN (SELECT piece_id FROM (#{sql(by)}) WHERE trait COLLATE NOCASE IN (?))", words)
      end

      private

      # One question, one group: a tag that says a kind of work is that kind of work.
      def technique(name) = OWN_WORDS.fetch(name.downcase, name)

      # {kind => the word for it that pieces bear most}.
      def words
        Support::VersionedCache.once(:words_of_kinds) do
          pieces = Records::Piece.live.where.not(kind_key: nil).group(:kind_key, :kind)
          pieces.order(Arel.sql("COUNT(*), MAX(id)")).pluck(:kind_key, :kind).to_h
        end
      end

      # "May", "May 2026"; as it is where somebody asks for what is no month.
      def date(by, trait)
        by == "season" ? Date::MONTHNAMES[trait.to_i] || trait : Date.strptime(trait, "%Y-%m").strftime("%b %Y")
      rescue Date::Error
        trait
      end
    end
  end
end
