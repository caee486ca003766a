// Sends photos one after the other; a bad one is refused by name and the rest are kept.
import { useState } from "react";
import { api, ask } from "../../api/client";
import { record } from "../../api/device/record";
import { useUndo } from "../session/undo";
import { t } from "../../locales/kit";

// Makes a picture small enough to send over a weak network, on the device: its longer side at most as long as the
// workshop keeps it. What the browser cannot read as a picture is sent as it is; the workshop has the last word.
const LONGEST = 2000; // pixels
const SMALL = 900_000; // bytes; less is sent as it is
const QUALITY = 0.86;

async function shrink(file: File): Promise<Blob> {
  if (file.size <= SMALL || !file.type.startsWith("image/")) return file;
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => null);
  if (!picture) return file;
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const made = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", QUALITY));
  return made && made.size < file.size ? made : file;
}

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

// owner: where it is known before there are photos.
export function useUpload(owner?: Owner) {
  const [progress, setProgress] = useState<Progress | null>(null);
  const [refused, setRefused] = useState<string[]>([]);
  const { done } = useUndo();

  // of: another owner; or what waits on this device to be told, by its reference, and then is the owner.
  const send = async (files: File[], kind: string, of: { owner?: Owner; waits?: { prospect_id: string } } = {}) => {
    const bad: string[] = [];
    const made: number[] = [];
    let kept = 0;
    for (const [place, file] of files.entries()) {
      setProgress({ done: place, of: files.length, name: file.name });
      const picture = await shrink(file);
      if (picture.size > MAX_BYTES) {
        bad.push(t("useUpload.largerThan25Mb", { file: file.name }));
        continue;
      }
      try {
        const whose = of.owner ?? owner ?? (of.waits as unknown as Owner); // a reference until it is sent
        const query = { kind, name: file.name, ...whose };
        const names = Object.values(of.waits ?? {});
        const photo = await record({ what: t("useUpload.photo", { file: file.name }), names }, ({ fetch, headers }) =>
          api.POST("/api/photos", {
            ...RAW,
            params: { query },
            body: picture as unknown as string,
            fetch,
            headers: { ...RAW.headers, ...headers },
          }),
        );
        if (photo) made.push(photo.id);
        else kept += 1;
      } catch (error) {
        const { message } = error as Error;
        bad.push(message.includes(file.name) ? message : `${file.name}: ${message}`);
      }
    }
    setProgress(null);
    setRefused(bad);
    if (kept > 0) done(t("useUpload.photosSavedDevice", { count: kept }));
    if (made.length === 0) return;
    done(t("useUpload.photosAdded", { count: made.length }), () =>
      Promise.all(made.map((id) => ask(api.DELETE("/api/photos/{id}", { params: { path: { id } } })))),
    );
  };

  return { send, progress, refused, forget: () => setRefused([]) };
}
