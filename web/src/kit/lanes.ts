// Finds a lane for each label that stands to the right of its stem, so that no label meets another label or a stem.
// From the right: a label further left goes above those whose stems it would cross.
type Label = { at: number; width: number };

export function lanes(labels: Label[]): number[] {
  const order = labels.map((_, place) => place).sort((a, b) => (labels[b]?.at ?? 0) - (labels[a]?.at ?? 0) || b - a);
  const result = new Array<number>(labels.length).fill(0);
  const placed: number[] = [];
  for (const place of order) {
    const { at, width } = labels[place] as Label;
    const blocked = placed
      .filter((other) => (labels[other] as Label).at < at + width + 4)
      .map((other) => result[other] as number);
    // A stem reaches down from its own lane to the scale: everything up to the highest blocked lane is taken.
    result[place] = blocked.length ? Math.max(...blocked) + 1 : 0;
    placed.push(place);
  }
  return result;
}
