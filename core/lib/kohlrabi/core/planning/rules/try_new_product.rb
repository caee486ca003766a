# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What nobody here has used yet is tried on a hidden spot first.
      class TryNewProduct < Rule
        rule "Try what is new",
             on: "a product of the workshop's own that was not used before with success",
             why: "nobody here has used it yet"
        STOP = 20 # minutes after which it is given up

        def applies?
          row = main_product
          finished? && row && row[:like] && brief.experiences.none? { |one| one.product == row[:key] && one.worked }
        end

        def plan
          row = main_product
          add(:try_product, of: row, key: "try-product/#{row[:key]}", seq: 5, wait: row[:recoat] || 0,
                            try: { product: row[:key], stop: STOP, fallback: products.standard(row[:kind])[:label] })
        end
      end
    end
  end
end
