# frozen_string_literal: true

# The copies of a workshop that lie beside its database: those kept by rule, and what a restore put aside.
module Copies
  BY_RULE = /\Aworkshop-(\d{4}-\d{2}-\d{2})\.zip\z/
  PUT_ASIDE = /\.before-restore-(\d{8})-\d{6}\z/
  # path; on: Date; what: in words.
  Copy = Struct.new(:path, :on, :what, keyword_init: true)

  extend self

  # {Date => path} of the copies kept by rule. database: path.
  def by_rule(database)
    Dir[File.join(folder(database), "*.zip")].filter_map do |path|
      File.basename(path)[BY_RULE, 1]&.then do |text|
        [Date.iso8601(text), path]
      end
    end.to_h
  end

  # Array of Copy, the latest first.
  def all(database)
    kept = by_rule(database).map { |date, path| Copy.new(path: path, on: date, what: "daily copy") }
    aside = Dir["#{database}.before-restore-*"].filter_map do |path|
      text = path[PUT_ASIDE, 1]
      if text && File.size?(path)
        Copy.new(path: path, on: Date.strptime(text, "%Y%m%d"),
                 what: "kept by a restore")
      end
    end
    (kept + aside).sort_by { |copy| [copy.on, copy.path] }.reverse
  end

  # Where copies by rule are kept.
  def folder(database) = File.join(File.dirname(database), "backups")

  # What there is to bring back, in lines for a terminal.
  def lines(database)
    found = all(database)
    return ["There's no copy next to it. If you have one elsewhere, restore it with: bin/kohlrabi restore FILE"] if found.empty?

    ["Copies next to it:", *found.map { |copy| "  #{copy.path} (#{copy.what}, #{Core::Units::Calendar.text(copy.on)})" },
     "Restore one with: bin/kohlrabi restore #{found.first.path}", "What's there now is kept."]
  end
end
