// Asks for the passcode when the server wants one: on other devices, where it listens beyond its own machine.
import { useQueryClient } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { LOCKED } from "../api/client";
import { sendAll } from "../api/device/sender";

const Passcode = lazy(() => import("./Passcode"));

export function Gate({ children }: { children: ReactNode }) {
  const [locked, setLocked] = useState(false);
  const client = useQueryClient();
  useEffect(() => {
    const lock = () => setLocked(true);
    window.addEventListener(LOCKED, lock);
    return () => window.removeEventListener(LOCKED, lock);
  }, []);
  if (!locked) return children;
  const enter = async () => {
    setLocked(false);
    await client.resetQueries();
    void sendAll();
  };
  return (
    <Suspense>
      <Passcode onEntered={enter} />
    </Suspense>
  );
}
