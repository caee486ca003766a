// Sends photos one after the other; a bad one is refused by name and the rest are kept.
import { useState } from "react";
import { api, ask } from "../../api/client";
import { useUndo } from "../session/undo";

export type Owner =
  | { piece_id: number }
  | { prospect_id: number }
  | { cost_id: number }
  | { finding_id: number }
  | { stash_item_id: number }
  | { comparable_id: number }
  | { receipt_id: number };
type Progress = { done: number; of: number; name: string };

const MAX_BYTES = 25_000_000; // bytes; the server has the last word
const RAW = {
  headers: { "Content-Type": "application/octet-stream" },
  bodySerializer: (body: unknown) => body as BodyInit,
};

export function useUpload(owner: Owner) {
  const [progress, setProgress] = useState<Progress | null>(null);
  const [refused, setRefused] = useState<string[]>([]);
  const { done } = useUndo();

  const send = async (files: File[], kind: string) => {
    const bad: string[] = [];
    const made: number[] = [];
    for (const [place, file] of files.entries()) {
      setProgress({ done: place, of: files.length, name: file.name });
      if (file.size > MAX_BYTES) {
        bad.push(`${file.name} is larger than 25 MB. Send a smaller copy of it.`);
        continue;
      }
      try {
        const query = { kind, name: file.name, ...owner };
        made.push(
          (await ask(api.POST("/api/photos", { ...RAW, params: { query }, body: file as unknown as string }))).id,
        );
      } catch (error) {
        const { message } = error as Error;
        bad.push(message.includes(file.name) ? message : `${file.name}: ${message}`);
      }
    }
    setProgress(null);
    setRefused(bad);
    if (made.length === 0) return;
    done(`${made.length} ${made.length === 1 ? "photo" : "photos"} added`, () =>
      Promise.all(made.map((id) => ask(api.DELETE("/api/photos/{id}", { params: { path: { id } } })))),
    );
  };

  return { send, progress, refused, forget: () => setRefused([]) };
}
