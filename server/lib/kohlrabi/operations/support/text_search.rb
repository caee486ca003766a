# frozen_string_literal: true

module Operations
  module Support
    # What has a word in one of its columns, by the letter: "50%" and "elm_top" are found as typed. SQLite knows no
    # escape sign until it is told one.
    module TextSearch
      extend self

      # scope: of records; columns: Array of String; word: String as typed. Returns the scope narrowed.
      def narrow(scope, columns, word)
        asked = columns.map { |column| "#{column} LIKE :like ESCAPE '\\'" }.join(" OR ")
        scope.where(asked, like: "%#{Records::Base.sanitize_sql_like(word)}%")
      end
    end
  end
end
