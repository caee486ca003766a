// What a piece is offered with: its text in three lengths, what to do before photographing, its photos in order, and
// where it pays to offer it.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useParams } from "react-router";
import { api, ask } from "../../api/client";
import { useListing, usePiece, useWorkshop } from "../../api/queries";
import type { Listing } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { piecePages } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { ChannelsTable } from "./ChannelsTable";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { PlainList, Row } from "../../kit/layout";
import { t } from "../../locales/market";

export default function ListingPage() {
  const id = Number(useParams().id);
  const piece = usePiece(id);
  const listing = useListing(id, "");
  const workshop = useWorkshop();
  if (piece.error && !isKept(piece)) return <Failure error={piece.error} again={() => void piece.refetch()} />;
  if (listing.error && !isKept(listing)) return <Failure error={listing.error} again={() => void listing.refetch()} />;
  if (!piece.data || !listing.data || !workshop.data) return <LinearProgress aria-label={t("listingPage.loading")} />;
  const { texts, flaws, notes, price, channels } = listing.data;
  const currency = workshop.data.symbol;
  return (
    <>
      <PageHead
        title={t("listingPage.ad", { fields: piece.data.fields.name })}
        line={t("listingPage.writtenRecordsCopyWhere")}
      />
      <SubNav name={piece.data.fields.name} pages={piecePages(id)} />
      {(flaws.length > 0 || notes.length > 0) && (
        <Alert severity="warning" role="note" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
          {flaws.length > 0 && <div>{t("listingPage.mentionTheseFlawsAvoid", { flaws: flaws.join("; ") })}</div>}
          {notes.map((note) => (
            <div key={note}>{t("listingPage.tellBuyer", { note })}</div>
          ))}
        </Alert>
      )}
      <Part title={t("listingPage.text")}>
        {texts.map((text) => (
          <ListingText key={text.length} id={id} text={text} />
        ))}
      </Part>
      <PhotosPart id={id} listing={listing.data} />
      <Part title={price ? t("listingPage.whereList", { price: price.text, currency }) : t("listingPage.where")}>
        {price ? (
          <ChannelsTable lines={channels} currency={currency} />
        ) : (
          <Typography sx={{ color: "text.secondary" }}>{t("listingPage.setPriceFirstThen")}</Typography>
        )}
      </Part>
    </>
  );
}

function PhotosPart({ id, listing }: { id: number; listing: Listing }) {
  const { done, failed } = useUndo();
  const tick = async (item: string, ticked: boolean) => {
    await ask(api.PUT("/api/pieces/{id}/staging", { params: { path: { id } }, body: { item, done: ticked } }));
    done(ticked ? t("listingPage.checked") : t("listingPage.unchecked"));
  };
  const missing = listing.staging.filter((item) => !item.done).length;
  return (
    <Part
      title={t("listingPage.photos")}
      action={
        listing.photos.length > 0 && (
          <Button component="a" href={`/api/pieces/${id}/photos.zip`} download>
            {t("listingPage.downloadOneFile", {
              more: t("listingPage.photos2", { count: listing.photos.length }),
            })}
          </Button>
        )
      }
    >
      <Typography sx={{ mb: 1 }}>
        {missing === 0
          ? t("listingPage.readyPhotos")
          : t("listingPage.stillDo", { missing, count: listing.staging.length })}
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, mb: 2 }}>
        {listing.staging.map((item) => (
          <FormControlLabel
            key={item.key}
            disabled={item.by_record}
            control={
              <Checkbox checked={item.done} onChange={(_, ticked) => void tick(item.key, ticked).catch(failed)} />
            }
            label={item.by_record ? `${item.label} (${item.done ? "there" : t("listingPage.photoYet")})` : item.label}
          />
        ))}
      </Box>
      {listing.photos.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("listingPage.photosYetTakeThem")}</Typography>
      ) : (
        <PlainList component="ol" sx={{ display: "flex", flexWrap: "wrap", gap: 1.5 }}>
          {listing.photos.map((photo, place) => (
            <Box component="li" key={photo.id} sx={{ width: 150 }}>
              <Box
                component="img"
                src={photo.small}
                alt={photo.caption ?? photo.label}
                loading="lazy"
                sx={{ width: "100%", height: 110, objectFit: "cover", display: "block" }}
              />
              <Typography variant="caption">{`${place + 1}. ${photo.label}`}</Typography>
            </Box>
          ))}
        </PlainList>
      )}
    </Part>
  );
}

// One length of a listing's text: changed in place, copied in one tap, taken back to what the record says.
type Text = Listing["texts"][number];

function ListingText({ id, text }: { id: number; text: Text }) {
  const [typed, setTyped] = useState<string | null>(null);
  const { done, failed } = useUndo();
  const shown = typed ?? text.text;
  const keep = async (body: string) => {
    const length = text.length as "line" | "short" | "full";
    await ask(api.PUT("/api/pieces/{id}/listing/{length}", { params: { path: { id, length } }, body: { body } }));
    setTyped(null);
    done(body ? t("listingPage.textSaved") : t("listingPage.backOriginalText"));
  };
  const copy = async () => {
    if (!copied(shown)) await navigator.clipboard.writeText(shown);
    done(t("listingPage.copied", { text: text.label }));
  };
  return (
    <Box sx={{ mb: 2 }}>
      <TextField
        label={`${text.label}${text.changed ? t("listingPage.edited") : ""}`}
        multiline={text.length !== "line"}
        minRows={text.length === "full" ? 8 : 2}
        fullWidth
        value={shown}
        onChange={(event) => setTyped(event.target.value)}
      />
      <Row className="no-print" align="stretch">
        <Button
          size="small"
          onClick={() => void copy().catch(failed)}
          aria-label={t("listingPage.copy", { text: text.label })}
        >
          {t("listingPage.copy2")}
        </Button>
        {typed !== null && typed !== text.text && (
          <Button
            size="small"
            onClick={() => void keep(typed).catch(failed)}
            aria-label={t("listingPage.save", { text: text.label })}
          >
            {t("listingPage.save2")}
          </Button>
        )}
        {text.changed && (
          <Button
            size="small"
            color="inherit"
            onClick={() => void keep("").catch(failed)}
            aria-label={t("listingPage.backOriginal", { text: text.label })}
          >
            {t("listingPage.backOriginal2")}
          </Button>
        )}
      </Row>
    </Box>
  );
}

// Copies without asking for leave, on addresses without a certificate too, where the clipboard of the browser is
// closed.
function copied(text: string): boolean {
  const field = document.createElement("textarea");
  field.value = text;
  field.style.position = "fixed";
  document.body.append(field);
  field.select();
  const taken = document.execCommand("copy");
  field.remove();
  return taken;
}
