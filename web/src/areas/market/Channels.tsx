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
import { t } from "../../locales/market";

export default function Channels() {
  const [price, setPrice] = useState("100");
  const channels = useChannels(useSettled(price, 250));
  const workshop = useWorkshop();
  const [asked, setAsked] = useState<ChannelLine | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  const refused = channels.error instanceof ProblemError ? channels.error.message : null;
  if (channels.error && !refused) return <Failure error={channels.error} again={() => void channels.refetch()} />;
  if (!channels.data || !workshop.data) return <LinearProgress aria-label={t("channels.loading")} />;
  const currency = workshop.data.symbol;
  const assumed = channels.data.some((line) => line.usual);
  const edited = asked !== null && asked !== "new" ? asked : null;
  return (
    <>
      <PageHead title={t("channels.channels")} line={t("channels.whereSellWhatEach")}>
        <Button variant="contained" onClick={() => setAsked("new")}>
          {t("channels.addChannel")}
        </Button>
      </PageHead>
      <SubNav name={t("channels.market")} pages={MARKET_PAGES} />
      <Part title={t("channels.compare")}>
        <Box sx={{ mb: 2 }}>
          <TextField
            label={t("channels.price", { currency })}
            value={price}
            onChange={(event) => setPrice(event.target.value)}
            error={refused !== null}
            helperText={refused ?? undefined}
            sx={{ width: 190 }}
          />
        </Box>
        {assumed && <Typography sx={{ mb: 1 }}>{t("channels.theseBuiltGuessesOnce")}</Typography>}
        <ChannelsTable lines={channels.data} currency={currency} onEdit={setAsked} />
      </Part>
      {asked !== null && (
        <FormDialog
          title={edited ? t("channels.edit", { edited: edited.name }) : t("channels.addChannel")}
          submit={edited ? t("channels.save") : t("channels.add")}
          fields={[
            { name: "name", label: t("channels.name"), kind: "suggest", suggestions: workshop.data.lists.channels },
            { name: "fee", label: t("channels.fee"), kind: "text", unit: "%", half: true },
            { name: "fixed_fee", label: t("channels.fixedFee"), kind: "text", unit: currency, half: true },
            { name: "rent", label: t("channels.rentPerMonth"), kind: "text", unit: currency, half: true },
            {
              name: "rent_from",
              label: t("channels.rentSince"),
              kind: "date",
              half: true,
              help: edited ? t("channels.blankMonth") : t("channels.blankEverythingThere"),
            },
            { name: "places", label: t("channels.piecesSharingRent"), kind: "text", half: true },
            { name: "delivery", label: t("channels.deliveryPay"), kind: "text", unit: currency, half: true },
            { name: "habits", label: t("channels.howWorks"), kind: "multiline" },
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
                {t("channels.remove", { edited: edited.name })}
              </Button>
            ) : undefined
          }
          onClose={() => setAsked(null)}
          onSubmit={async ({ name = "", ...rest }) => {
            if (edited?.id) {
              await save(
                api.PATCH("/api/channels/{id}", { params: { path: { id: edited.id } }, body: { name, ...rest } }),
                t("channels.changed", { name }),
              );
            } else {
              await save(api.POST("/api/channels", { body: { name, ...rest } }), (made) =>
                t("channels.added", { made: made.name }),
              );
            }
            setAsked(null);
          }}
        />
      )}
    </>
  );
}
