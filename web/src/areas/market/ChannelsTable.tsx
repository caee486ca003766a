// Channels side by side: what a price leaves in each, own record, habits.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { ChannelLine } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";

type Props = { lines: ChannelLine[]; currency: string; onEdit?: (line: ChannelLine) => void };

function terms(line: ChannelLine): string {
  const taken = line.take_home.terms.filter((term) => term.sign === "−" && term.figure.minor !== 0);
  return (
    taken.map((term) => `${term.figure.label.toLowerCase()} ${term.figure.text ?? "not known"}`).join(", ") ||
    "nothing taken off"
  );
}

export function ChannelsTable({ lines, currency, onEdit }: Props) {
  return (
    <SmallTable
      label="Channels"
      columns={[
        "Channel",
        [`Take-home, ${currency}`],
        "What it takes",
        ["Sold there"],
        ["Median days"],
        ["Got of asked"],
        "Habits",
        ...(onEdit ? [""] : []),
      ]}
      rows={lines.map((line) => ({
        key: line.name,
        cells: [
          <Box key="name" component="span" sx={{ fontWeight: 600 }}>
            {line.name}
          </Box>,
          line.take_home.text ?? "not known",
          line.take_home.why ?? terms(line),
          line.sold || "–",
          line.days ?? "–",
          line.got ?? "–",
          line.usual ? `assumed: ${line.habits}` : line.habits,
          ...(onEdit
            ? [
                line.id !== null && (
                  <Button
                    key="edit"
                    size="small"
                    className="no-print"
                    onClick={() => onEdit(line)}
                    aria-label={`Change ${line.name}`}
                  >
                    Change
                  </Button>
                ),
              ]
            : []),
        ],
      }))}
    />
  );
}
