# frozen_string_literal: true

require_relative "../support/records_helper"
require_relative "../../../core/spec/support_any_piece"
require_relative "../support/older_database"

# Marks, edits, moves, timers, experience and hours are kept by verb and parameters, not by keys of today's rules.
RSpec.describe Records::OfDeed do
  describe "a workshop that kept keys" do
    include_context "with an older database"

    # Keys as rules have written them, with the verb that each stands for today.
    def steps
      briefs = # they came later
        (0...40).map do |seed|
          AnyPiece.brief(seed).tap do |brief|
            brief.look.works = brief.look.fittings = []
          end
        end
      @steps ||= briefs.flat_map { |brief| planning::Planner.new(brief).plan.steps }.uniq(&:key)
    end

    def planning = Core::Planning

    it "keeps every mark, edit, move, experience and hour under its step", :own_data do
      older(20_261_127_000_005)
      connection = ActiveRecord::Base.connection
      stamp = "'2026-01-01', '2026-01-01'"
      connection.execute("INSERT INTO pieces (id, ticket, name, created_at, updated_at) VALUES (1, 1, 'Old chest', #{stamp})")
      keys = steps.map(&:key) + %w[own-3 scuff~1 clear/clear_water/2~1/face2 coat/paint|paint_all|#102030/2#3]
      keys.each do |key|
        text = connection.quote(key)
        connection.execute("INSERT INTO step_marks (piece_id, step, zone, label, work_kind, seconds, done_at, created_at, updated_at) " \
                           "VALUES (1, #{text}, 'top', 'x', 'sanding', 60, '2026-01-01', #{stamp})")
        connection.execute("INSERT INTO session_moves (piece_id, step, day, created_at, updated_at) VALUES (1, #{text}, '2026-01-02', #{stamp})")
      end
      connection.execute("INSERT INTO plan_edits (piece_id, kind, step, other, created_at, updated_at) " \
                         "VALUES (1, 'before', 'wash', 'dust~2', #{stamp})")
      connection.execute("INSERT INTO experiences (piece_id, step, product, worked, happened_on, created_at, updated_at) " \
                         "VALUES (1, NULL, 'paint_all', 1, '2026-01-01', #{stamp})")
      brought_up
      expect([records::StepMark.order(:id).map(&:step),
              records::SessionMove.order(:id).map(&:step)]).to eq([keys, keys])
      verbs = records::StepMark.order(:id).first(steps.size).map { |mark| mark.deed.verb }
      expect(verbs).to eq(steps.map { |step| planning::Verbs.name_of(step.first) })
      expect(records::StepMark.order(:id).map(&:deed)).to eq(keys.map { |key| planning::Deed.read(key) })
      expect([records::PlanEdit.first.step, records::PlanEdit.first.other,
              records::Experience.first.step]).to eq(["wash", "dust~2", nil])
      ActiveRecord::MigrationContext.new(records::Database::MIGRATIONS).down(20_261_127_000_005)
      expect(ActiveRecord::Base.connection.select_values("SELECT step FROM step_marks ORDER BY id")).to eq(keys)
    end
  end
end
