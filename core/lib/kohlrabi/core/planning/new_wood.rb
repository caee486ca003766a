# frozen_string_literal: true

module Core
  module Planning
    # What a zone is once applied work covers it, or where it is new itself: wood that nobody has touched, whatever lies
    # under it.
    class NewWood < Surface
      def initialize(...)
        super
        @signs = []
        @findings = []
        @layers = 0
        @coating = fresh? ? :paint : :bare
      end

      def new? = true
      def old? = false
      def sealed_in? = false
      def slick? = false
      def bleeds? = false
      def veneer? = false
      def stripped? = true
      def tone = fresh? ? super : :mid
    end
  end
end
