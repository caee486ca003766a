# frozen_string_literal: true

require "fileutils"
require "io/console"
require "thor"

# The command line, bin/kohlrabi. Each command goes through the operations, as the interface does.
class Cli < Thor
  WORDS = { taken: "taken", bad: "wrong", repeat: "already there, left out (--again imports it)" }.freeze

  class << self
    def exit_on_failure? = true

    # What stands in the way of all commands is said in a sentence, never by a trace.
    def start(*)
      super
    rescue Records::Unusable, DataLock::Held => e
      stop(e.message)
    rescue SystemCallError, SQLite3::Exception, ActiveRecord::ActiveRecordError => e
      trouble = Storage.trouble(e) || (e if e.is_a?(SystemCallError)) or raise
      stop("#{trouble.to_s.delete_suffix('.')}. The data folder is #{Folder.path}. To use another, set KOHLRABI_HOME.")
    end

    private

    def stop(message)
      warn message
      exit 1
    end
  end

  class_option :demo, type: :boolean, default: false, desc: "Use the demo's data instead of yours"

  desc "serve", "Start your workshop on this computer"
  option :port, type: :numeric, default: 4646, desc: "Port; if it's taken, the next free one is used (with --lan it has to be free)"
  option :lan, type: :boolean, default: false, desc: "Let other devices on your network connect, encrypted, with a passcode"
  option :address, type: :string, desc: "With --lan: only this address of the computer"
  option :certificate, type: :string, desc: "With --lan: use your own certificate (PEM file) instead of the workshop's"
  option :key, type: :string, desc: "With --certificate: its key (PEM file)"
  option :plain_http_that_anybody_on_the_network_can_read, type: :boolean, default: false,
                                                           desc: "With --lan: not encrypted"
  option :begin_anew, type: :boolean, default: false,
                      desc: "Start a new workshop where the old database is missing or empty"
  def serve
    lock = lock("serve").tap(&:serve)
    open_workshop(begin_anew: options[:begin_anew])
    Server.run(port: options[:port], lan: options[:lan] ? lan : nil) { |address| lock.served_at(address) }
  end

  desc "passcode", "Set the passcode for other devices (asked for, or read from standard input)"
  def passcode
    open_workshop
    ask_passcode
    say "The passcode is set. Other devices have to enter it again."
  end

  desc "demo", "Start the demo, a made-up workshop in its own folder"
  option :port, type: :numeric, default: 4647, desc: "Port; if it's taken, the next free one is used"
  option :fresh, type: :boolean, default: false,
                 desc: "Start the demo over, dated from today; what you tried in it is lost"
  def demo
    database = Folder.database(demo: true)
    lock = DataLock.new(File.dirname(database), as: "demo").tap(&:serve)
    wipe(lock, File.dirname(database)) if options[:fresh]
    lock.share
    Records::Database.open(database, begin_anew: true)
    complete_figures
    unless Records::Piece.exists?
      say "Setting up the demo …"
      Demo::Workshop.load { |done, of| progress("pieces", done, of) }
    end
    Server.run(port: options[:port]) { |address| lock.served_at(address) }
  end

  desc "import FILE", "Import a spreadsheet of past flips: CSV, XLSX, or ODS (docs/formats/flips-csv.md)"
  option :skip_bad, type: :boolean, default: false,
                    desc: "Import the good rows, and skip bad rows and unknown columns"
  option :again, type: :boolean, default: false, desc: "Import rows even if their name and date are already there"
  option :columns, type: :hash, default: {},
                   desc: "How to match columns, like Item:name Paid:purchase (Color: leaves that column out)"
  def import(file)
    fail_with("There's no file #{file}.") unless File.file?(file)
    open_workshop
    sheet = Operations::Books::Spreadsheet.new(File.binread(file), again: options[:again],
                                                                   skip_bad: options[:skip_bad], columns: options[:columns])
    tell(sheet)
    sheet.take! { |done, of| progress("flips", done, of) }
    taken = sheet.outcomes.count { |outcome| outcome.state == :taken }
    say "#{taken} #{taken == 1 ? 'flip' : 'flips'} imported, #{sheet.outcomes.size - taken} left out."
  rescue Core::Refusal => e
    fail_with(e.message)
  rescue Operations::Support::Refused
    fail_with("Nothing was imported. Fix the file, or skip the bad rows with --skip-bad.")
  end

  desc "report", "All flips and their totals as JSON (docs/formats/report-json.md)"
  option :json, type: :boolean, default: true, desc: "JSON on standard output"
  option :year, type: :string, desc: "Only flips sold in that year"
  def report
    year = options[:year]
    fail_with("“#{year}” isn't a year. Type it like 2026.") if year && !year.match?(/\A\d{4}\z/)
    open_workshop
    puts JSON.pretty_generate(Operations::Books::Report.build(year: year))
    left_out = year ? Operations::Books::Report.left_out(year) : 0
    return unless left_out.positive?

    warn "#{left_out} kept, given away or scrapped in #{year} aren't in a report by sale date."
  end

  desc "calendar", "Sessions, drying times, and reminders as iCalendar (docs/formats/calendar.md)"
  def calendar
    open_workshop
    puts Operations::Bench::Feed.text
  end

  desc "export WHAT", "Write flips, costs, hours, or sales as CSV, or the journal, to standard output (docs/formats)"
  def export(what)
    fail_with("“#{what}” isn't one of #{Operations::Books::Exports::WHAT.join(', ')}.") unless Operations::Books::Exports::WHAT.include?(what.to_sym)
    open_workshop
    puts Operations::Books::Exports.public_send(what)
  end

  desc "backup FILE", "Save the whole workshop with its photos in one file (docs/formats/archive.md)"
  def backup(file)
    open_workshop
    Backups.write(file) { |done, of| progress("parts", done, of) }
    say "#{file}: #{Records::Piece.count} flips and #{Records::Photo.count} photos. Keep a copy on another device."
  rescue SystemCallError => e
    fail_with("#{file} can't be written: #{e.message}.")
  end

  desc "restore FILE", "Replace the workshop with a backup, and keep the old one next to it; stop the server first"
  def restore(file)
    fail_with("There's no file #{file}.") unless File.file?(file)
    database = Folder.database(demo: options[:demo])
    DataLock.new(File.dirname(database), as: "restore").alone
    before = Restore.new(file, database).run { |done, of| progress("tables", done, of) }
    say "Restored: #{Records::Piece.count} flips.#{" The old workshop is kept as #{before}." if before}"
  rescue Core::Refusal => e
    fail_with("#{e.message} Nothing was changed.")
  end

  desc "doctor", "Recalculate every flip and compare it with the saved figures"
  option :mend, type: :boolean, default: false, desc: "Save the recalculated figures"
  def doctor
    Storage.full?(File.dirname(Folder.database(demo: options[:demo]))) ? open_copy : open_workshop
    Operations::House::Doctor.mend if options[:mend]
    findings = Operations::House::Doctor.examine { |done, of| progress("flips", done, of) }
    findings.each { |finding| say finding }
    fail_with("#{findings.size} problems. To save the recalculated figures, run it with --mend.") if findings.any?
    say "Everything is fine: #{Records::Piece.count} flips, all figures correct."
  end

  no_commands do
    # The addresses to be announced, once there is a passcode. Ends the program where there is none to be had.
    def lan
      check_certificate
      addresses = options[:address] ? [Network.check_address(options[:address])] : Network.addresses
      fail_with("This computer has no address on a local network. Connect it, or set one with --address.") if addresses.empty?
      ask_passcode unless Operations::House::Access.passcode?
      house = house_certificate(addresses)
      Server::Lan.new(addresses: addresses, house: house,
                      **(house&.files || { certificate: options[:certificate], key: options[:key] }))
    rescue Core::Refusal => e
      fail_with(e.message)
    end

    # The house's own, unless another was given or none is wanted.
    def house_certificate(addresses)
      wanted = !options[:certificate] && !options[:plain_http_that_anybody_on_the_network_can_read]
      return unless wanted

      HouseCertificate.new(File.dirname(Folder.database(demo: options[:demo])), addresses,
                           names: Network.names)
    end

    def check_certificate
      files = [options[:certificate], options[:key]].compact
      missing = files.find { |file| !File.readable?(file) }
      fail_with("Can't read the file #{missing}.") if missing
      fail_with("A certificate needs its key. Give both or neither.") if files.one?
      Network.check_certificate(*files) if files.any?
    end

    def ask_passcode
      $stderr.print "Passcode for other devices (at least #{Operations::House::Access::SHORTEST} characters): " if $stdin.tty?
      text = ($stdin.tty? ? $stdin.noecho(&:gets) : $stdin.gets).to_s.chomp
      $stderr.puts if $stdin.tty?
      Operations::House::Access.passcode = text
    rescue Core::Refusal => e
      fail_with("#{e.message} Set one with bin/kohlrabi passcode.")
    end

    # Open for as long as the command runs, beside others that do the same.
    def open_workshop(**how)
      lock(current_command_chain.last.to_s).share
      Records::Database.open(Folder.database(demo: options[:demo]), **how)
      complete_figures
    end

    # The disk is full, and nothing can be opened there.
    def open_copy
      fail_with(Storage::FULL.to_s) if options[:mend]
      warn "The disk is full. Free up some space. This check uses a copy."
      folder = Dir.mktmpdir
      at_exit { FileUtils.rm_rf(folder) }
      Records::Database.open_copy(Folder.database(demo: options[:demo]), folder)
    end

    # Said apart from what a command prints: it may be read by another program.
    def complete_figures
      Operations::Flips::Summaries.bring_up_to_date { |number| warn "Updating the figures of #{number} flips …" }
    end

    def lock(name) = @lock ||= DataLock.new(File.dirname(Folder.database(demo: options[:demo])), as: name)

    # All but the locks, which others may wait for.
    def wipe(lock, folder)
      lock.alone
      FileUtils.rm_rf(Dir.children(folder).reject do |name|
        name == DataLock::FOLDER
      end.map { |name| File.join(folder, name) })
    end

    def tell(sheet)
      sheet.problems.each { |problem| say problem }
      sheet.outcomes.each do |outcome|
        details = outcome.problems + outcome.remarks
        word = WORDS.fetch(outcome.state)
        say "Row #{outcome.row}, #{outcome.name.empty? ? 'no name' : outcome.name}: #{[word, *details].join('; ')}"
      end
    end

    def progress(what, done, of)
      $stderr.print "\r#{done} of #{of} #{what}#{"\n" if done == of}" if $stderr.tty?
    end

    def fail_with(message)
      warn message
      exit 1
    end
  end
end
