# frozen_string_literal: true

# Slats, wrap, legs and the like belong to a look: on which zones, how many parts, what relief, what its wood costs.
# What was kept of such tools on a piece with a look, and not done yet, moves there; the loose steps that it had put
# into the plan give way to its own.
class PutWorkOnALook < ActiveRecord::Migration[7.2]
  TOOLS = "('slats', 'sheets', 'grooves', 'sticks', 'brackets', 'legs', 'inserts', 'fabric', 'split_top')"

  def up
    add_reference :tool_results, :look, foreign_key: true
    add_column :tool_results, :zones, :string, null: false, default: ""
    add_column :tool_results, :parts, :integer
    add_column :tool_results, :relief_thousandths, :integer
    add_column :tool_results, :cost_minor, :bigint
    execute("UPDATE tool_results SET look_id = (SELECT id FROM looks WHERE looks.piece_id = tool_results.piece_id AND chosen = 1 " \
            "AND looks.deletion_id IS NULL) WHERE tool IN #{TOOLS} AND done_on IS NULL AND deletion_id IS NULL")
    execute("DELETE FROM plan_edits WHERE tool_result_id IN (SELECT id FROM tool_results WHERE look_id IS NOT NULL)")
  end

  def down
    remove_reference :tool_results, :look
    %i[zones parts relief_thousandths cost_minor].each { |name| remove_column :tool_results, name }
  end
end
