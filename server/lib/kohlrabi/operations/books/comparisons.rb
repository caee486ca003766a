# frozen_string_literal: true

module Operations
  module Books
    # Flips compared by a trait. The database adds up within groups; the core sets each group against the rest.
    module Comparisons
      TRAIT = "COALESCE(trait, '#{Flips::Traits::NONE}')".freeze
      MAX_GROUPS = 60 # groups that are shown, the largest
      # rows: Array of Core::Books::Comparison::Row; more: groups left out of the list; several: a flip can be in
      # more than one. extras: {key => Core::Books::Extras::Row}, what a piece with it brings more than those of its
      # kind without.
      Answer = Struct.new(:rows, :more, :several, :whole, :extras, keyword_init: true)
      EXTRAS = %w[technique extra].freeze

      extend self

      # by: key of Flips::Traits::ALL; filter: BooksFilter. Kept until anything is written.
      def answer(by, filter) = Support::VersionedCache.once([:comparison, by, *filter.key]) { compare(by, filter) }

      # [{trait => {stage => Tally}}, {trait => as it is written}]; traits in small letters, for case does not tell
      # them apart.
      def groups(by, filter) = Support::VersionedCache.once([:groups, by, *filter.key]) { read_groups(by, filter) }

      private

      def compare(by, filter)
        groups, spellings = groups(by, filter)
        whole = Totals.by_stage(Totals.groups(filter))
        labels = spellings.transform_values { |trait| Flips::Traits.label(by, trait) }
        days, profits = values(by, filter)
        rows = Core::Books::Comparison.new(groups: groups, whole: whole, hours_rule: filter.rule, labels: labels, days: days, profits: profits,
                                           looked_at: looked_at).rows
        rows = rows.sort_by(&:key) if by == "season"
        rows = rows.sort_by(&:key).reverse if %w[year month].include?(by) # the latest first
        Answer.new(rows: rows.first(MAX_GROUPS), extras: EXTRAS.include?(by) ? extras(by, filter, groups.keys) : {},
                   more: [rows.size - MAX_GROUPS, 0].max, several: Flips::Traits.several?(by),
                   whole: Core::Books::Totals.new(whole, hours_rule: filter.rule))
      end

      def read_groups(by, filter)
        spellings = {}
        groups = Hash.new { |hash, key| hash[key] = {} }
        found = joined(by, filter).group(Arel.sql("#{TRAIT} COLLATE NOCASE, stage"))
        select(found, "MIN(#{TRAIT}), stage, #{filter.sums}").each do |traits, stage, *sums|
          tally = BooksFilter.tally(sums)
          Flips::Traits.split(by, traits).each do |trait|
            spellings[key = small(trait)] ||= trait
            groups[key][stage] = groups[key][stage] ? groups[key][stage] + tally : tally
          end
        end
        [groups, spellings]
      end

      # Of sold flips with a known profit.
      def extras(by, filter, keys)
        found = select(joined(by, filter).joins(:piece).where(stage: "sold"),
                       "#{TRAIT}, pieces.kind_key, #{filter.profit}, #{filter.seconds}")
        flips = found.filter_map do |traits, kind, profit, seconds|
          if profit
            Core::Books::Extras::Flip.new(kind, profit, seconds, Flips::Traits.split(by, traits).map do |trait|
              small(trait)
            end)
          end
        end
        all = Core::Books::Extras.new(flips)
        (keys - [Flips::Traits::NONE]).to_h { |key| [key, all.of(key)] }.compact
      end

      # Days and profits of sold and lost flips, known ones: two of {trait => values}.
      def values(by, filter)
        found = select(joined(by, filter).where(stage: Core::Books::Totals::PAID),
                       "#{TRAIT}, turnaround_days, #{filter.profit}")
        sets = found.group_by(&:first)
        [1, 2].map do |column|
          sets.each_with_object({}) do |(traits, rows), all|
            known = rows.filter_map { |row| row[column] }
            Flips::Traits.split(by, traits).each { |trait| (all[small(trait)] ||= []).concat(known) } if known.any?
          end
        end
      end

      # Flips without any such trait stand together.
      def joined(by, filter)
        filter.scope.joins("LEFT JOIN (#{Flips::Traits.sets(by)}) traits ON traits.piece_id = flip_summaries.piece_id")
      end

      def select(scope, what) = Records::Base.connection.select_rows(scope.select(Arel.sql(what)).to_sql)

      # How many groups all tables together may have: who looks at many finds one that stands out by chance.
      def looked_at
        Support::VersionedCache.once(:groups_looked_at) do
          ended = Records::FlipSummary.where(live: true).where.not(ended_on: nil).joins(:piece)
          distinct = ->(name) { "COUNT(DISTINCT LOWER(TRIM(#{name})))" }
          found = [Records::Base.rows(ended, *%w[pieces.kind_key pieces.source pieces.maker flip_summaries.channel].map(&distinct)),
                   Records::Base.rows(Records::LookZone.all, distinct.call("finish")),
                   Records::Base.rows(Records::TechniqueTag.all, distinct.call("name"))]
          [found.flatten.sum + Core::Flips::WorkKinds::ALL.size, 1].max
        end
      end

      # As SQLite's NOCASE has it.
      def small(trait) = trait.downcase(:ascii)
    end
  end
end
