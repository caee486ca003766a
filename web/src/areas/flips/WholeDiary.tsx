// Everything that happened to a piece in order: dates, costs, work, steps, photos, changes of mind.
import Box from "@mui/material/Box";
import { useDiary } from "../../api/queries";
import { Entries, Entry } from "../../kit/Entry";

const WORDS: Record<string, string> = {
  bought: "bought",
  event: "date",
  cost: "cost",
  shelf: "shelf",
  work: "work",
  step: "step",
  photo: "photo",
  note: "note",
};

export function WholeDiary({ id, currency }: { id: number; currency: string }) {
  const { data } = useDiary(id, true);
  if (!data) return null;
  return (
    <Entries>
      {data.map((line, place) => (
        <Entry
          key={place}
          day={line.on?.text ?? "no date"}
          name={line.text}
          {...(line.money
            ? { amount: `${line.money.text} ${currency}` }
            : line.effort
              ? { amount: line.effort.text }
              : {})}
        >
          <Box component="span" sx={{ color: "text.secondary", display: "inline-block", minWidth: 64 }}>
            {WORDS[line.kind]}
          </Box>
          {line.text}
        </Entry>
      ))}
    </Entries>
  );
}
