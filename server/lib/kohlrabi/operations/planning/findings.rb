# frozen_string_literal: true

module Operations
  module Planning
    # What was found on a piece while looking it over, and the workshop's own kinds of finding.
    module Findings
      FINISHING = %w[fill sand prime seal coat stain thin_wash clear oil wax apply].freeze # verbs after which what is found is mended by itself

      extend self

      # given: {"kind" | "own_finding_id", "zone"?, "measure"?, "note"?, "expected_on"?}. Returns the finding. Raises
      # Refused, NotFound.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          kind = kind(given)
          finding = piece.findings.create!(**kind, **read(given, piece, kind))
          Plans.refresh(piece.reload)
          Flips::Questions.ask_touch_up(finding) if after_ready?(piece, finding) && Flips::Lists::IN_HAND.include?(piece.summary.stage)
          finding
        end
      end

      def update(id, given)
        Records::Base.transaction do
          finding = Support::Finder.find(Records::Finding, id)
          finding.update!(read(given, finding.piece, { kind: finding.kind, own_finding: finding.own_finding }))
          Plans.refresh(finding.piece)
          finding
        end
      end

      def remove(id)
        Records::Base.transaction do
          finding = Support::Finder.find(Records::Finding, id)
          deletion = Support::Removal.of([finding], what: "Problem removed")
          Plans.refresh(finding.piece.reload)
          deletion
        end
      end

      # The same without those noted after the piece was ready, unless the person wants them touched up: they change
      # nothing by themselves.
      def planned(piece)
        left = piece.findings.select { |row| after_ready?(piece, row) && row.touch_up != "planned" }.to_set(&:id)
        core(piece).reject { |finding| left.include?(finding.id) }
      end

      # Whether a finding was noted after the event by which the piece left the bench was recorded.
      def after_ready?(piece, finding)
        return false unless RecordedWork.closed?(piece)

        left = piece.events.select { |event| Settling::LEAVES.include?(event.kind) }.map(&:created_at).min
        !left.nil? && finding.created_at > left
      end

      # What the person wants with one noted after the piece was ready. said: "planned" (touch it up) or "left".
      def touch_up(finding, said)
        finding.update!(touch_up: said)
        Plans.refresh(finding.piece.reload)
      end

      # Core::Planning::Inspection::Finding of the live findings of a piece.
      def core(piece)
        rows = Records::Base.preload_all([piece], findings: %i[own_finding photos]).first.findings
        worked = piece.step_marks.select do |mark|
          mark.event_id.nil? && FINISHING.include?(mark.deed.verb) && mark.deed.finding.nil?
        end
        rows.map do |row|
          Core::Planning::Inspection::Finding.new(id: row.id, key: row.kind, zone: row.zone, measure: row.measure, note: row.note,
                                                  expected_on: row.expected_on, own: row.own_finding && own(row.own_finding),
                                                  late: row.touch_up == "planned" || (row.zone.present? && late?(row, worked)))
        end
      end

      # Kinds of finding of the workshop's own, by label.
      def own_kinds = Records::OwnFinding.live.order(:label)

      # A kind of finding of the workshop's own. given: {"label", "walk", "says", "treatment"?, "work_kind", "time",
      # "wait"?}.
      def add_kind(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:label, max: 60, required: true)
        params.choice(:walk, Core::Planning::Inspection::Findings::WALK.keys, required: true)
        params.text(:says, max: 200, required: true)
        params.text(:treatment, max: 80)
        params.choice(:work_kind, Core::Flips::WorkKinds.keys, required: true)
        params.effort(:time, into: :seconds, required: true, bare: :minutes)
        params.with(:wait, into: :wait_minutes) { |raw| Core::Units::Effort.parse(raw, bare: :hours, most: Core::Units::Effort::LONGEST_WAIT) / 60 }
        Records::OwnFinding.create!(params.done!.compact)
      end

      def remove_kind(id)
        row = Support::Finder.find(Records::OwnFinding, id)
        Support::Removal.of([row], what: "“#{row.label}” removed from the list")
      end

      # Hash as the core's Finding takes it.
      def own(row)
        { key: row.id, label: row.label, walk: row.walk, says: row.says, treatment: row.treatment, kind: row.work_kind, minutes: row.seconds / 60,
          wait: row.wait_minutes, why: "your own" }
      end

      private

      # Whether a zone had been filled, sanded or coated when something was found on it.
      def late?(row, worked)
        worked.any? { |mark| Core::Planning::Repeats.base(mark.zone) == row.zone && mark.done_at < row.created_at }
      end

      def kind(given)
        if given["own_finding_id"]
          return { own_finding: Support::Finder.find(Records::OwnFinding,
                                                     given["own_finding_id"]) }
        end

        { kind: Core::Planning::Inspection::Findings.fetch(given["kind"].to_s)[:key] }
      end

      def read(given, piece, kind)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:zone) { |raw| Core::Planning::Shape::Zones.check!(raw, Drawing.zones(piece).map(&:key)) }
        params.with(:measure) { |raw| measure(raw, kind[:kind]) }
        params.text(:note, max: 300)
        params.day(:expected_on)
        params.done!
      end

      def measure(raw, key)
        asked = key && Core::Planning::Inspection::Findings.fetch(key)[:measure]
        raise Core::Refusal.new(:finding_has_no_measure) unless asked
        if asked[:unit] == "mm"
          return Core::Units::Length.parse(raw,
                                           unit: Support::Workshop.current.length_unit)
        end
        return raw.to_f if raw.match?(/\A\d{1,4}\z/) && raw.to_i.positive?

        raise Core::Refusal.new(:measure_impossible, given: raw, asked: asked[:label])
      end
    end
  end
end
