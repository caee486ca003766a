# frozen_string_literal: true

# What is to come ends with the work, and what is recorded counts against it. What somebody said is kept apart from what
# is left of it, with what had been worked and spent by then; steps that an event settled know it. A set can be
# made ready.
class ComeToAnEnd < ActiveRecord::Migration[7.2]
  WORK = "('bought', 'on the bench')"
  TO_COME = { seconds_to_come: :said_seconds, cost_to_come_minor: :said_cost_minor }.freeze

  def up
    add_column :pieces, :said_seconds, :integer
    add_column :pieces, :said_cost_minor, :bigint
    add_column :pieces, :said_after_seconds, :integer
    add_column :pieces, :said_after_minor, :bigint
    add_reference :step_marks, :event, foreign_key: true, index: false
    remove_check_constraint :piece_set_events, "kind IN ('listed', 'price_changed', 'sold')"
    add_check_constraint :piece_set_events, "kind IN ('ready', 'listed', 'price_changed', 'sold')"
    TO_COME.each { |left, said| carry(left, said) }
  end

  def down
    execute("DELETE FROM events WHERE piece_set_event_id IN (SELECT id FROM piece_set_events WHERE kind = 'ready')")
    execute("DELETE FROM piece_set_events WHERE kind = 'ready'")
    remove_check_constraint :piece_set_events, "kind IN ('ready', 'listed', 'price_changed', 'sold')"
    add_check_constraint :piece_set_events, "kind IN ('listed', 'price_changed', 'sold')"
    remove_reference :step_marks, :event
    %i[said_seconds said_cost_minor said_after_seconds said_after_minor].each { |name| remove_column :pieces, name }
  end

  private

  # Without a plan it was said; with one it is counted again at the next start (Operations::Flips::ToCome.complete). Past
  # the work nothing is to come.
  def carry(left, said)
    planned = "SELECT piece_id FROM looks WHERE chosen = 1 AND deletion_id IS NULL"
    execute("UPDATE pieces SET #{said} = #{left} WHERE #{left} IS NOT NULL AND id NOT IN (#{planned})")
    execute("UPDATE pieces SET #{left} = NULL WHERE id IN (#{planned})")
    execute("UPDATE pieces SET #{left} = 0 WHERE #{left} IS NOT NULL AND id IN (SELECT piece_id FROM flip_summaries WHERE stage NOT IN #{WORK})")
  end
end
