# frozen_string_literal: true

require "securerandom"

module Records
  # The one workshop with its house rules. Pay, fees and sundries are empty until somebody sets them.
  class Workshop < Base
    validates :currency, :time_zone, presence: true
    validates :length_unit, inclusion: { in: %w[mm in] }
    validates :hours_rule, inclusion: { in: %w[bench all] }
    validates :material_rule, inclusion: { in: %w[part whole] }

    FIGURES = 1 # version of the rules by which stored figures are counted; an older workshop's are counted again (Flips::ToCome.complete)

    # A new workshop with one person in it. zone: name of its time zone.
    def self.begin!(zone)
      transaction do
        Person.create!(name: "Me") unless Person.exists?
        create!(currency: "EUR", length_unit: "mm", hours_rule: "bench", time_zone: zone, uuid: SecureRandom.uuid,
                figures_version: FIGURES)
      end
    end

    def money = Core::Units::Currency.find(currency)
    def zone = ActiveSupport::TimeZone[time_zone]

    # The local calendar date of an instant.
    def date_of(instant) = instant.in_time_zone(zone).to_date

    # Noon of a calendar day there, or now where that is earlier.
    def noon(date) = [zone.local(date.year, date.month, date.day, 12), Clock.now].min

    # The workshop's own ways where practitioners disagree, {question => choice}.
    def practices_chosen = JSON.parse(practices)

    # What a sale costs beside its fee rate: fixed fee, delivery, a booth's rent; minor units.
    def selling_minor = [fixed_fee_minor, delivery_minor, rent_minor].sum(&:to_i)

    # Fee rate as a Rational of the price; nil when none is set.
    def fee_rate = fee_rate_hundredths && Rational(fee_rate_hundredths, 10_000)
  end
end
