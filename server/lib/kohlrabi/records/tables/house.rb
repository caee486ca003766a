# frozen_string_literal: true

require "securerandom"

module Records
  # What one request changed: rows is a JSON array of Journal::Entry.
  class Act < Base
  end

  # One act of removal; undoing it brings back exactly what it hid.
  class Deletion < Base
    validates :what, presence: true
  end

  # That something which a device noted was taken in, under the reference made there. Kept for ever, so that it
  # counts once.
  class Fact < Base
  end

  # The answer that was given to a POST, kept under the key that came with it.
  class IdempotencyKey < Base
  end

  # A device that gave the passcode; only a fingerprint of its token is kept.
  class Session < Base
  end

  # The passcode for other devices, as bcrypt keeps it.
  class Passcode < Base
  end

  # A passcode that was given and not, or not yet, found right.
  class PasscodeTry < Base
  end

  # Somebody who works here.
  class Person < Base
    validates :name, presence: true, uniqueness: true
  end

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
    def amounts = Core::Units::MoneyWriter.new(money)
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

  # A kind of furniture that the core has no word for, and the form it is drawn in.
  class OwnKind < Base
  end

  # A kind of finding that the workshop added to the list.
  class OwnFinding < Base
    include Removable
  end

  # How the sprayer was set for a product, kept by its key.
  class SpraySetting < Base
  end

  # A load space, door or stair that pieces must pass.
  class Opening < Base
    include Removable

    validates :name, presence: true
  end

  # Hours of a person: of a weekday, or of one date, which goes before it. Without times nobody works then.
  class WorkingHours < Base
    self.table_name = "working_hours"

    belongs_to :person
  end

  # A date on which nothing is worked outdoors.
  class WetDay < Base
    validates :day, presence: true
  end

  # Temperature and humidity of the workshop at one moment: entered, from a sensor, or simulated.
  class ClimateReading < Base
    validates :source, inclusion: { in: %w[entered sensor simulated] }
  end

  # What is aimed at in a year.
  class Goal < Base
  end

  # Money of the workshop that belongs to no flip: tools and overhead spent, filming and gifts received.
  class WorkshopEntry < Base
    include Removable
  end

  # A line of a piece's diary that no other record holds: what a change did to its figures, or what somebody noted.
  class DiaryEntry < Base
    include Removable

    belongs_to :piece
  end
end
