# frozen_string_literal: true

module Core
  module Scout
    # How likely a piece in a shop is gone within a week.
    LossRisk = Struct.new(:weekly, :source, keyword_init: true)

    # From own history, else by size.
    class LossRisk
      ROWS = Core.table("scout/gone")
      ENOUGH = 5

      # gone: how many watched pieces of the kind went to somebody else; weeks: how long all of them were watched
      # together; volume: m³ of this one, nil = not known (taken as medium).
      def self.estimate(kind:, gone: 0, weeks: 0, volume: nil)
        if gone >= ENOUGH && weeks.positive?
          return new(weekly: [gone / weeks.to_f, 0.95].min,
                     source: "#{gone} of your own #{kind} gone in #{weeks.round} weeks watched").freeze
        end

        row = volume ? ROWS.find { |one| one[:up_to].nil? || volume <= one[:up_to] } : ROWS[1]
        new(weekly: row[:weekly],
            source: "assumed for a #{row[:size]} piece; #{gone} of your own gone so far, #{ENOUGH} are needed").freeze
      end

      # Chance that it is still there after so many days.
      def there_after(days) = (1 - weekly)**(days / 7.0)
    end
  end
end
