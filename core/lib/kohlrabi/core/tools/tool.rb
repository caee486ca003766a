# frozen_string_literal: true

module Core
  module Tools
    # Base of the bench tools: fields are declared, read and then answered. A tool says what it assumes, and of what
    # cannot be what limits it and the nearest that works.
    class Tool
      include Refusing

      class << self
        attr_reader :key, :label, :group, :about

        # group: coating, setting_out, fitting or handling.
        def tool(key, label, about, group:)
          @key = key
          @label = label
          @group = group
          @about = about
        end

        def fields = @fields ||= []

        def field(key, label, kind, default = nil, **rest)
          fields << Field.new(key: key, label: label, kind: kind, default: default, **rest)
        end

        # {field => value in mm or plain} taken from a piece. start: Start.
        def start(_start) = {}
      end

      attr_reader :formatter

      # given: {field name => typed text}; what is not given takes its default; unit: "mm" or "in"; products:
      # Shelf::Products; grits: those at hand. Raises Refusal.
      def initialize(given, unit: "mm", products: Shelf::Products.new, grits: Planning::Grits::USUAL)
        @formatter = Formatter.new(unit)
        @products = products
        @grits = grits
        @values = self.class.fields.to_h do |field|
          [field.key, field.read(given.fetch(field.key.to_s) { field.typed(unit: unit) }, unit: unit)]
        end
      end

      # Returns Answer. Raises Refusal for what cannot be.
      def answer
        found = Answer.of(headline, lines: lines, table: table, picture: picture, template: template)
        PARTS.each { |part| found[part] = send(part) }
        found
      end

      PARTS = %i[assumes warnings cautions materials steps cuts offcuts parts relief].freeze

      private

      # What a tool says: headline, lines and picture; and what it may leave out.
      def table = nil
      def template = nil
      def warnings = []
      def cautions = []
      def materials = {}
      def steps = []
      def cuts = []
      def offcuts = []
      def parts = cuts.sum(&:number)
      def relief = 1

      attr_reader :products, :grits

      def [](key) = @values.fetch(key)
      def length(millimetres) = formatter.length(millimetres)

      # A number within a longer text. Returns Rational. Raises Refusal of the field.
      def numeral(field, text)
        Units::Numerals.parse(text.strip)
      rescue Refusal => e
        raise e.at(field)
      end

      # Refuses unless it holds. code, params: of the catalogue of refusals.
      def need(holds, code, field: nil, **params) = holds || refuse(code, field: field, **params)
    end
  end
end
