# frozen_string_literal: true

module Core
  # A figure with its reason: the terms it came from, or why it is undefined.
  # key, label; unit: :money (minor units), :hourly (minor units per hour), :effort (seconds), :days or :ratio;
  # amount: Integer, Rational or nil; terms: Array of Term; why: String where undefined; style: how exactly it is shown,
  # :exact, :about (an estimate), :at_most or :at_least (a limit), :chance (to 5%).
  # A plain frozen struct: every list makes thousands of them.
  Figure = Struct.new(:key, :label, :unit, :amount, :terms, :why, :style, keyword_init: true)

  # How figures are made and said.
  class Figure
    # One term of a figure. sign: "+", "−", or "÷" where the rule divides.
    Term = Struct.new(:sign, :figure, keyword_init: true)

    def initialize(key:, label:, unit:, amount:, terms: [].freeze, why: nil, style: :exact)
      super
      freeze
    end

    # A figure that stands by itself.
    def self.plain(key, label, unit, amount, why: nil)
      new(key: key, label: label, unit: unit, amount: amount, why: why)
    end

    # A figure that has no value, with why.
    def self.undefined(key, label, unit, why, terms: [])
      new(key: key, label: label, unit: unit, amount: nil, terms: terms, why: why)
    end

    # Adds up figures of one unit. signed: Array of [sign, Figure]. Undefined as soon as one of them is.
    def self.sum(key, label, unit, signed)
      terms = signed.map { |sign, figure| Term.new(sign: sign, figure: figure) }
      missing = terms.map(&:figure).find { |figure| figure.amount.nil? }
      return undefined(key, label, unit, missing.why, terms: terms) if missing

      amount = terms.sum { |term| term.sign == "−" ? -term.figure.amount : term.figure.amount }
      new(key: key, label: label, unit: unit, amount: amount, terms: terms)
    end

    # over ÷ under, scaled (an hour's seconds for pay). Undefined when either is, or on a zero base.
    def self.ratio(key, label, unit, over, under, scale: 1, zero: "#{under.label} is zero")
      terms = [Term.new(sign: "+", figure: over), Term.new(sign: "÷", figure: under)]
      why = over.amount.nil? ? over.why : under.why
      why = zero if over.amount && under.amount&.zero?
      if why && (over.amount.nil? || under.amount.nil? || under.amount.zero?)
        return undefined(key, label, unit, why,
                         terms: terms)
      end

      new(key: key, label: label, unit: unit, amount: Rational(over.amount * scale, under.amount), terms: terms)
    end

    # The same shown as an estimate, or as a limit.
    def shown(style) = self.class.new(**to_h, style: style)

    # The figure as it is read: "€207.40", "1 h 20", "12 days", "54.6%"; as an estimate "€205", "1¼ h", "55%"; nil if
    # undefined.
    def text(currency)
      return if amount.nil?

      case unit
      when :money then money(currency)
      when :hourly then exact? ? Units::MoneyText.text(amount, currency) : Units::MoneyText.rate(amount, currency)
      when :effort then exact? ? Units::Effort.text(amount) : Units::Effort.about(amount)
      when :days then amount == 1 ? "1 day" : "#{amount} days"
      when :ratio then share
      end
    end

    # The whole sum in one line: "cash profit 207.40 = 380.00 − 42.00 − 96.20 − 34.40"; zero terms are left out.
    def sentence(currency)
      shown = terms.reject { |term| term.figure.amount&.zero? && term.sign != "÷" }
      sum = shown.map.with_index do |term, index|
        sign = index.zero? && term.sign == "+" ? nil : term.sign
        [sign, term.figure.text(currency) || "?"].compact.join(" ")
      end
      [label.sub(/\A[A-Z](?=[a-z])/, &:downcase), text(currency) || "undefined",
       ("= #{sum.join(' ')}" if sum.any?)].compact.join(" ")
    end

    private

    def exact? = style == :exact

    # A chance is no finer than it is in a sentence.
    def share
      return Units::Numerals.chance(amount) if style == :chance

      "#{Units::Numerals.text(amount * 100, exact? ? 1 : 0)}%"
    end

    def money(currency)
      exact? ? Units::MoneyText.text(amount, currency) : Units::MoneyText.public_send(style, amount, currency)
    end
  end
end
