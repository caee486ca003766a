# frozen_string_literal: true

module Formats
  # One flip on one page: before and after, its days, what was done, and its figures.
  class FlipCard
    PICTURE = [240, 190].freeze # points

    # piece: Records::Piece. Raises Core::Refusal when its events cannot stand.
    def initialize(piece)
      @piece = piece
      @flip = Operations::Flips::FlipRecords.of(piece)
      @workshop = Operations::Support::Workshop.current
      @paper = Paper.new(piece.name)
    end

    def to_s
      @paper.heading(@piece.name, line: line)
      pictures
      @paper.part("How it went")
      @paper.table(days, widths: [200, 120])
      @paper.part("What was done")
      done.each { |text| @paper.text(text) }
      @paper.part("Figures, #{@workshop.currency}")
      @paper.table(figures, widths: [150, 90, 250], right: [1])
      @paper.to_s
    end

    private

    def line
      [@piece.ticket_text, @piece.kind, @piece.maker, @piece.made_about, @flip.chain.stage].compact_blank.join(" · ")
    end

    # The first photo before and the last one after, side by side; where one is missing, it is said.
    def pictures
      return @paper.quiet("No before or after photos.") unless @piece.photos.map(&:kind).intersect?(%w[before
                                                                                                       after])

      document = @paper.document
      top = document.cursor
      picture("before", @piece.photos.find { |photo| photo.kind == "before" }, [0, top])
      picture("after", @piece.photos.reverse.find { |photo| photo.kind == "after" }, [PICTURE[0] + 16, top])
      document.move_cursor_to(top - PICTURE[1] - 18)
    end

    def picture(kind, photo, corner)
      path = photo && Pictures.path(photo.fingerprint)
      if path && File.file?(path)
        @paper.document.image(path, at: corner, fit: PICTURE)
      else
        @paper.document.stroke_color(Paper::QUIET)
        @paper.document.stroke_rectangle(corner, *PICTURE)
      end
      @paper.document.draw_text(photo ? kind.capitalize : "#{kind.capitalize}: no photo",
                                at: [corner[0] + 4, corner[1] - PICTURE[1] - 12], size: 9)
    end

    def days
      turnaround = @flip.turnaround(Operations::Support::Workshop.today)
      events = @flip.chain.events.map { |event| [event.label, event.on ? Core::Units::Calendar.text(event.on) : "date not known"] }
      events + [*turnaround.parts, turnaround.whole].filter_map do |figure|
        [figure.label, figure.text(@workshop.money)] if figure.amount
      end
    end

    def done
      work = @flip.work.by_kind.select { |_, seconds| seconds.positive? }
                  .map { |kind, seconds| "#{Core::Flips::WorkKinds.label(kind)} #{Core::Units::Effort.text(seconds)}" }
      look = @piece.chosen_look
      finishes = look ? look.look_zones.map { |zone| Core::Planning::Finishes.label(zone.finish) }.uniq : []
      [work.join(" · "), ("Finish: #{finishes.join(', ')}" if finishes.any?),
       (Operations::Flips::Techniques.text(@piece) if @piece.technique_tags.any?)]
        .compact_blank.presence || ["No hours recorded."]
    end

    def figures
      statement = @flip.statement(@workshop.hours_rule, overhead: @workshop.overhead_minor)
      statement.figures.map do |figure|
        unit = figure.unit == :hourly ? "an hour" : ""
        [figure.label, figure.text(@workshop.money) || "undefined", figure.why || unit]
      end
    end
  end
end
