// Keys of what is asked for, by area: ["shelf", "mix", 3]. What begins alike can be asked for again together.
export type Area = "scout" | "flips" | "planning" | "bench" | "shelf" | "tools" | "market" | "books" | "house";

export const keysOf =
  (area: Area) =>
  (name: string, ...of: unknown[]) =>
    [area, name, ...of] as const;
