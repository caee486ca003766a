# frozen_string_literal: true

require "icalendar"

module Formats
  # iCalendar (RFC 5545): what is said of the days to come, for any calendar. docs/formats/calendar.md. Times are UTC,
  # so that no zone must be spelled out; whole days carry dates.
  module Calendar
    PRODUCT = "-//Kohlrabi//Bench//EN"

    # uid: stays the same as long as it is the same thing; from, to: instants, or Dates for whole days (to: the day
    # after); remind: minutes before it, nil for none.
    Entry = Struct.new(:uid, :from, :to, :summary, :text, :remind, keyword_init: true)

    extend self

    # Array of Entry; made: instant at which it was written. Returns the text of the file, lines folded and ended as the
    # standard says.
    def write(entries, made:)
      calendar = Icalendar::Calendar.new
      calendar.prodid = PRODUCT
      calendar.append_custom_property("X-WR-CALNAME", "Kohlrabi")
      calendar.publish
      entries.each { |entry| calendar.add_event(event(entry, made)) }
      calendar.to_ical
    end

    private

    def event(entry, made)
      Icalendar::Event.new.tap do |event|
        event.uid = "#{entry.uid}@kohlrabi"
        event.dtstamp = time(made)
        event.dtstart = time(entry.from)
        event.dtend = time(entry.to)
        event.summary = entry.summary
        event.description = entry.text if entry.text
        event.transp = "TRANSPARENT" if entry.from.is_a?(Date)
        remind(event, entry) if entry.remind
      end
    end

    def remind(event, entry)
      event.alarm do |alarm|
        alarm.action = "DISPLAY"
        alarm.summary = entry.summary
        alarm.description = entry.summary
        alarm.trigger = "-PT#{entry.remind}M"
      end
    end

    def time(moment)
      if moment.is_a?(Date)
        Icalendar::Values::Date.new(moment)
      else
        Icalendar::Values::DateTime.new(moment.utc,
                                        "tzid" => "UTC")
      end
    end
  end
end
