// Who works with this device, where that was said; remembered on it.
import { useState } from "react";
import { t } from "../../locales/kit";

const KEY = "person";

export const deviceName = t("person.whoUsesDevice");

// Id of the person, or undefined: what is noted here is theirs.
export function devicePerson(): { person_id: number } | Record<string, never> {
  const id = Number(localStorage.getItem(KEY));
  return id > 0 ? { person_id: id } : {};
}

export function useDevicePerson(): [number, (id: number) => void] {
  const [id, set] = useState(() => devicePerson().person_id ?? 0);
  return [
    id,
    (wanted) => {
      if (wanted > 0) localStorage.setItem(KEY, String(wanted));
      else localStorage.removeItem(KEY);
      set(wanted);
    },
  ];
}
