// Calls out when something is dry, while the page is open: two short tones, a shake, a sentence. Elsewhere the calendar
// does.
import { useEffect, useRef } from "react";
import type { DryingClock } from "../../api/types";
import { useUndo } from "../../kit/session/undo";

const LONGEST = 86_400; // seconds; browsers count no further than some weeks

function ring(): void {
  navigator.vibrate?.([200, 100, 200]);
  const audio = new AudioContext();
  [0, 0.35].forEach((at) => {
    const tone = audio.createOscillator();
    tone.frequency.value = 660;
    tone.connect(audio.destination);
    tone.start(audio.currentTime + at);
    tone.stop(audio.currentTime + at + 0.22);
  });
  setTimeout(() => void audio.close(), 1500);
}

export function useDryBell(clocks: DryingClock[]): void {
  const { done } = useUndo();
  const called = useRef(new Set<string>());
  const coming = clocks.filter((clock) => !clock.over && clock.free_in > 0 && clock.free_in < LONGEST);
  const key = coming.map((clock) => `${clock.piece.id} ${clock.step} ${clock.free_in}`).join();
  const say = useRef(done);
  useEffect(() => {
    say.current = done;
  }, [done]);
  useEffect(() => {
    const timers = coming.map((clock) =>
      setTimeout(() => {
        const name = `${clock.piece.id} ${clock.step} ${clock.free}`;
        if (called.current.has(name)) return;
        called.current.add(name);
        ring();
        say.current(`${clock.piece.name}: ${clock.label} is dry, ready to go on since ${clock.free}`);
      }, clock.free_in * 1000),
    );
    return () => timers.forEach(clearTimeout);
    // The list is drawn anew each time; what it holds is in the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}
