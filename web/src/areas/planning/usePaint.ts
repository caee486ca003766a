// Sets the finish of zones and offers to take it back as it was, zone by zone.
import { api, ask } from "../../api/client";
import type { Look, Plan, ZoneChoice, ZonesInput } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";

const asInput = (row: ZoneChoice): Omit<ZonesInput, "zones"> => ({
  finish: row.finish,
  over: row.over,
  colour: row.colour ?? "",
  undercolour: row.undercolour ?? "",
  product: row.product ?? "",
  wear: row.wear ?? "",
  preparation: row.preparation ?? "",
  coats: row.coats ?? "",
  way: row.way ?? "",
  options: row.options,
});

export function usePaint(look: Look, page: Plan) {
  const { done } = useUndo();
  const path = { params: { path: { id: look.id } } };
  const put = (zones: string[], body: Omit<ZonesInput, "zones">) =>
    ask(api.PUT("/api/looks/{id}/zones", { ...path, body: { zones, ...body } }));
  const known = new Set(page.zones.map((zone) => zone.key));

  // Returns what the change costs, in sentences.
  const paint = async (zones: string[], body: Omit<ZonesInput, "zones">, message: string) => {
    const before = look.zones.filter((row) => zones.includes(row.zone) && known.has(row.zone));
    const { changes } = await put(zones, body);
    done(withChanges(message, changes), async () => {
      const same = new Map<string, ZoneChoice[]>();
      for (const row of before) {
        const key = JSON.stringify(asInput(row));
        same.set(key, [...(same.get(key) ?? []), row]);
      }
      for (const rows of same.values()) {
        const [row] = rows;
        if (row)
          await put(
            rows.map((one) => one.zone),
            asInput(row),
          );
      }
    });
    return changes;
  };
  return { paint };
}
