# frozen_string_literal: true

module Operations
  module Scout
    # What to make sure of before committing: will it fit, is its height right for its use, what is inside a top to be
    # cut, what an incomplete set of pulls costs, is there room and time.
    class BeforeBuying
      # scouting: Verdicts.
      def initialize(scouting)
        @prospect = scouting.prospect
        @checks = @prospect.checks || {}
        @workshop = Support::Workshop.current
      end

      # [Core::Scout::Carrying, rows].
      def carrying
        House::Openings.carrying(@prospect, drawers: Core::Planning::Shape::Kinds.template(@prospect.kind)[:drawer_rows].present?)
      end

      # The use it is measured against: as chosen, or the usual one of its kind; "none" for none.
      def use = @checks["use"] || Core::Scout::Defaults.new(@prospect.kind, currency: @workshop.money).use
      def height = Core::Scout::Heights.check(use, @prospect.height_mm, country: @workshop.country)
      def core = Core::Scout::Cores.fetch(@checks["core"])

      # Core::Scout::Hardware, or nil before anything was counted. Raises Core::Refusal.
      def hardware
        return unless @checks["pulls_needed"]

        Core::Scout::Hardware.new(needed: count("pulls_needed"), present: count("pulls_present"), same_holes: @checks["pulls_same_holes"] == "yes",
                                  target_pay: @workshop.target_pay_minor, match_price: money("match_price"), new_price: money("new_price"),
                                  plate_price: money("plate_price"))
      end

      private

      def count(name)
        text = @checks[name] || "0"
        return text.to_i if text.match?(/\A\d{1,3}\z/)

        raise Core::Refusal.new(:not_a_number_of_pulls, field: name.to_sym, given: text)
      end

      def money(name)
        @checks[name] && Core::Units::MoneyText.parse(@checks[name], currency: @workshop.money)
      rescue Core::Refusal => e
        raise e.at(name.to_sym)
      end
    end
  end
end
