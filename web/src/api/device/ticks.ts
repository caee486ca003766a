// A plan as it stands with what was ticked or read on this device and was not told yet.
import type { Plan, Today } from "../types";
import type { Entry } from "./store";

export function withTicks(page: Plan, waiting: Entry[]): Plan {
  const own = waiting.flatMap((entry) => (entry.tick?.piece === page.id && !entry.refused ? [entry.tick] : []));
  if (!page.plan || own.length === 0) return page;
  const done = new Set(own.map((one) => one.step));
  const read = new Set(own.map((one) => one.caution));
  const steps = page.plan.steps.map((step) => ({
    ...step,
    ...(done.has(step.key) ? { state: "done" as const } : {}),
    cautions: step.cautions.map((one) => (read.has(one.key) ? { ...one, confirmed: true } : one)),
  }));
  return { ...page, plan: { ...page.plan, steps } };
}

// Today without the steps that were ticked on this device and are not told yet.
export function withoutTicked(today: Today, waiting: Entry[]): Today {
  const done = new Set(waiting.map(({ tick }) => tick?.step && `${tick.piece} ${tick.step}`));
  const rows = today.now.rows.filter((row) => !done.has(`${row.piece.id} ${row.step}`));
  if (rows.length === today.now.rows.length) return today;
  return { ...today, now: { ...today.now, rows, lit: rows[0] === today.now.rows[0] ? today.now.lit : null } };
}
