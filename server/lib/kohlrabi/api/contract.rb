# frozen_string_literal: true

require "committee"

module Api
  # The contract, as bin/contract makes one document of the files in api/, and what is said when a request does not keep
  # to it.
  module Contract
    FILE = File.join(ROOT, "tmp/contract.json")

    extend self

    # The parsed contract, as committee wants it.
    def schema
      @schema ||= Committee::Drivers.load_from_data(JSON.parse(File.read(FILE)), FILE,
                                                    parser_options: { strict_reference_validation: true })
    end

    # Says a validation error of committee in the shape of a problem.
    class Error < Committee::ValidationError
      def error_body
        return Problem.document(404, "There's nothing at this address.") if status == 404

        Problem.document(400, sentence, errors: field ? [{ field: field, message: sentence }] : [])
      end

      def render
        [status == 404 ? 404 : 400, { "content-type" => Problem::TYPE }, [JSON.generate(error_body)]]
      end

      private

      # The parser's message without the path into the contract, and with the field it is about.
      def sentence
        plain = message.to_s.sub(%r{\A#/\S+ }, "").strip
        case plain
        when /\Adoes not define properties: (.+)/ then "Unknown: #{Regexp.last_match(1)}. Leave it out."
        when /wasn't valid JSON/ then "The body isn't valid JSON. Send the whole body again."
        else [field, plain].compact.join(": ")
        end
      end

      def field = message.to_s[%r{properties/(\w+)}, 1] || message.to_s[/properties: (\w+)/, 1]
    end
  end
end
