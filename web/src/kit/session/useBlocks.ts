// What keeps a step from being started or done now; looked at again as time passes.
import { useEffect, useState } from "react";
import { holding } from "../../api/device/blocks";
import { useWaiting } from "../../api/device/outbox";
import { clockNow } from "../../api/device/reach";
import type { Block, Step } from "../../api/types";

const SOON = 24 * 3600_000; // ms; a timer of the browser runs no longer than some weeks

export function useBlocks(step: Step, piece: number): Block[] {
  const waiting = useWaiting();
  const [, look] = useState(0);
  const held = holding(step.blocks, piece, waiting);
  const ends = held.flatMap((block) => (block.until ? [Date.parse(block.until) - clockNow()] : []));
  const next = ends.length > 0 ? Math.min(...ends, SOON) : held.some((block) => block.until_step) ? 60_000 : null;
  useEffect(() => {
    if (next === null) return;
    const timer = setTimeout(() => look((times) => times + 1), Math.max(next, 1000));
    return () => clearTimeout(timer);
  }, [next]);
  return held;
}

// Those that time alone ends: a step is not done before.
export const drying = (blocks: Block[]) => blocks.filter((block) => block.until ?? block.until_step);
