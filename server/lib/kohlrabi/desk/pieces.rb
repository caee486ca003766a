# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Recording and changing pieces.
    module Pieces
      COLOUR = /\A#\h{6}\z/

      module_function

      def find(id) = Finder.find(Records::Piece, id)

      # given: Hash as in the contract's PieceInput. A new piece bears the house's sundries. Returns the piece.
      def create(given)
        workshop = House.workshop
        Records::Base.transaction do
          values = { sundries_minor: workshop.sundries_minor }.merge(read(given, workshop, new: true))
          piece = Records::Piece.new(values)
          check(piece)
          piece.save!
          Summaries.refresh([piece.id])
          piece
        end
      end

      # Raises Refused, Stale, Missing.
      def update(id, given)
        Records::Base.transaction do
          piece = find(id)
          Locking.save(piece, given, read(given, House.workshop)) { |changed| check(changed) }
          Summaries.refresh([piece.id])
          piece
        end
      end

      # Hides the piece; its costs and hours stay with it, so that undo brings all back.
      def remove(id)
        piece = find(id)
        refuse_shared(piece)
        timed = Records::Timer.live.joins(:timer_pieces).where(timer_pieces: { piece_id: piece.id }).exists?
        refuse("A timer is running on #{piece.name}.", "Stop it first.") if timed
        Removal.of([piece], what: "#{piece.name} removed")
      end

      def read(given, workshop, new: false)
        reading = Reading.new(given, workshop)
        reading.text(:name, max: 120, required: new || reading.sent?(:name))
        %i[kind source].each { |field| reading.text(field, max: 80) }
        reading.text(:notes, max: 5000)
        reading.date(:bought_on, what: "Bought")
        %i[purchase sundries cost_to_come].each { |field| reading.money(field) }
        reading.with(:hours_to_come, into: :seconds_to_come) { |raw| Core::Units::Effort.parse(raw) }
        read_shape(reading)
        reading.done!
      end
      private_class_method :read

      def read_shape(reading)
        %i[width depth height].each { |field| reading.length(field) }
        reading.length(:leg)
        reading.with(:drawer_rows) { |raw| Core::Shape::PieceShape.parse_rows(raw).join(",") }
        reading.with(:doors) { |raw| doors(raw) }
        %i[body_colour front_colour].each { |field| reading.with(field) { |raw| colour(raw) } }
      end
      private_class_method :read_shape

      def doors(raw)
        most = Core::Shape::PieceShape::MAX_DOORS
        return raw.to_i if raw.match?(/\A\d{1,2}\z/) && raw.to_i <= most

        raise Core::Refusal.new("“#{Core::Units::Numerals.clip(raw)}” doors cannot be drawn.", "Give 0 to #{most}.")
      end
      private_class_method :doors

      def colour(raw)
        return raw.downcase if raw.match?(COLOUR)

        raise Core::Refusal.new("“#{Core::Units::Numerals.clip(raw)}” is not a colour.", "Write it as #2f6b3f.")
      end
      private_class_method :colour

      def check(piece)
        Drawing.shape(piece)
      rescue Core::Refusal => e
        raise Refused, [e]
      end
      private_class_method :check

      # A shared cost or stretch of work would no longer add up over the pieces that remain.
      def refuse_shared(piece)
        shared = { piece.costs => "cost", piece.work_entries => "stretch of work" }
                 .find { |records, _| records.any? { |record| record.shares.size > 1 } }
        return unless shared

        refuse("#{piece.name} shares a #{shared.last} with other pieces.",
               "Take it out of that first, or record it as scrapped or given away.")
      end
      private_class_method :refuse_shared

      def refuse(problem, remedy)
        raise Refused, [Core::Refusal.new(problem, remedy)]
      end
      private_class_method :refuse
    end
  end
end
