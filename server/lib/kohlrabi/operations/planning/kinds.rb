# frozen_string_literal: true

module Operations
  module Planning
    # Words for kinds that are the workshop's own, each with the form it is drawn in: asked for once.
    module Kinds
      CORE = Core::Planning::Shape::Kinds

      extend self

      # Form of a word that the core does not know; nil where nobody has said.
      def form(kind)
        word = CORE.key(kind) or return
        Support::Context.once(:own_kinds) { Records::OwnKind.order(:word).to_h { |row| [row.word, row.form] } }[word]
      end

      # Whether a word says what to draw, here or in the core.
      def known?(kind) = CORE.known?(kind) || !form(kind).nil?

      # Keeps the form of a word that is not known. given: {"kind", "kind_form"?}. Must run in a transaction. Raises
      # Refused.
      def keep(given)
        form = given["kind_form"].to_s
        return if form.empty? || CORE.key(given["kind"]).nil? || CORE.known?(given["kind"])

        params = Support::Params.new(given, Support::Workshop.current)
        params.choice(:kind_form, CORE::FORMS.keys, into: :form)
        Records::OwnKind.find_or_initialize_by(word: CORE.key(given["kind"])).update!(params.done!)
        Support::Context.forget(:own_kinds)
      end

      # Words to choose from, those used here first.
      def words(used) = used | Records::OwnKind.order(:word).map(&:word) | CORE.words
    end
  end
end
