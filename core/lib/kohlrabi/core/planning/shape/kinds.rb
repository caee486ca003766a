# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # Kinds of furniture, from data/planning/kinds.yml, found by what people call them: "dresser", "Oak dressers", "a
      # pair of nightstands". A kind gives a form, usual measures and parts; what nobody knows by name is drawn by the
      # form that was said of it, else as a plain case.
      module Kinds
        ALL = Core.table("planning/kinds")
        BY_NAME = ALL.to_h { |row| [row[:kind], row] }.freeze
        OTHER = BY_NAME.fetch("other")
        # Forms to choose from for a word that is not known: key => [label, the kind whose usual measures it takes].
        FORMS = { "case" => ["a case: drawers, doors or shelves", "cabinet"], "table" => ["a table or desk", "table"],
                  "chair" => ["a chair", "chair"], "bench" => ["a bench or stool", "bench"], "trunk" => ["a chest with a lid", "blanket box"],
                  "frame" => ["a frame round a glass", "mirror"], "panel" => ["a flat panel, such as a headboard", "headboard"],
                  "cart" => ["a cart", "cart"], "bed" => ["a bed", "bed frame"], "other" => ["something else", "other"] }.freeze

        # Plain: small letters, one blank between words, marks as blanks, no article, one spelling.
        PLAIN = lambda do |text|
          text.to_s.downcase.tr("’", "'").gsub(/[^\p{L}\p{N}' &]/, " ").gsub("centre", "center").gsub("jewellery", "jewelry")
              .squeeze(" ").strip.sub(/\A(?:an?|the) /, "")
        end
        # {word without blanks => kind}: "tall boy" and "tallboy" are one. A kind's own name is among them.
        WORDS = ALL.flat_map do |row|
          [row[:kind], *row[:words]].map do |word|
            [PLAIN.call(word).delete(" "), row[:kind]]
          end
        end.to_h.freeze
        FAR = 3.0 # times the usual measure, or its third part
        LONGEST = 5 # words of a phrase
        REMEMBERED = 500 # words and the kinds they lead to: every row of every list asks
        NAMED = {} # rubocop:disable Style/MutableConstant
        AFTER = / (?:with|for|from|in|on|by) .*/ # what follows says more of it, not what it is

        extend self

        # Names of the kinds.
        def names = BY_NAME.keys

        # What a kind is called in a country: "dresser" in the US. name: of a kind; country: two letters or nil.
        def said(name, country) = (BY_NAME.dig(name, :us) if country == "US") || name

        # All words of the kind that a word leads to; the word alone where none does.
        def words_like(text) = name(text).then { |found| found ? [found, *BY_NAME.fetch(found)[:words]] : [text] }

        # Every word by which a kind is found, the kinds' own names first.
        def words = BY_NAME.keys.reject { |name| name == "other" } | ALL.flat_map { |row| row[:words] }

        # The name of the kind that a word leads to, or what was said ends with ("pair of oak dressers",
        # "dresser for the hall", "dresser, oak"); nil where none is known.
        def name(text)
          NAMED.clear if NAMED.size > REMEMBERED
          NAMED.fetch(text) { NAMED[text] = look_up(text) }
        end

        # What pieces are grouped and compared by: the name of the kind, else the word itself, plain. nil for nothing.
        def key(text)
          name(text) || PLAIN.call(text).then { |word| word unless word.empty? }
        end

        def known?(text) = !name(text).nil?

        # Whether a side is beyond so many times the usual of its kind, or under that part of it: asked about before it
        # is taken (assumed, no source). side: :width, :depth or :height; size: mm.
        def unusual?(text, side, size)
          return false unless known?(text)

          usual = template(text)[side]
          !size.between?(usual / FAR, usual * FAR)
        end

        # The template of a kind by any of its words. form: key of FORMS, said of a word that is not known.
        def template(text, form: nil)
          BY_NAME[name(text) || FORMS.dig(form, 1)] || OTHER
        end

        private

        def look_up(text)
          [text.to_s[/\A[^,;(]+/], text].each { |said| found(PLAIN.call(said)).then { |kind| return kind if kind } }
          nil
        end

        # A phrase that reaches over "with" first ("dresser with mirror"), then what stands before it ("desk with
        # drawers"), then the end.
        def found(plain)
          head = plain.sub(AFTER, "")
          over = plain.split.size - head.split.size
          (ending(plain, least: over + 1) if over.positive?) || ending(head) || ending(plain)
        end

        # The kind of the longest known phrase at the end, of so many words at the least.
        def ending(plain, least: 1)
          said = plain.split
          [LONGEST, said.size].min.downto(least) { |size| known(said.last(size)).then { |kind| return kind if kind } }
          nil
        end

        # The kind of a phrase or of its singular.
        def known(words)
          phrase = words.join
          [phrase, phrase.delete_suffix("s"), phrase.delete_suffix("es"), phrase.sub(/ves\z/, "f"),
           phrase.sub(/s(?=of)/, "")].each do |form|
            WORDS[form].then { |found| return found if found }
          end
          nil
        end
      end
    end
  end
end
