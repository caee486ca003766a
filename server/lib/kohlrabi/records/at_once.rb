# frozen_string_literal: true

module Kohlrabi
  module Records
    # Several tables by one question. A page of a piece needs two dozen of them; asked one by one they cost more than
    # all else it does. Each is a part of one UNION ALL, padded to the width of the widest, so that values keep their
    # types.
    #
    #   AtOnce.rows(people: Person.order(:id), looks: Look.live)     # => {people: [Person…], looks: [Look…]}
    #   AtOnce.rows(spent: [CostShare.group(:piece_id), :piece_id, "SUM(amount_minor)"]) # => {spent: [[1, 4000], …]}, as pluck
    #   AtOnce.rows(pieces: AtOnce.with(Piece.live, [:events, { looks: :look_zones }]))  # with associations filled, as preload fills them
    #   AtOnce.load(Piece.live, [:events])                           # the same of one relation alone: [Piece…]
    #   AtOnce.preload(pieces, [:events])                            # the same of records that are there already
    #
    # Relations of whole rows have conditions, joins, an order and a limit, but no selection of their own. What is
    # plucked comes as SQLite has it: a date as text.
    class AtOnce
      PART = 0
      SEQUENCE = 1
      LEAD = 2 # columns before a part's own
      With = Struct.new(:relation, :tree)

      class << self
        # A relation with associations. tree: as `preload` takes it, of has_many, has_one and belongs_to.
        def with(relation, tree) = With.new(relation, tree)

        # asked: {name => Relation, [Relation, columns…] or With}. Returns {name => Array of records in the relation's
        # order, or of Arrays}.
        def rows(asked)
          branches = asked.transform_values { |one| one.is_a?(With) ? Branch.all(Owners.new(one.relation), one.tree) : [] }
          roots = asked.transform_values { |one| one.is_a?(With) ? one.relation : one }
          found = new(roots.merge(branches.values.flatten.to_h { |branch| [branch, branch] })).all
          branches.each { |name, own| own.each { |branch| branch.fill(found.fetch(branch.parent || name), found.fetch(branch)) } }
          found.slice(*asked.keys)
        end

        def load(relation, tree) = rows(all: with(relation, tree)).fetch(:all)

        # Fills associations of records that are not filled yet. records: Array of one class. Returns the records.
        def preload(records, tree)
          return records if records.empty?

          filled, open = Branch.pairs(tree).partition { |name, _| records.all? { |record| record.association(name).loaded? } }
          filled.each { |name, below| preload(records.flat_map { |record| Array(record.public_send(name)) }, below) }
          fill(records, Branch.all(Owners.of(records), open.to_h))
        end

        private

        def fill(records, branches)
          found = new(branches.to_h { |branch| [branch, branch] }).all
          branches.each { |branch| branch.fill(found.fetch(branch.parent, records), found.fetch(branch)) }
          records
        end
      end

      # asked: {name => Relation, [Relation, columns…] or Branch}. Nothing is asked yet; each reading asks, and the
      # query cache of a request answers all but the first. lasting: whether the same question is asked over and over,
      # so that the database keeps it prepared.
      def initialize(asked, lasting: false)
        @lasting = lasting
        @names = asked.keys
        @parts = asked.values.map do |one|
          case one
          when Branch then one
          when Array then Part.new(*one)
          else Part.new(one)
          end
        end
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

      def answer = Base.connection.select_all(sql, "At once", [], preparable: @lasting).rows

      def sql
        @sql ||= begin
          width = @parts.map(&:width).max
          @parts.each_with_index.map { |part, number| part.sql(number, width) }.join(" UNION ALL ")
        end
      end

      # What the parts of a question have in common: columns of whole rows, and the order of a relation, in SQL.
      module Sql
        @columns = {}.compare_by_identity # by the model's list of names, which is another after its table has changed

        module_function

        # Array of "table"."column".
        def columns(model)
          @columns[model.column_names] ||= model.column_names.map { |name| column(model, name) }
        end

        def column(model, name) = "#{model.quoted_table_name}.#{model.connection.quote_column_name(name)}"

        def sequence(relation)
          orders = relation.arel.orders.map { |one| one.respond_to?(:to_sql) ? one.to_sql : one }
          orders.empty? ? "0" : "ROW_NUMBER() OVER (ORDER BY #{orders.join(', ')})"
        end

        def padding(number) = ", NULL" * number

        # Records of rows as they came.
        def records(model, rows)
          names = model.column_names
          rows.sort_by { |row| row[SEQUENCE] }.map { |row| model.instantiate(names.zip(row.drop(LEAD)).to_h) }
        end
      end
      private_constant :Sql

      # A relation as one part of the question.
      class Part
        # columns: of a plucked one; none for whole records.
        def initialize(relation, *columns)
          @relation = relation
          @columns = columns
        end

        def width = names.size

        def sql(number, width)
          columns = [number, Sql.sequence(@relation), *names].join(", ") + Sql.padding(width - self.width)
          chosen = (@relation.limit_value ? @relation : @relation.except(:order)).select(Arel.sql(columns)).to_sql
          @relation.limit_value ? "SELECT * FROM (#{chosen})" : chosen
        end

        # rows: as they came.
        def read(rows)
          return Sql.records(@relation.klass, rows) if @columns.empty?

          rows.sort_by { |row| row[SEQUENCE] }.map { |row| row[LEAD, width] }
        end

        private

        def names
          return Sql.columns(@relation.klass) if @columns.empty?

          @names ||= @columns.map { |column| column.is_a?(Symbol) ? Sql.column(@relation.klass, column) : column }
        end
      end
      private_constant :Part

      # Those that associations are filled for, at the top of a tree.
      class Owners
        attr_reader :model

        # records: Array of one class.
        def self.of(records) = new(records.first.class.unscoped.where(id: records.map(&:id)))

        def initialize(relation)
          @model = relation.klass
          @relation = relation.limit_value ? relation : relation.except(:order)
          @keys = {}
        end

        # SQL of the values of one of their columns.
        def keys(name) = @keys[name] ||= @relation.select(Arel.sql(Sql.column(model, name))).to_sql
      end
      private_constant :Owners

      # One association of the tree: where its rows come from, and how they are given to their owners. Its SQL is made
      # once, with a blank for the owners.
      class Branch
        OWNERS = "'owners'"
        KEY = "'key'"
        # rows: SQL after number and padding; keys: SQL of a column of the rows; both with blanks.
        Template = Struct.new(:columns, :sequence, :from, :keys)
        @templates = {}.compare_by_identity

        class << self
          # Array of Branch, each after its parent. owners: Owners or Branch.
          def all(owners, tree)
            pairs(tree).flat_map do |name, below|
              branch = new(owners.model.reflect_on_association(name), owners)
              [branch, *all(branch, below)]
            end
          end

          # [[name, tree below it]].
          def pairs(tree)
            case tree
            when Hash then tree.to_a
            when Array then tree.flat_map { |one| pairs(one) }
            else [[tree, []]]
            end
          end

          # By association, as long as its table is as it was.
          def template(reflection)
            columns = Sql.columns(reflection.klass)
            kept = @templates[reflection]
            kept&.columns.equal?(columns) ? kept : @templates[reflection] = made(reflection, columns)
          end

          def below(reflection) = reflection.belongs_to? ? "id" : reflection.foreign_key.to_s

          private

          def made(reflection, columns)
            model = reflection.klass
            relation = model.unscoped.where("#{Sql.column(model, below(reflection))} IN (#{OWNERS})")
            relation = relation.instance_exec(&reflection.scope) if reflection.scope
            keys = relation.except(:order).select(Arel.sql(KEY)).to_sql
            Template.new(columns, Sql.sequence(relation), keys.split(KEY, 2).last, keys)
          end
        end

        attr_reader :parent

        # reflection: of Active Record; owners: Owners or Branch, of those it is filled for.
        def initialize(reflection, owners)
          @reflection = reflection
          @owners = owners
          @parent = owners if owners.is_a?(Branch)
          @template = Branch.template(reflection)
        end

        def model = @reflection.klass
        def width = @template.columns.size
        def read(rows) = Sql.records(model, rows)

        def sql(number, width)
          columns = [number, @template.sequence, *@template.columns].join(", ") + Sql.padding(width - self.width)
          "SELECT #{columns}#{owned(@template.from)}"
        end

        # SQL of the values of one of the rows' columns.
        def keys(name) = owned(@template.keys.sub(KEY) { Sql.column(model, name) })

        # Gives the rows to their owners, and the owners to the rows.
        def fill(owners, rows)
          found = rows.group_by { |row| row[Branch.below(@reflection)] }
          owners.each do |owner|
            mine = found.fetch(owner[above], [])
            association = owner.association(@reflection.name)
            association.target = @reflection.collection? ? mine : mine.first
            mine.each { |row| association.set_inverse_instance(row) } unless @reflection.belongs_to?
          end
        end

        private

        # Column of the owner that matches.
        def above = @reflection.belongs_to? ? @reflection.foreign_key.to_s : "id"
        def owned(text) = text.sub(OWNERS) { @owners.keys(above) }
      end
      private_constant :Branch
    end
  end
end
