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
import { t } from "../../locales/kit";

type Answer = { data?: { id: number; what: string }; error?: unknown; response: Response };
// id: in the order in which things were done; at: time of day.
export type Done = { id: number; at: string; message: string; undo?: (() => Promise<unknown>) | undefined };
type Undo = {
  // Says what was done; undo brings back what was before.
  done: (message: string, undo?: () => Promise<unknown>) => void;
  // Waits for a removal that was asked for, says so, and lets the server undo it by its id.
  remove: (answer: Promise<Answer>) => Promise<boolean>;
  failed: (error: unknown) => void;
  // What was done since the application was opened.
  history: Done[];
  // Undoes one of it, the last that can be unless said.
  takeBack: (id?: number) => Promise<void>;
};

// Loaded when there is something to say: the first screen loads less.
const Told = lazy(() => import("./Told"));

const MOST = 200; // things that are remembered

const UndoContext = createContext<Undo | null>(null);

export function UndoProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<(Omit<Done, "id" | "at"> & { id?: number }) | null>(null);
  const [history, setHistory] = useState<Done[]>([]);
  const all = useRef<Done[]>([]); // the same, at hand for a key that is pressed between two drawings
  const client = useQueryClient();

  const done = useCallback(
    (message: string, undo?: () => Promise<unknown>) => {
      const at = new Date().toLocaleTimeString(undefined, { hour: "2-digit", minute: "2-digit" });
      const one = { id: (all.current[all.current.length - 1]?.id ?? 0) + 1, at, message, undo };
      all.current = [...all.current, one].slice(-MOST);
      setHistory(all.current);
      setShown(one);
      void client.invalidateQueries();
    },
    [client],
  );
  const failed = useCallback((error: unknown) => {
    setShown({ message: error instanceof ProblemError ? error.message : t("undo.didntWorkTryAgain") });
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
  const takeBack = useCallback(
    async (id?: number) => {
      const last = [...all.current].reverse().find((one) => one.undo && (id === undefined || one.id === id));
      if (!last?.undo) return;
      all.current = all.current.filter((one) => one !== last);
      setHistory(all.current);
      try {
        await last.undo();
        setShown({
          message: t("undo.undone", { message: last.message.charAt(0).toLowerCase(), message2: last.message.slice(1) }),
        });
        void client.invalidateQueries();
      } catch (error) {
        all.current = [...all.current, last].sort((one, other) => one.id - other.id);
        setHistory(all.current);
        failed(error);
      }
    },
    [client, failed],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== "z" || !(event.ctrlKey || event.metaKey) || typing(event)) return;
      event.preventDefault();
      void takeBack();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [takeBack]);

  const value = useMemo(() => ({ done, remove, failed, history, takeBack }), [done, remove, failed, history, takeBack]);
  return (
    <UndoContext.Provider value={value}>
      {children}
      {shown && (
        <Suspense>
          <Told
            key={shown.message}
            message={shown.message}
            onUndo={shown.undo && (() => void takeBack(shown.id))}
            onClose={() => setShown(null)}
          />
        </Suspense>
      )}
    </UndoContext.Provider>
  );
}

export function useUndo(): Undo {
  const undo = useContext(UndoContext);
  if (!undo) throw new Error("useUndo is used outside of UndoProvider");
  return undo;
}
