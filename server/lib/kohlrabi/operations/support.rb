# frozen_string_literal: true

module Operations
  # What all areas use. How a request is refused, and other small things, stand here.
  module Support
    # Bad input: one or more refusals, each naming its field. Nothing was written.
    class Refused < StandardError
      attr_reader :refusals

      # refusals: Array of Core::Refusal.
      def initialize(refusals)
        @refusals = refusals
        super(refusals.map(&:message).join(" "))
      end
    end

    # The one way in which a use case refuses: extend a module with it.
    module Refusing
      # Raises Refused. code: of the catalogue, data/refusals.yml; field: the one at fault, or nil; params: what its
      # sentences say.
      def refuse(code, field: nil, **params) = raise(Refused, [Core::Refusal.new(code, field: field, **params)])
    end

    # What was asked for is not there, or has been removed.
    class NotFound < StandardError
      # what: "piece"; id: as it was given.
      def initialize(what, id)
        super("There's no #{what} #{id} here. It may have been removed.")
      end
    end

    # Somebody else saved first. Carries both versions, so that nothing is lost.
    class EditConflict < StandardError
      attr_reader :current, :yours

      # current: the record as it stands; yours: Hash of what was to be saved.
      def initialize(current, yours)
        @current = current
        @yours = yours
        super("This changed in another tab or on another device since you opened it. Compare the two versions and choose.")
      end
    end

    # Refused because it can hurt somebody: with the piece it is about, and the caution to read first, so that either
    # can be answered on the spot.
    class Danger < Refused
      attr_reader :piece, :caution

      # refusal: Core::Refusal; caution: key of data/planning/cautions.yml, or nil where it is the lead question.
      def initialize(refusal, piece:, caution: nil)
        super([refusal])
        @piece = piece
        @caution = caution
      end
    end

    # Percentages as they are kept: whole hundredths of a percent.
    module Percent
      extend self

      # "12.5" → 1250. most: the highest allowed, in percent; nil: any below 100, as for a fee. Raises Core::Refusal
      # when out of range or finer than a hundredth.
      def parse(text, most: nil)
        hundredths = Core::Units::Numerals.parse(text.to_s.delete_suffix("%").strip) * 100
        return hundredths.to_i if hundredths.denominator == 1 && hundredths.between?(0, most ? most * 100 : 9999)

        raise Core::Refusal.new(:not_a_percentage, given: text, most: most || "under 100")
      end

      # 1250 → "12.5"; nil stays nil.
      def text(hundredths)
        hundredths && Core::Units::Numerals.plain(Rational(hundredths, 100), 2).sub(/\.?0+\z/, "")
      end
    end

    # Saves a record that two tabs may have open. The version that was read comes along and must still stand.
    module Locking
      extend self

      # given: the request, with "lock_version"; values: attributes to set. The block checks the record before it is
      # written. Raises EditConflict with both versions, Refused from the block.
      def save(record, given, values)
        raise EditConflict.new(record, given) unless given["lock_version"] == record.lock_version

        record.assign_attributes(values)
        yield record if block_given?
        record.save!
      rescue ActiveRecord::StaleObjectError
        raise EditConflict.new(record.class.find(record.id), given)
      end
    end

    # What has a word in one of its columns, by the letter: "50%" and "elm_top" are found as typed. SQLite knows no
    # escape sign unless it is given one.
    module TextSearch
      extend self

      # scope: of records; columns: Array of String; word: String as typed. Returns the scope narrowed.
      def narrow(scope, columns, word)
        asked = columns.map { |column| "#{column} LIKE :like ESCAPE '\\'" }.join(" OR ")
        scope.where(asked, like: "%#{Records::Base.sanitize_sql_like(word)}%")
      end
    end
  end
end
