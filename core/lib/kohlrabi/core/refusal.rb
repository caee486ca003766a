# frozen_string_literal: true

module Core
  # Raised when what was given cannot stand. It names the field, says what is wrong and what to do, in the sentences of
  # the catalogue (data/refusals.yml). A message reads "“-5” is negative. Give 0 or more."
  class Refusal < StandardError
    attr_reader :field, :code, :params

    # code: Symbol of the catalogue, stable, for programs that act on it, never on the words; field: Symbol or nil where
    # no single field is at fault; params: what the sentences say, as text or numbers; `given` is what a person typed,
    # and is clipped. about: who or what it is said of. Raises KeyError for a code that is not in the catalogue,
    # I18n::MissingInterpolationArgument where a param is missing.
    def initialize(code, field: nil, about: nil, **params)
      @code = code
      @field = field
      @about = about
      @params = params
      super([problem, remedy].compact.join(" "))
    end

    # What is wrong, a whole sentence.
    def problem = [@about, Refusals.problem(code, params)].compact.join(": ")

    # What to do, a whole sentence; nil where nothing can be done.
    def remedy = Refusals.remedy(code, params)

    # The same refusal said of another field.
    def at(field) = self.class.new(code, field: field, about: @about, **params)

    # The same refusal, said of something by name.
    def of(name) = self.class.new(code, field: field, about: name, **params)
  end
end
