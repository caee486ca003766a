# frozen_string_literal: true

require_relative "../support/planned_pieces"

# Requests made from the contract, each with something in it that nobody would send: whatever comes, the answer is one
# of the house, with its headers and without a fault of the server. FUZZ: how many; SEED: where they begin.
RSpec.describe "hostile requests" do
  include_context "with planned pieces"

  texts = ["", " ", "x" * 5000, "'", '"', "\u0000", "🪑", "-1", "0", "1e99", "NaN", "999999999999999999999", "../../etc/passwd", "<b>", "%00", "é",
           "2026-02-30", "0000-00-00", "1,5", "1.5", "null", "{}", "[]", "true", "' OR 1=1 --", "=1+1", "#fff", "top", "sanding"]
  json = [nil, 1, -1, 1.5, 10**30, true, [], {}, [[]], [nil], { "a" => 1 }, "\u0000", *texts]
  queries = ["%ff", "a=%", "a[b]=1&a=2", "a[]=1&a[b]=2", "a=%00", "=", "&&&", "a[[[=1", "%", "page=-1", "page=99999999999999999999", "page=x",
             "given=test", "given=1", "given=[]", "given={\"a\":{}}", "query=%ff", "query=%F0%9F%AA%91", "a=1;b=2", "year=%25", "from=2026-99-99"]
  types = ["application/json", "text/plain", "application/x-www-form-urlencoded", "multipart/form-data", "multipart/form-data; boundary=x",
           "image/png", "", "application/json; charset=utf-16"]
  bodies = ["{", "[1,2", "\xff\xfe", "null", "1", "\"x\"", "a=%ff&b[=", "--x\r\nContent-Disposition: form-data; name=\"a", "--x\r\n\r\n", "",
            "{}" * 9,
            "{\"a\":#{'[' * 200}#{']' * 200}}"]

  # [method, path with its placeholders, JSON Schema of its body or nil] of each operation.
  operations = Api::Contract.schema.open_api.paths.path.flat_map do |path, item|
    %w[get post put patch delete].filter_map do |verb|
      operation = item.public_send(verb) or next
      content = operation.request_body&.content || {}
      [verb, path, content["application/json"]&.schema]
    end
  end

  # A value that fits a schema, more or less.
  fit = lambda do |schema, random, depth = 0|
    next json.sample(random: random) if schema.nil? || depth > 3 || random.rand < 0.06

    case schema.type
    when "object" then (schema.properties || {}).select do
      random.rand < 0.7
    end.to_h { |name, part| [name, fit.call(part, random, depth + 1)] }
    when "array" then Array.new(random.rand(3)) { fit.call(schema.items, random, depth + 1) }
    when "integer" then [1, 2, 0, -1, 10**12].sample(random: random)
    when "boolean" then [true, false].sample(random: random)
    else schema.enum&.sample(random: random) || texts.sample(random: random)
    end
  end

  define_method(:hostile) do |random|
    verb, path, schema = operations.sample(random: random)
    address = path.gsub(/\{[^}]+\}/) do
      (if random.rand < 0.8
         [id, 1,
          "pulls"]
       else
         [99, 0, "-1", "x", "%ff", "1%00", "..", "9" * 30]
       end).sample(random: random).to_s
    end
    address += "?#{Array.new(random.rand(1..2)) { queries.sample(random: random) }.join('&')}" if random.rand < 0.2
    body = case random.rand
           when 0...0.8 then schema && JSON.generate(fit.call(schema, random))
           when 0.8...0.9 then bodies.sample(random: random)
           when 0.9...0.95 then JSON.generate(json.sample(random: random))
           end
    [verb, address, body, random.rand < 0.9 ? "application/json" : types.sample(random: random)]
  end

  def answer(verb, address, body, type)
    env = { method: verb.upcase, input: body.to_s, "HTTP_HOST" => "127.0.0.1", "CONTENT_TYPE" => type }
    path, query = address.split("?", 2)
    Rack::MockResponse[*app.call(Rack::MockRequest.env_for("/", env).merge("PATH_INFO" => path,
                                                                           "QUERY_STRING" => query.to_s))]
  end

  it "are answered in words, whatever is in them" do
    id
    app
    faults = []
    first = ENV.fetch("SEED", "1").to_i
    ENV.fetch("FUZZ", "500").to_i.times do |turn|
      request = hostile(Random.new(first + turn))
      got = nil
      said = capture { got = answer(*request) }
      sound = got.status < 500 && got["content-security-policy"] && (got.status < 400 || got["content-type"].to_s.include?("problem+json"))
      next if sound

      faults << "seed #{first + turn}: #{request.inspect[0, 400]} → #{got.status} #{got.body[0, 120]}\n#{said.lines.first(3).join}"
    end
    expect(faults).to be_empty, faults.first(12).join("\n")
  end

  # What is said on standard error meanwhile.
  def capture
    kept = $stderr
    $stderr = StringIO.new
    yield
    $stderr.string
  ensure
    $stderr = kept
  end
end
