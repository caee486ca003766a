// The places where pieces are sold, with their fees, rents and habits, and what a price leaves in each.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ProblemError } from "../../api/client";
import { useChannels, useWorkshop } from "../../api/queries";
import type { ChannelLine } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { MARKET_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { useSettled } from "../../kit/useSettled";
import { ChannelsTable } from "./ChannelsTable";
import { useSave } from "../../kit/session/useSave";

export default function Channels() {
  const [price, setPrice] = useState("100");
  const channels = useChannels(useSettled(price, 250));
  const workshop = useWorkshop();
  const [asked, setAsked] = useState<ChannelLine | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  const refused = channels.error instanceof ProblemError ? channels.error.message : null;
  if (channels.error && !refused) return <Failure error={channels.error} again={() => void channels.refetch()} />;
  if (!channels.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const currency = workshop.data.currency;
  const assumed = channels.data.some((line) => line.usual);
  const edited = asked !== null && asked !== "new" ? asked : null;
  return (
    <>
      <PageHead
        title="Channels"
        line="Where you sell, what each place takes, and how it goes about it. Nothing is posted anywhere from here."
      >
        <Button variant="contained" onClick={() => setAsked("new")}>
          Add a channel
        </Button>
      </PageHead>
      <SubNav name="Market" pages={MARKET_PAGES} />
      <Part title="Side by side">
        <Box sx={{ mb: 2 }}>
          <TextField
            label={`At a price of, ${currency}`}
            value={price}
            onChange={(event) => setPrice(event.target.value)}
            error={refused !== null}
            helperText={refused ?? undefined}
            sx={{ width: 190 }}
          />
        </Box>
        {assumed && (
          <Typography sx={{ mb: 1 }}>
            These are what such places often take: a start, common practice, no source. Add your own, and only yours are
            shown.
          </Typography>
        )}
        <ChannelsTable lines={channels.data} currency={currency} onEdit={setAsked} />
      </Part>
      {asked !== null && (
        <FormDialog
          title={edited ? `Change ${edited.name}` : "Add a channel"}
          submit={edited ? "Save" : "Add it"}
          fields={[
            { name: "name", label: "Name", kind: "suggest", suggestions: workshop.data.lists.channels },
            { name: "fee", label: "Fee", kind: "text", unit: "%", half: true },
            { name: "fixed_fee", label: "Fixed fee", kind: "text", unit: currency, half: true },
            { name: "rent", label: "Rent a month", kind: "text", unit: currency, half: true },
            {
              name: "rent_from",
              label: "That rent holds from",
              kind: "date",
              half: true,
              help: edited ? "empty: from this month on" : "empty: for all that stood there",
            },
            { name: "places", label: "Pieces that share the rent", kind: "text", half: true },
            { name: "delivery", label: "Delivery you pay", kind: "text", unit: currency, half: true },
            { name: "habits", label: "Its habits", kind: "multiline" },
          ]}
          initial={edited?.typed ?? {}}
          extra={
            edited?.id ? (
              <Button
                color="error"
                onClick={() => {
                  void remove(api.DELETE("/api/channels/{id}", { params: { path: { id: edited.id ?? 0 } } }));
                  setAsked(null);
                }}
              >
                Remove {edited.name}
              </Button>
            ) : undefined
          }
          onClose={() => setAsked(null)}
          onSubmit={async ({ name = "", ...rest }) => {
            if (edited?.id) {
              await save(
                api.PATCH("/api/channels/{id}", { params: { path: { id: edited.id } }, body: { name, ...rest } }),
                `${name} changed`,
              );
            } else {
              await save(api.POST("/api/channels", { body: { name, ...rest } }), (made) => `${made.name} added`);
            }
            setAsked(null);
          }}
        />
      )}
    </>
  );
}
