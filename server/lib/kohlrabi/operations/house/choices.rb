# frozen_string_literal: true

module Operations
  module House
    # Lists to choose from: fixed ones of the core, and the sources and channels this workshop has used.
    module Choices
      extend self

      def all
        { currencies: Core::Units::Currency.all.map do |currency|
          { key: currency.code, label: "#{currency.code} #{currency.name}" }
        end,
          currency_of: Core::Units::Currency::REGIONS, time_zones: zones, countries: countries,
          kinds: Planning::Kinds.words(used(Records::Piece, :kind)), forms: forms,
          work_kinds: Core::Flips::WorkKinds::ALL.map do |row|
            row.slice(:key, :label, :count).merge(dusty: Core::Planning::Dangers::DUSTY.include?(row[:key]))
          end,
          conditions: Core::Scout::Conditions::ALL.map { |row| row.slice(:key, :label, :looks, :assumes) },
          uses: uses,
          cores: choices(Core::Scout::Cores.choices), cut_bases: choices(Core::Scout::TagRule::BASES),
          cautions: %i[saw glass].to_h { |key| [key, Core::Planning::Cautions.text(key)] },
          sources: used(Records::Piece, :source) | used(Records::Prospect, :source),
          channels: Market::Channels.all.map(&:name) | used(Records::Sale, :channel) | used(Records::Listing, :channel),
          makers: used(Records::Piece, :maker) }
      end

      # Identifiers of the tz database, as they are kept.
      def zones
        @zones ||= (["Etc/UTC"] + TZInfo::Timezone.all_identifiers.grep(%r{\A(Africa|America|Asia|Atlantic|Australia|Europe|Indian|Pacific)/})).freeze
      end

      # Countries by their two letters, as the tz database names them.
      def countries
        @countries ||= TZInfo::Country.all.map { |row| { key: row.code, label: row.name } }.sort_by { |row| row[:label] }.freeze
      end

      # The values used most, at most 50.
      def used(model, column)
        model.where.not(column => nil).group(column).order(Arel.sql("COUNT(*) DESC")).limit(50).pluck(column)
      end

      private

      def uses = choices(Core::Scout::Heights.choices(Support::Workshop.current.country))
      def choices(labels) = labels.map { |key, label| { key: key, label: label } }

      # Forms to say of a kind that is not known.
      def forms = Core::Planning::Shape::Kinds::FORMS.map { |key, (label, _)| { key: key, label: label } }
    end
  end
end
