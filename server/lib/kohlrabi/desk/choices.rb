# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Lists to choose from: fixed ones of the core, and the sources and channels this workshop has used.
    module Choices
      module_function

      def all
        { currencies: Core::Units::Currency.all.map { |currency| { key: currency.code, label: "#{currency.code} #{currency.name}" } },
          time_zones: zones, kinds: (Core::Shape::Kinds.names - ["other"]) | used(Records::Piece, :kind),
          work_kinds: Core::Work::Kinds::ALL.map { |row| row.slice(:key, :label, :count) },
          sources: used(Records::Piece, :source), channels: used(Records::Sale, :channel) | used(Records::Listing, :channel) }
      end

      # Identifiers of the tz database, as they are kept.
      def zones
        @zones ||= (["Etc/UTC"] + TZInfo::Timezone.all_identifiers.grep(%r{\A(Africa|America|Asia|Atlantic|Australia|Europe|Indian|Pacific)/})).freeze
      end

      # The values used most, at most 50.
      def used(model, column)
        model.where.not(column => nil).group(column).order(Arel.sql("COUNT(*) DESC")).limit(50).pluck(column)
      end
      private_class_method :used
    end
  end
end
