# frozen_string_literal: true

module Operations
  module Planning
    # The measures of a piece as they are typed, and the shape it will have.
    module Shapes
      LENGTHS = %i[width depth height leg leaf upper_height upper_depth].freeze
      SHAPE = Core::Planning::Shape::PieceShape
      CHOICES = { base: SHAPE::BASES, top_shape: SHAPE::TOPS, door_style: SHAPE::DOORS, front: SHAPE::FRONTS,
                  upper_style: SHAPE::UPPERS }.freeze
      COLUMNS = [*LENGTHS.map do |name|
        :"#{name}_mm"
      end, :drawer_rows, :row_heights, *SHAPE::COUNTS.keys, *CHOICES.keys].freeze
      FIELDS = COLUMNS.map(&:to_s).freeze
      SIZES = %i[width depth height].freeze

      extend Support::Refusing

      extend self

      # Reads the fields of a shape. params: Params.
      def read(params)
        LENGTHS.each { |field| params.length(field) }
        params.with(:drawer_rows) { |raw| SHAPE.parse_rows(raw).join(",") }
        params.with(:row_heights) { |raw| heights(raw) }
        SHAPE::COUNTS.each { |field, most| params.with(field) { |raw| count(raw, field, most) } }
        CHOICES.each { |field, choices| params.choice(field, choices.keys) }
      end

      # A measure far outside what its kind usually has is asked about, unless somebody said that it is right. piece: a
      # record, not yet saved. Raises Refused.
      def check_size(piece, given)
        return if given["sure"] == "yes"

        kinds = Core::Planning::Shape::Kinds
        unit = Support::Workshop.current.length_unit
        SIZES.each do |side|
          size = piece["#{side}_mm"]
          next unless size && piece.will_save_change_to_attribute?("#{side}_mm") && kinds.unusual?(piece.kind, side,
                                                                                                   size)

          usual = Core::Units::Length.text(kinds.template(piece.kind)[side], unit: unit)
          refuse(:measure_unusual, field: side, kind: piece.kind, side: side,
                                   size: Core::Units::Length.text(size, unit: unit), usual: usual)
        end
      end

      # A shape as it would be: of a kind, or of what is being typed. shape: Core::Planning::Shape::PieceShape; known:
      # whether its kind's word is.
      Drawn = Struct.new(:shape, :known, :record, keyword_init: true)

      # given: {"kind", "kind_form"?, "checked"?, …} as ShapeInput; nothing is written. Returns Drawn. Raises Refused.
      def draw(given)
        params = Support::Params.new(given, Support::Workshop.current)
        read(params)
        params.choice(:kind_form, Core::Planning::Shape::Kinds::FORMS.keys)
        values = params.done!
        form = values.delete(:kind_form)
        of(
          Records::Piece.new(values.merge(kind: given["kind"].to_s.first(80),
                                          shape_checked: given["checked"] == "yes")), form: form
        )
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # Drawn of a record, as it was bought.
      def of(piece, form: nil)
        shape = Drawing.bought(piece)
        shape = shape.class.new(**shape.to_h, form: form) if form && shape.form.nil? && !Core::Planning::Shape::Kinds.known?(piece.kind)
        Drawn.new(shape: shape, known: Kinds.known?(piece.kind) || !form.nil?, record: piece)
      end

      # What is there was looked at: all parts of the shape as they are now, what is empty is not there. given: as
      # ShapeInput. Returns the piece.
      def look(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          params = Support::Params.new(given, Support::Workshop.current)
          read(params)
          piece.assign_attributes(FIELDS.to_h do |name|
            [name, nil]
          end.merge(params.done!.transform_keys(&:to_s)).merge("shape_checked" => true))
          Kinds.keep("kind" => piece.kind, "kind_form" => given["kind_form"])
          check_size(piece, given)
          check(piece)
          piece.save!
          Plans.refresh(piece)
          piece
        end
      end

      # The shape as planned, in place of the one before; empty fields are as bought. Returns the piece. Raises Refused,
      # NotFound.
      def plan(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          params = Support::Params.new(given, Support::Workshop.current)
          read(params)
          params.with(:without_upper) { |raw| raw == "yes" }
          values = params.done!
          row = piece.planned_shape || piece.build_planned_shape
          row.assign_attributes(FIELDS.to_h { |name| [name, nil] })
          row.assign_attributes(values.merge(without_upper: values[:without_upper] == true))
          check(piece)
          row.save!
          Plans.refresh(piece)
          piece
        end
      end

      # The piece keeps the shape it was bought in.
      def keep(piece_id)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          piece.planned_shape&.destroy!
          piece.reload
          Plans.refresh(piece)
          piece
        end
      end

      # Raises Refused when the measures cannot be those of one piece.
      def check(piece)
        Drawing.bought(piece)
        Drawing.shape(piece)
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      private

      def heights(raw)
        unit = Support::Workshop.current.length_unit
        raw.split(/[,;]/).map { |one| Core::Units::Length.parse(one, unit: unit) }.join(",")
      end

      def count(raw, field, most)
        return raw.to_i if raw.match?(/\A\d{1,2}\z/) && raw.to_i <= most

        raise Core::Refusal.new(:cannot_be_drawn, given: raw, part: field.to_s.tr("_", " "), most: most)
      end
    end
  end
end
