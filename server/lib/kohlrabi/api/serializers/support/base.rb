# frozen_string_literal: true

module Api
  module Serializers
    module Support
      # Base of what is sent: Alba resources that speak through params[:say].
      class Base
        include Alba::Resource

        MINOR = %i[money price about].freeze # ways of showing what a record has in minor units

        helper do
          # What a record has, as it is shown: money, price or about (of its …_minor), sum (minor units under its own
          # name), day, effort or estimate; see Formatter.
          # from: by which name the record has it, where that is another.
          def said(how, *names, from: nil)
            names.each do |name|
              source = from || (Base::MINOR.include?(how) ? :"#{name}_minor" : name)
              spoken = how == :sum ? :money : how
              attribute(name) { |record| params[:formatter].public_send(spoken, record.public_send(source)) }
            end
          end
        end

        # The plain Hash of one record or an Array of several.
        def self.present(object, formatter)
          new(object, params: { formatter: formatter }).to_h
        end
      end
    end
  end
end
