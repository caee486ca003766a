# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # What lies over a finish: stencil, metallic line, paper, wax, worn edges; and paper or wax as a finish of its own.
      class Decorating < ZoneJob
        WORN = %w[paint stain wash paper].freeze # finishes whose coat can be worn through
        SHARE = 0.15 # of the zone that a stencil or a line covers (common practice, weak)

        # Array of Task.
        def build
          add_layer(choice.finish, 0) if %w[paper wax].include?(choice.finish)
          (choice.over || []).each_with_index { |extra, index| add_layer(extra, index) }
          tasks
        end

        private

        def add_layer(extra, place)
          case extra
          when "wax" then wax
          when "paper" then paper
          when "distressed" then surface.sealed_in? || !WORN.include?(choice.finish) || add(:distressed, key: "distressed/#{place}#{recoat_suffix}",
                                                                                                         seq: place, grits: [220])
          else line(extra, place)
          end
        end

        # Bare wood drinks the first coat: there it takes a second one.
        def wax
          return wax_on(products.fetch("wax")) unless choice.finish == "wax"

          wax_on(main_product, wait: :recoat)
          wax_on(main_product, again: true)
        end

        def wax_on(row, wait: :handle, again: false)
          add(:wax, of: row, key: "wax/#{row[:key]}#{'/2' if again}#{recoat_suffix}", seq: again ? 6 : 5, materials: amount(row), wait: row[wait],
                    words: { wipe: row[:recoat], coat: again ? ", a second time" : "" }, wait_why: "wax hardens overnight")
        end

        def paper
          row = products.fetch("paper")
          paste = products.fetch("paste")
          add(:paper, of: row, key: "paper#{recoat_suffix}", materials: { row[:key] => zone.square_metres * 1.15, **amount(paste) },
                      wait: paste[:recoat])
        end

        def line(extra, place)
          row = products.standard(extra)
          add(extra.to_sym, of: row, key: "#{extra}/#{place}#{recoat_suffix}", seq: place, wait: row[:recoat], wait_why: "#{row[:label]}, dry",
                            materials: amount(row).transform_values { |millilitres| millilitres * SHARE })
        end
      end
    end
  end
end
