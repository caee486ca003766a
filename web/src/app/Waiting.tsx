// What waits on this device to be told to the workshop, in the order in which it happened; what was refused says why,
// and can be mended or thrown away.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { drop, put, useWaiting } from "../api/device/outbox";
import { useReach } from "../api/device/reach";
import { sendAll } from "../api/device/sender";
import type { Entry } from "../api/device/store";
import { newKey } from "../api/client";
import type { FieldSpec, Values } from "../kit/fields";
import { FormDialog } from "../kit/FormDialog";
import { PlainList, Row } from "../kit/layout";
import { t } from "../locales/app";

// An entry that was refused, with its words and figures to change: what was wrong stands beside the field it names.
// Once fixed, it is sent under a new key.
const LABELS: Record<string, string> = {
  what: t("waiting.what"),
  amount: t("waiting.amount"),
  effort: t("waiting.timeTook"),
  left: t("waiting.amountLeft"),
  share: t("waiting.container"),
  reason: t("waiting.whyOkDoEarly"),
  spent_on: t("waiting.day"),
  worked_on: t("waiting.day"),
};

type Body = Record<string, unknown>;
type Texts = Record<string, string>; // by where they stand: "what", "lines/0/amount"

const PARTS: Record<string, string> = { lines: t("waiting.line"), rows: t("waiting.entry") };
const FIXED = ["from", "to", "step"];

// All that is text in what was noted.
function textsOf(value: unknown, at = ""): Texts {
  if (typeof value === "string") return at && !FIXED.includes(at.split("/").pop() ?? "") ? { [at]: value } : {};
  if (typeof value !== "object" || value === null) return {};
  const inner = Object.entries(value).map(([name, one]) => textsOf(one, at ? `${at}/${name}` : name));
  return Object.assign({}, ...inner) as Texts;
}

const valueAt = (body: unknown, names: string[]) =>
  names.reduce<unknown>((one, name) => (one as Body | undefined)?.[name], body);

// The same with other texts; one that is empty and was not there is left out.
function withTexts(body: Body, texts: Values): Body {
  const copy = structuredClone(body);
  for (const [at, text] of Object.entries(texts)) {
    const names = at.split("/");
    const name = names.pop() ?? "";
    const holder = valueAt(copy, names) as Body | undefined;
    if (holder && (text !== "" || name in holder)) holder[name] = text;
  }
  return copy;
}

// "Line 2: amount".
function labelOf(at: string): string {
  const [part = "", place, ...rest] = at.split("/");
  const name = rest.pop() ?? part;
  const label = LABELS[name] ?? name.charAt(0).toUpperCase() + name.slice(1).replaceAll("_", " ");
  if (place === undefined) return label;
  return `${PARTS[part] ?? part} ${Number(place) + 1}: ${label.charAt(0).toLowerCase()}${label.slice(1)}`;
}

type Props = { entry: Entry; onClose: () => void; onMended: (entry: Entry) => Promise<void> };

function MendEntry({ entry, onClose, onMended }: Props) {
  const body = (typeof entry.body === "string" ? JSON.parse(entry.body) : {}) as Body;
  const named = (entry.refused?.errors ?? []).flatMap((error) => (error.field ? [error.field] : []));
  const texts = textsOf(body);
  const missing = named.filter((at) => valueAt(body, at.split("/")) === undefined);
  const fields = [...new Set([...named.filter((at) => at in texts), ...missing, ...Object.keys(texts)])].map(
    (at): FieldSpec => ({ name: at, label: labelOf(at), kind: "text" }),
  );
  return (
    <FormDialog
      title={t("waiting.fix", { what: entry.what })}
      submit={t("waiting.tryAgain")}
      fields={fields}
      initial={texts}
      extra={entry.refused?.detail}
      onClose={onClose}
      onSubmit={async (values) => {
        const mended = typeof entry.body === "string" ? JSON.stringify(withTexts(body, values)) : entry.body;
        await onMended({ ...entry, body: mended, key: newKey(), refused: undefined });
      }}
    />
  );
}

const at = (entry: Entry) =>
  new Date(entry.happenedAt).toLocaleString(undefined, { weekday: "short", hour: "2-digit", minute: "2-digit" });

// What builds on something goes with it.
const family = (entry: Entry, all: Entry[]) =>
  all.filter((one) => one === entry || one.names.includes(entry.reference));

export default function Waiting({ onClose }: { onClose: () => void }) {
  const waiting = useWaiting();
  const { within } = useReach();
  const [mending, setMending] = useState<Entry | null>(null);
  const [asked, setAsked] = useState<Entry | null>(null);
  const again = async (entry: Entry) => {
    for (const one of family(entry, waiting)) await put({ ...one, refused: undefined });
    await sendAll();
  };
  const away = async (entry: Entry) => {
    for (const one of family(entry, waiting)) await drop(one.id);
    setAsked(null);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="what-waits" fullWidth maxWidth="sm">
      <DialogTitle id="what-waits">{t("waiting.waitingSync")}</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
          {waiting.length === 0 ? t("waiting.everythingSynced") : t("waiting.theseSyncOrderSoon")}
        </Typography>
        <PlainList>
          {waiting.map((entry) => (
            <Box component="li" key={entry.id} sx={{ borderTop: 1, borderColor: "divider", py: 1 }}>
              <Row wrap={false} gap={2} align="stretch" sx={{ justifyContent: "space-between" }}>
                <Box component="span" sx={{ fontWeight: 600 }}>
                  {entry.what}
                </Box>
                <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
                  {at(entry)}
                </Box>
              </Row>
              {entry.refused && <Alert severity="error">{entry.refused.detail}</Alert>}
              {asked === entry ? (
                <Box role="alert">
                  {t("waiting.discardGood", {
                    more: family(entry, waiting).length > 1 ? t("waiting.alsoDiscardsWhatDepends") : "",
                  })}
                  <Button color="error" onClick={() => void away(entry)}>
                    {t("waiting.discard")}
                  </Button>
                  <Button onClick={() => setAsked(null)}>{t("waiting.keep")}</Button>
                </Box>
              ) : (
                <Box>
                  {entry.refused && entry.refused.status !== 424 && (
                    <>
                      <Button onClick={() => setMending(entry)}>{t("waiting.fix2")}</Button>
                      <Button onClick={() => void again(entry)}>{t("waiting.tryAgain2")}</Button>
                    </>
                  )}
                  <Button color="inherit" onClick={() => setAsked(entry)}>
                    {t("waiting.discard2")}
                  </Button>
                </Box>
              )}
            </Box>
          ))}
        </PlainList>
      </DialogContent>
      <DialogActions>
        {waiting.some((entry) => !entry.refused) && (
          <Button onClick={() => void sendAll()}>{within ? t("waiting.syncNow") : t("waiting.tryConnect")}</Button>
        )}
        <Button variant="contained" onClick={onClose}>
          {t("waiting.close")}
        </Button>
      </DialogActions>
      {mending && (
        <MendEntry
          entry={mending}
          onClose={() => setMending(null)}
          onMended={async (mended) => {
            setMending(null);
            await put(mended);
            await again(mended);
          }}
        />
      )}
    </Dialog>
  );
}
