# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Books
      # Flips compared by a trait. The database adds up within groups; the core sets each group against the rest.
      module Comparisons
        TRAIT = "COALESCE(trait, '#{Traits::NONE}')".freeze
        MOST = 60 # groups that are shown, the largest
        # rows: Array of Core::Books::Comparison::Row; more: groups left out of the list; several: a flip can be in more than one.
        Answer = Struct.new(:rows, :more, :several, :whole, keyword_init: true)

        module_function

        # by: key of Traits::ALL; lens: Lens.
        def answer(by, lens)
          groups, spellings = groups(by, lens)
          whole = Totals.by_stage(Totals.groups(lens))
          labels = spellings.transform_values { |trait| Traits.label(by, trait) }
          rows = Core::Books::Comparison.new(groups: groups, whole: whole, hours_rule: lens.rule, labels: labels,
                                             days: sorted(by, lens, "turnaround_days"), profits: sorted(by, lens, lens.profit)).rows
          rows = rows.sort_by(&:key) if by == "season"
          rows = rows.sort_by(&:key).reverse if %w[year month].include?(by) # the latest first
          Answer.new(rows: rows.first(MOST), more: [rows.size - MOST, 0].max, several: Traits.several?(by),
                     whole: Core::Books::Totals.new(whole, hours_rule: lens.rule))
        end

        # [{trait => {stage => Tally}}, {trait => as it is written}]; traits in small letters, for case does not tell them apart.
        def groups(by, lens)
          spellings = {}
          groups = Hash.new { |hash, key| hash[key] = {} }
          found = joined(by, lens).group(Arel.sql("#{TRAIT} COLLATE NOCASE, stage"))
          select(found, "MIN(#{TRAIT}), stage, #{lens.sums}").each do |trait, stage, *sums|
            spellings[key = small(trait)] ||= trait
            groups[key][stage] = Lens.tally(sums)
          end
          [groups, spellings]
        end

        # {trait => values of sold and lost flips}.
        def sorted(by, lens, value)
          found = joined(by, lens).where(stage: Core::Books::Totals::PAID).where("#{value} IS NOT NULL")
          select(found, "#{TRAIT}, #{value}").group_by { |trait, _| small(trait) }.transform_values { |pairs| pairs.map(&:last) }
        end
        private_class_method :sorted

        # Flips without any such trait stand together.
        def joined(by, lens) = lens.scope.joins("LEFT JOIN (#{Traits.sql(by)}) traits ON traits.piece_id = flip_summaries.piece_id")
        private_class_method :joined

        def select(scope, what) = Records::Base.connection.select_rows(scope.select(Arel.sql(what)).to_sql)
        private_class_method :select

        # As SQLite's NOCASE has it.
        def small(trait) = trait.downcase(:ascii)
        private_class_method :small
      end
    end
  end
end
