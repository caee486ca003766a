// Says what was just done and offers to take it back: by the button, or Ctrl+Z while nothing is being typed.
import { useQueryClient } from "@tanstack/react-query";
import {
  createContext,
  lazy,
  type ReactNode,
  Suspense,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { api, ask, ProblemError } from "../../api/client";
import { typing } from "./shortcuts";

type Answer = { data?: { id: number; what: string }; error?: unknown; response: Response };
type Done = { message: string; undo?: () => Promise<unknown> };
type Undo = {
  // Says what was done; undo brings back what was before.
  done: (message: string, undo?: () => Promise<unknown>) => void;
  // Waits for a removal that was asked for, says so, and lets the server undo it by its id.
  remove: (answer: Promise<Answer>) => Promise<boolean>;
  failed: (error: unknown) => void;
};

// Loaded when there is something to say: the first screen loads less.
const Told = lazy(() => import("./Told"));

const UndoContext = createContext<Undo | null>(null);

export function UndoProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Done | null>(null);
  const latest = useRef<Done | null>(null);
  const client = useQueryClient();

  const done = useCallback(
    (message: string, undo?: () => Promise<unknown>) => {
      latest.current = { message, undo };
      setShown(latest.current);
      void client.invalidateQueries();
    },
    [client],
  );
  const failed = useCallback((error: unknown) => {
    setShown({ message: error instanceof ProblemError ? error.message : "That did not work. Try again." });
  }, []);
  const remove = useCallback(
    async (answer: Promise<Answer>) => {
      try {
        const removal = await ask(answer);
        done(removal.what, () => ask(api.POST("/api/deletions/{id}/undo", { params: { path: { id: removal.id } } })));
        return true;
      } catch (error) {
        failed(error);
        return false;
      }
    },
    [done, failed],
  );
  const takeBack = useCallback(async () => {
    const last = latest.current;
    if (!last?.undo) return;
    latest.current = null;
    try {
      await last.undo();
      done(`Taken back: ${last.message.charAt(0).toLowerCase()}${last.message.slice(1)}`);
    } catch (error) {
      failed(error);
    }
  }, [done, failed]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== "z" || !(event.ctrlKey || event.metaKey) || typing(event)) return;
      event.preventDefault();
      void takeBack();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [takeBack]);

  const value = useMemo(() => ({ done, remove, failed }), [done, remove, failed]);
  return (
    <UndoContext.Provider value={value}>
      {children}
      {shown && (
        <Suspense>
          <Told
            key={shown.message}
            message={shown.message}
            onUndo={shown.undo && (() => void takeBack())}
            onClose={() => setShown(null)}
          />
        </Suspense>
      )}
    </UndoContext.Provider>
  );
}

export function useUndo(): Undo {
  const undo = useContext(UndoContext);
  if (!undo) throw new Error("useUndo stands outside of UndoProvider");
  return undo;
}
