// Channels side by side: what a price leaves in each, own record, habits.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { ChannelLine } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/market";

type Props = { lines: ChannelLine[]; currency: string; onEdit?: (line: ChannelLine) => void };

function terms(line: ChannelLine): string {
  const taken = line.take_home.terms.filter((term) => term.sign === "−" && term.figure.minor !== 0);
  return (
    taken
      .map((term) => `${term.figure.label.toLowerCase()} ${term.figure.text ?? t("channelsTable.unknown")}`)
      .join(", ") || t("channelsTable.fees")
  );
}

export function ChannelsTable({ lines, currency, onEdit }: Props) {
  return (
    <SmallTable
      label={t("channelsTable.channels")}
      columns={[
        t("channelsTable.channel"),
        [t("channelsTable.get", { currency })],
        t("channelsTable.fees2"),
        [t("channelsTable.soldThere")],
        [t("channelsTable.daysMedian")],
        [t("channelsTable.soldAsking")],
        t("channelsTable.howWorks"),
        ...(onEdit ? [""] : []),
      ]}
      rows={lines.map((line) => ({
        key: line.name,
        cells: [
          <Box key="name" component="span" sx={{ fontWeight: 600 }}>
            {line.name}
          </Box>,
          line.take_home.text ?? t("channelsTable.unknown"),
          line.take_home.why ?? terms(line),
          line.sold || "–",
          line.days ?? "–",
          line.got ?? "–",
          line.usual ? t("channelsTable.assumed", { habits: line.habits }) : line.habits,
          ...(onEdit
            ? [
                line.id !== null && (
                  <Button
                    key="edit"
                    size="small"
                    className="no-print"
                    onClick={() => onEdit(line)}
                    aria-label={t("channelsTable.edit", { line: line.name })}
                  >
                    {t("channelsTable.edit2")}
                  </Button>
                ),
              ]
            : []),
        ],
      }))}
    />
  );
}
