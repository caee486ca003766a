// Whether what the core says keeps a step from starting still holds, by the clock set right and by what was ticked or
// read on this device. No rule of the job is known here.
import type { Block } from "../types";
import type { Entry } from "./store";
import { clockNow } from "./reach";

function holds(block: Block, piece: number, waiting: Entry[]): boolean {
  const own = waiting.filter((entry) => entry.tick?.piece === piece && !entry.refused);
  if (block.until) return Date.parse(block.until) > clockNow();
  if (block.until_step) {
    const done = own.find((entry) => entry.tick?.step === block.until_step);
    // By this device's clock, as the tick was noted; not ticked here, it does not hold yet.
    return done !== undefined && Date.parse(done.happenedAt) + (block.wait ?? 0) * 60_000 > Date.now();
  }
  if (block.until_answer) return !own.some((entry) => `caution:${entry.tick?.caution}` === block.until_answer);
  return true;
}

// The blocks that hold now.
export const holding = (blocks: Block[], piece: number, waiting: Entry[]) =>
  blocks.filter((block) => holds(block, piece, waiting));
