# frozen_string_literal: true

module Operations
  module Planning
    # The looks a piece could have; the chosen one makes its plan.
    module Looks
      UNSAID = { colour: nil, undercolour: nil, product: nil, wear: nil, preparation: nil, coats: nil, way: nil }.freeze
      PULLED = %w[fronts doors].freeze # groups of zones that pulls are on
      MAX_LOOKS = 4 # looks side by side
      COPIED = %w[wear hardware spacing_mm hardware_on hardware_minor inside lined pulls primer expected_resale_minor
                  swaps].freeze

      extend Support::Refusing

      extend self

      # given: {"name", "like"? (id of a look to copy), "recipe"? (id), "starter"? (key)}. The first look of a piece
      # is chosen at once. Returns the look.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          refuse(:too_many_looks, most: MAX_LOOKS) if piece.looks.size >= MAX_LOOKS
          look = piece.looks.create!(name: name(given), chosen: piece.looks.empty?, **copied(piece, given["like"]))
          copy_zones(piece, look, given["like"])
          Recipes.lay(Support::Finder.find(Records::Recipe, given["recipe"]), look) if given["recipe"]
          Starters.lay(given["starter"], look) if given["starter"]
          Plans.refresh(piece.reload)
          look
        end
      end

      # given: fields of the contract's LookChange, with lock_version. Returns [look, what the change costs, in
      # sentences].
      def update(id, given)
        changing(id) { |look| Support::Locking.save(look, given, read(given, look)) }
      end

      # Sets the finish of several zones. given: {"zones": [keys], "finish", "over"?, "colour"?, "undercolour"?,
      # "product"?, "wear"?, "options"?, "preparation"?, "coats"?, "way"?}.
      def paint(id, given)
        changing(id) do |look|
          keys = Drawing.zones(look.piece).map(&:key)
          zones = Array(given["zones"]).each { |zone| Core::Planning::Shape::Zones.check!(zone, keys, field: :zones) }
          refuse(:no_zone_chosen, field: :zones) if zones.empty?
          values = read_zone(given)
          zones.each do |zone|
            look.look_zones.find_or_initialize_by(zone: zone).tap do |row|
              row.assign_attributes(values)
            end.save!
          end
        end
      end

      # Says each kind of fitting again. given: {"fittings": [{"kind", "number", "treatment"?, "missing"?}]}; an
      # empty number leaves a kind out.
      def fit(id, given)
        changing(id) do |look|
          rows = Array(given["fittings"]).reject do |row|
            row["number"].to_s.strip.empty?
          end.map { |row| read_fitting(row) }
          look.fittings.destroy_all
          rows.each { |row| look.fittings.create!(row) }
        end
      end

      # Makes it the one that is planned.
      def choose(id)
        changing(id) do |look|
          Records::Look.where(piece_id: look.piece_id, chosen: true).where.not(id: look.id).each { |other| other.update!(chosen: false) }
          look.update!(chosen: true)
        end
      end

      # Gives the other pieces just like it the same look, with the shape and the findings that it takes, each with
      # a plan and ticks of its own. Returns [the new looks, sentences of what differs].
      def spread(id)
        Records::Base.transaction do
          look = Support::Finder.find(Records::Look, id)
          mates = Twins.mates(look.piece)
          refuse(:no_piece_alike) if mates.empty?
          differences = mates.flat_map { |mate| Twins.bring(look.piece, mate) }
          [mates.map { |mate| spread_to(mate.reload, look) }, differences]
        end
      end

      def remove(id)
        Records::Base.transaction do
          look = Support::Finder.find(Records::Look, id)
          refuse(:chosen_look_stays) if look.chosen && look.piece.looks.size > 1
          deletion = Support::Removal.of([look, *look.works], what: "Look “#{look.name}” removed")
          Plans.refresh(look.piece.reload)
          deletion
        end
      end

      # Core::Planning::Look of a record.
      def core(look)
        choices = look.look_zones.to_h { |row| [row.zone, choice(row)] }
        Core::Planning::Look.new(wear: look.wear, hardware: look.hardware, spacing: look.spacing_mm, hardware_on: look.hardware_on,
                                 inside: look.inside, lined: look.lined, primer: look.primer, choices: choices,
                                 works: AppliedWorks.core(look), pulls: look.pulls, fittings: fittings(look))
      end

      private

      # Does a change and says what it costs: of the plan before and after it, written into the diary when the
      # chosen look changed.
      def changing(id)
        Records::Base.transaction do
          look = Support::Finder.find(Records::Look, id)
          piece = look.piece
          before = Plans.of(piece)
          yield look
          piece = Support::Finder.find(Records::Piece, piece.id)
          [look.reload, Plans.record_change(piece, before)]
        end
      end

      def choice(row)
        Core::Planning::Choice.new(finish: row.finish, over: row.over.split(","), colour: row.colour, undercolour: row.undercolour,
                                   product: row.product, wear: row.wear, options: row.options.split(","),
                                   preparation: row.preparation, coats: row.coats, way: row.way)
      end

      # Array of Core::Planning::Fitting.
      def fittings(look)
        look.fittings.map do |row|
          Core::Planning::Fitting.new(kind: row.kind, number: row.number, treatment: row.treatment,
                                      missing: row.missing)
        end
      end

      def read_fitting(given)
        fitting = Core::Planning::Fitting
        params = Support::Params.new(given, Support::Workshop.current)
        kind = params.choice(:kind, fitting::ROWS.keys, required: true)
        number = params.count(:number, 1..fitting::MAX_NUMBER, required: true)
        params.choice(:treatment, fitting::TREATMENTS.keys)
        missing = params.count(:missing, 0..fitting::MAX_NUMBER).to_i
        values = params.done!
        if missing > number
          refuse(:more_missing_than_there_are, field: :missing, what: fitting::LABELS.fetch(kind).downcase,
                                               number: number)
        end
        { kind: kind, number: number, missing: missing, treatment: values[:treatment] || "kept" }
      end

      def spread_to(mate, look)
        refuse(:mate_has_too_many_looks, mate: mate.name, most: MAX_LOOKS) if mate.looks.size >= MAX_LOOKS
        made = mate.looks.create!(name: look.name, chosen: mate.looks.empty?, **look.attributes.slice(*COPIED))
        lay_zones(look, made)
        Plans.refresh(mate.reload)
        made
      end

      def copied(piece, id)
        source = id ? piece.looks.find_by(id: id) || raise(Support::NotFound.new("look", id)) : nil
        source ? source.attributes.slice(*COPIED) : {}
      end

      def copy_zones(piece, look, id)
        return unless id

        lay_zones(piece.looks.find(id), look)
      end

      def lay_zones(from, to)
        AppliedWorks.copy(from, to)
        from.fittings.each { |row| to.fittings.create!(row.attributes.slice("kind", "number", "treatment", "missing")) }
        from.look_zones.each do |row|
          to.look_zones.create!(row.attributes.except("id", "look_id", "created_at", "updated_at"))
        end
      end

      def name(given)
        Support::Params.new(given, Support::Workshop.current).then { |params| params.text(:name, max: 60, required: true).tap { params.done! } }
      end

      def read(given, look)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 60, required: params.sent?(:name))
        params.choice(:wear, Core::Planning::Coats::WEAR.keys, required: params.sent?(:wear))
        params.choice(:hardware, Core::Planning::Brief::HARDWARE, required: params.sent?(:hardware))
        params.choice(:inside, Core::Planning::Brief::INSIDES, required: params.sent?(:inside))
        params.count(:lined, 1..99)
        params.count(:pulls, 1..200)
        params.choice(:primer, ["auto", "none", *Shelf::Products.core.of_kind("primer").map do |row|
          row[:key]
        end], required: params.sent?(:primer))
        params.length(:spacing)
        params.day(:hardware_on)
        %i[hardware expected_resale].each do |field|
          params.money(field == :hardware ? :hardware_price : field, into: :"#{field}_minor")
        end
        values = params.done!
        refuse_pulls(look) if values[:pulls]
        given["swap"] ? values.merge(swaps: JSON.generate(swapped(look, given["swap"]))) : values
      end

      def refuse_pulls(look)
        refuse(:pulls_on_nothing, field: :pulls) if Drawing.zones(look.piece).none? do |zone|
          PULLED.include?(zone.group)
        end
      end

      # given: {"product", "instead"}: the product used instead; the product itself takes it back.
      def swapped(look, given)
        products = Shelf::Products.core
        product, instead = given.values_at("product", "instead").map { |key| products.fetch(Core::Shelf::Products.product(key.to_s))[:key] }
        all = JSON.parse(look.swaps)
        product == instead ? all.except(product) : all.merge(product => instead)
      end

      def read_zone(given)
        params = Support::Params.new(given, Support::Workshop.current)
        finishes = Core::Planning::Finishes
        params.choice(:finish, finishes::BY_KEY.keys, required: true)
        %i[colour undercolour].each { |field| params.with(field) { |raw| Shelf::Colours.parse(raw) } }
        params.with(:product) { |raw| Shelf::Products.core.fetch(raw)[:key] }
        params.choice(:wear, Core::Planning::Coats::WEAR.keys)
        params.choice(:preparation, Core::Planning::Judgements::Preparation::WAYS.keys)
        params.count(:coats, 1..8)
        params.choice(:way, Core::Planning::Judgements::Applying::WAYS.keys)
        values = params.done!
        over = listed(given["over"], finishes::OVER, :over)
        options = listed(given["options"], finishes::BY_KEY.keys - ["undecided"], :options)
        UNSAID.merge(values).merge(over: over.join(","), options: options.join(","))
      end

      def listed(given, among, field)
        Array(given).uniq.each do |key|
          refuse(:cannot_stand_here, field: field, given: key, among: among.join(", ")) unless among.include?(key)
        end
      end
    end
  end
end
