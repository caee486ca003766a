# frozen_string_literal: true

module Kohlrabi
  module Records
    # Several tables by one question. A page of a piece needs two dozen of them; asked one by one they cost more than all else it does.
    # Each is a part of one UNION ALL, padded to the width of the widest, so that values keep their types.
    #
    #   AtOnce.rows(people: Person.order(:id), looks: Look.live)     # => {people: [Person…], looks: [Look…]}
    #   AtOnce.rows(spent: [CostShare.group(:piece_id), :piece_id, "SUM(amount_minor)"]) # => {spent: [[1, 4000], …]}, as pluck
    #   AtOnce.rows(pieces: AtOnce.with(Piece.live, [:events, { looks: :look_zones }]))  # with associations filled, as preload fills them
    #   AtOnce.load(Piece.live, [:events])                           # the same of one relation alone: [Piece…]
    #   AtOnce.preload(pieces, [:events])                            # the same of records that are there already
    #
    # Relations of whole rows have conditions, joins, an order and a limit, but no selection of their own. What is plucked comes as
    # SQLite has it: a date as text.
    class AtOnce
      PART = 0
      SEQUENCE = 1
      LEAD = 2 # columns before a part's own
      With = Struct.new(:relation, :tree)

      class << self
        # A relation with associations. tree: as `preload` takes it, of has_many, has_one and belongs_to.
        def with(relation, tree) = With.new(relation, tree)

        # asked: {name => Relation, [Relation, columns…] or With}. Returns {name => Array of records in the relation's order, or of Arrays}.
        def rows(asked)
          branches = asked.transform_values { |one| one.is_a?(With) ? Branch.all(one.relation, one.tree) : [] }
          roots = asked.transform_values { |one| one.is_a?(With) ? one.relation : one }
          found = new(roots.merge(branches.values.flatten.to_h { |branch| [branch, branch.relation] })).all
          branches.each { |name, own| own.each { |branch| branch.fill(found.fetch(branch.parent || name), found.fetch(branch)) } }
          found.slice(*asked.keys)
        end

        def load(relation, tree) = rows(all: with(relation, tree)).fetch(:all)

        # Fills associations of records that are not filled yet. records: Array of one class. Returns the records.
        def preload(records, tree)
          return records if records.empty?

          filled, open = Branch.pairs(tree).partition { |name, _| records.all? { |record| record.association(name).loaded? } }
          filled.each { |name, below| preload(records.flat_map { |record| Array(record.public_send(name)) }, below) }
          fill(records, Branch.all(records.first.class.unscoped.where(id: records.map(&:id)), open.to_h))
        end

        private

        def fill(records, branches)
          found = new(branches.to_h { |branch| [branch, branch.relation] }).all
          branches.each { |branch| branch.fill(found.fetch(branch.parent, records), found.fetch(branch)) }
          records
        end
      end

      # asked: {name => Relation or [Relation, columns…]}. Nothing is asked yet; each reading asks, and the query cache of a request
      # answers all but the first.
      def initialize(asked)
        @names = asked.keys
        @parts = asked.values.map { |one| Part.new(*(one.is_a?(Array) ? one : [one])) }
      end

      # Records or Arrays of one part.
      def [](name)
        number = @names.index(name)
        @parts[number].read(answer.select { |row| row[PART] == number })
      end

      # {name => the same}, of all.
      def all
        return {} if @parts.empty?

        found = answer.group_by { |row| row[PART] }
        @names.each_with_index.to_h { |name, number| [name, @parts[number].read(found.fetch(number, []))] }
      end

      private

      def answer = Base.connection.select_all(sql, "At once").rows

      def sql
        @sql ||= begin
          width = @parts.map(&:width).max
          @parts.each_with_index.map { |part, number| part.sql(number, width) }.join(" UNION ALL ")
        end
      end

      # One part of the question.
      class Part
        # columns: of a plucked one; none for whole records.
        def initialize(relation, *columns)
          @relation = relation
          @columns = columns
        end

        def width = names.size

        def sql(number, width)
          columns = [number, sequence, *names, *(["NULL"] * (width - self.width))]
          chosen = (@relation.limit_value ? @relation : @relation.except(:order)).select(Arel.sql(columns.join(", "))).to_sql
          @relation.limit_value ? "SELECT * FROM (#{chosen})" : chosen
        end

        # rows: as they came.
        def read(rows)
          rows = rows.sort_by { |row| row[SEQUENCE] }
          return rows.map { |row| row[LEAD, width] } if @columns.any?

          model = @relation.klass
          rows.map { |row| model.instantiate(model.column_names.zip(row.drop(LEAD)).to_h) }
        end

        private

        def names
          @names ||= (@columns.any? ? @columns : @relation.klass.column_names.map(&:to_sym)).map do |column|
            column.is_a?(Symbol) ? "#{@relation.klass.quoted_table_name}.#{@relation.connection.quote_column_name(column)}" : column
          end
        end

        def sequence
          orders = @relation.arel.orders.map { |one| one.respond_to?(:to_sql) ? one.to_sql : one }
          orders.empty? ? "0" : "ROW_NUMBER() OVER (ORDER BY #{orders.join(', ')})"
        end
      end
      private_constant :Part

      # One association of the tree: where its rows come from, and how they are given to their owners.
      class Branch
        attr_reader :parent, :relation

        # Array of Branch, each after its parent. owners: Relation.
        def self.all(owners, tree, parent = nil)
          pairs(tree).flat_map do |name, below|
            branch = new(owners.klass.reflect_on_association(name), owners, parent)
            [branch, *all(branch.relation.except(:order), below, branch)]
          end
        end

        # [[name, tree below it]].
        def self.pairs(tree)
          case tree
          when Hash then tree.to_a
          when Array then tree.flat_map { |one| pairs(one) }
          else [[tree, []]]
          end
        end

        # reflection: of Active Record; owners: Relation of those it is filled for; parent: the Branch they come from, or nil.
        def initialize(reflection, owners, parent)
          @reflection = reflection
          @parent = parent
          @relation = scoped(owners)
        end

        # Gives the rows to their owners, and the owners to the rows.
        def fill(owners, rows)
          found = rows.group_by { |row| row[below] }
          owners.each do |owner|
            mine = found.fetch(owner[above], [])
            association = owner.association(@reflection.name)
            association.target = @reflection.collection? ? mine : mine.first
            mine.each { |row| association.set_inverse_instance(row) } unless @reflection.belongs_to?
          end
        end

        private

        # Columns that match: of the row and of its owner.
        def below = @reflection.belongs_to? ? "id" : @reflection.foreign_key.to_s
        def above = @reflection.belongs_to? ? @reflection.foreign_key.to_s : "id"

        def scoped(owners)
          owners = owners.except(:order) unless owners.limit_value
          relation = @reflection.klass.unscoped.where(below => owners.select(owners.klass.arel_table[above]))
          @reflection.scope ? relation.instance_exec(&@reflection.scope) : relation
        end
      end
      private_constant :Branch
    end
  end
end
