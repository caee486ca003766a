# frozen_string_literal: true

module Operations
  module Shelf
    # What was mixed and stands on the shelf: a container of the mix's product that bears what its parts cost. What is
    # added to a batch makes a new batch of the rest and the addition, so that what pieces took before keeps its price.
    module Batches
      THOUSANDTHS = Containers::THOUSANDTHS

      extend Support::Refusing

      extend self

      # Batches of a mix, the latest first.
      def of(mix)
        found = Containers.containers([Mixes.key(mix)], %i[draws mix_version ingredients additions]).reverse
        by_id = found.index_by(&:id) # what a batch came of is one of them
        found.each do |batch|
          batch.association(:from_batch).target = by_id[batch.from_batch_id] if by_id.key?(batch.from_batch_id)
        end
      end

      # given: {"amount", "place"?, "keeps_until"?, "aside"? (parts that are on no shelf are not taken from it), "more"?
      # (there was more than the shelf says)}. Returns the container.
      def make(mix_id, given)
        Records::Base.transaction do
          mix = Support::Finder.find(Records::Mix, mix_id)
          version = Mixes.latest(mix)
          values = read(given, :amount, required: true)
          amounts = amounts(version, values.delete(:amount))
          batch = create(version, amounts.values.sum, values)
          cost = fill(batch, amounts.slice(*Mixes.products(version).keys), given)
          batch.update!(paid_minor: cost)
          batch
        end
      end

      # To match a colour. given: {"product"? | "label"?, "amount", "said"?, "trip"?, "aside"?, "more"?}. The mix gets a
      # version of these parts. Returns the new batch.
      def add(id, given)
        Records::Base.transaction do
          old, present = there(id)
          key, label = Mixes.part(given)
          values = read(given, :amount, required: true)
          amount = values[:amount]
          labels = labels(old.mix_version)
          after = present.merge(key || label => present.fetch(key || label, 0) + amount)
          parts = after.map do |part, ml|
            [products(old).fetch(part, part == key ? key : nil), labels.fetch(part, label), ml]
          end
          version = Mixes.keep(old.mix_version.mix, parts.reject { |_, _, ml| ml.zero? }, values[:said])
          grow(old, version, [[key, label, amount]], given, said: values[:said], trip: given["trip"] == true)
        end
      end

      # Adds the least that makes it the latest version. Returns the new batch.
      def correct(id, given)
        Records::Base.transaction do
          old, = there(id)
          version = Mixes.latest(old.mix_version.mix)
          adds = correction(old, version).adds.reject { |_, amount| amount.zero? }
          refuse(:mixed_by_this_version, field: :version) if adds.empty?
          labels = labels(version)
          grow(old, version, adds.map { |key, ml| [Mixes.products(version)[key], labels.fetch(key), ml] }, given,
               said: "corrected to version #{version.number}", trip: false)
        end
      end

      # Core::Shelf::Mix::Correction of what is left of a batch. Raises Refused where it cannot be corrected.
      def correction(batch, version)
        Mixes.core(version).correction(present(batch))
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:version)]
      end

      # {part's key => ml} of what is left of a batch.
      def present(batch)
        left = Containers.core(batch).left
        left.positive? ? Mixes.core(batch.mix_version).amounts(left) : {}
      end

      # Core::Shelf::MatchingLog of a batch: what went in since it was first mixed; nil where nothing did.
      def log(batch)
        chain = [batch]
        chain << chain.last.from_batch while chain.last.from_batch
        return if chain.size == 1

        first = chain[-2]
        original = Rational(first.ingredients.find do |draw|
          draw.container_id == chain.last.id
        end.amount_thousandths, THOUSANDTHS)
        Core::Shelf::MatchingLog.new(original, chain.reverse.flat_map { |one| one.additions.map { |row| entry(row) } })
      end

      # {part's key => ml} that add up to an amount. Raises Refused.
      def amounts(version, amount)
        Mixes.core(version).amounts(amount)
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      private

      def entry(row)
        Core::Shelf::MatchingLog::Entry.new(key: row.part, label: row.label, amount: Rational(row.amount_thousandths, THOUSANDTHS), said: row.said,
                                            trip: row.trip, on: row.added_on)
      end

      # [the batch, what is left in it]. Raises Refused where nothing is.
      def there(id)
        batch = Support::Finder.find(Records::Container, id)
        refuse(:not_mixed_here, field: :batch) unless batch.mix_version
        left = present(batch)
        refuse(:batch_used_up, field: :batch) if left.empty?
        [batch, left]
      end

      # A new batch of what is left of the old one and what goes in. adds: [[product key or nil, label, ml]].
      def grow(old, version, adds, given, **said)
        core = Containers.core(old)
        batch = create(version, core.left + adds.sum(&:last),
                       old.attributes.symbolize_keys.slice(:place, :keeps_until, :note), from_batch: old)
        Records::Draw.create!(container: old, batch: batch, amount_thousandths: (core.left * THOUSANDTHS).round, amount_minor: core.worth.to_i,
                              drawn_on: Support::Workshop.today)
        cost = fill(batch, adds.to_h { |key, _, ml| [key, ml] }.compact.except(nil), given)
        batch.update!(paid_minor: core.worth_with(cost))
        adds.each do |key, label, ml|
          batch.additions.create!(part: key || label, label: label, amount_thousandths: (ml * THOUSANDTHS).round,
                                  added_on: Support::Workshop.today, **said)
        end
        batch
      end

      def create(version, amount, values, **given)
        Records::Container.create!(product: Mixes.key(version.mix), size_thousandths: (amount * THOUSANDTHS).round, bought_on: Support::Workshop.today,
                                   mix_version: version, **values.except(:said), **given)
      end

      # Takes parts from the shelf. Returns their cost; nil where they were not taken, for nobody knows it then.
      def fill(batch, amounts, given)
        return if given["aside"] == true && amounts.any?

        amounts.sum { |key, ml| Draws.into(batch, key, ml, more: given["more"] == true) }
      end

      def labels(version) = Mixes.core(version).parts.to_h { |part| [part.key, part.label] }

      def products(batch) = Mixes.products(batch.mix_version)

      def read(given, amount, required:)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(amount, required: required) { |raw| above_zero(Core::Units::Quantity.parse(raw, unit: "ml", house: Support::Workshop.current.length_unit)) }
        params.text(:place, max: 60)
        params.day(:keeps_until)
        params.text(:said, max: 200)
        params.done!
      end

      def above_zero(amount)
        return Rational((amount * THOUSANDTHS).round, THOUSANDTHS) if amount.between?(1/1000r, 1_000_000)

        raise Core::Refusal.new(:amount_to_mix_impossible)
      end
    end
  end
end
