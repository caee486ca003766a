# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Support
        # Base of what is sent: Alba resources that speak through params[:say].
        class Base
          include Alba::Resource

          helper do
            # An amount of the record, said as money, day or effort under its own name.
            def said(how, *names, from: nil)
              names.each do |name|
                attribute(name) do |record|
                  params[:say].public_send(how, record.public_send(from || (how == :money ? :"#{name}_minor" : name)))
                end
              end
            end
          end

          # The plain Hash of one record or an Array of several.
          def self.present(object, say)
            new(object, params: { say: say }).to_h
          end
        end
      end
    end
  end
end
