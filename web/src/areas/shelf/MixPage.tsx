// One mix: its parts, what an amount of it takes, what stands ready and how it was matched, its versions, and what was
// painted with it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api } from "../../api/client";
import { useMix, useMixes } from "../../api/queries";
import type { Mix } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { Swatch } from "../../kit/Swatch";
import { BatchRow } from "./BatchRow";
import { VersionDialog } from "./MixDialog";
import { ScalePart } from "./ScalePart";
import { PlainList, Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/shelf";

export default function MixPage() {
  const id = Number(useParams().id);
  const mix = useMix(id);
  const lists = useMixes();
  const [asked, setAsked] = useState<"version" | "name" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  const go = useNavigate();
  if (mix.error && !isKept(mix)) return <Failure error={mix.error} again={() => void mix.refetch()} />;
  if (!mix.data || !lists.data) return <LinearProgress aria-label={t("mixPage.loading")} />;
  const { data } = mix;
  const path = { params: { path: { id } } };
  const ready = data.batches.filter((batch) => !batch.empty);
  const fields = { name: data.name, swatch: data.swatch ?? "", target: data.target };
  return (
    <>
      <PageHead
        title={data.name}
        line={
          <Row wrap={false} gap={1.5}>
            <Swatch colour={data.swatch} />
            <span>
              {t("mixPage.treatedLike", { data: data.text, like: data.like })}
              {data.target && t("mixPage.match", { target: data.target })}
            </span>
          </Row>
        }
      >
        <Button variant="outlined" onClick={() => setAsked("name")}>
          {t("mixPage.nameColor")}
        </Button>
        <Button variant="outlined" onClick={() => setAsked("version")}>
          {t("mixPage.changeParts")}
        </Button>
      </PageHead>
      <SubNav name={t("mixPage.shelf")} pages={SHELF_PAGES} />
      <Proportions mix={data} />
      <ScalePart mix={data} />
      <Part title={t("mixPage.mixedReady")}>
        {ready.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>{t("mixPage.noneMixedEnterAbove")}</Typography>
        ) : (
          ready.map((batch) => <BatchRow key={batch.id} batch={batch} mix={data} choices={lists.data.parts} />)
        )}
      </Part>
      <Part title={t("mixPage.piecesPainted")}>
        {data.uses.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>{t("mixPage.noneYetChooseProduct")}</Typography>
        ) : (
          <SmallTable
            label={t("mixPage.piecesPainted")}
            columns={[t("mixPage.piece"), t("mixPage.zones"), t("mixPage.coats"), [t("mixPage.stillNeeds")]]}
            rows={data.uses.map((use) => ({
              key: use.piece.id,
              cells: [
                <Link key="piece" to={`/pieces/${use.piece.id}`}>{`${use.piece.ticket} ${use.piece.name}`}</Link>,
                use.zones || t("mixPage.longerLook"),
                use.coats
                  .map(
                    (coat) =>
                      `${coat.step ?? "taken"}, ${coat.amount}, ${coat.version ? t("mixPage.version", { version: coat.version }) : ""}${coat.on?.text}`,
                  )
                  .join("; ") || t("mixPage.noneYet"),
                use.needed ?? "nothing",
              ],
            }))}
          />
        )}
      </Part>
      <Part title={t("mixPage.versions")}>
        <SmallTable
          label={t("mixPage.versions")}
          columns={[[t("mixPage.no")], t("mixPage.parts"), t("mixPage.parts2"), t("mixPage.since"), t("mixPage.note")]}
          rows={data.versions.map((version) => ({
            key: version.id,
            strong: version.number === data.version,
            cells: [
              version.number,
              version.text,
              version.parts.map((part) => `${part.label} ${part.percent}`).join(", "),
              version.made_on?.text,
              version.note ?? "",
            ],
          }))}
        />
      </Part>
      <Button
        color="inherit"
        className="no-print"
        onClick={() =>
          void remove(api.DELETE("/api/mixes/{id}", path)).then((gone) => {
            if (gone) void go("/shelf/mixes");
          })
        }
      >
        {t("mixPage.removeMix")}
      </Button>
      {asked === "version" && <VersionDialog mix={data} lists={lists.data} onClose={() => setAsked(null)} />}
      {asked === "name" && (
        <FormDialog
          title={t("mixPage.nameColor")}
          submit={t("mixPage.save")}
          fields={[
            { name: "name", label: t("mixPage.name"), kind: "text" },
            { name: "swatch", label: t("mixPage.colorWhenDry"), kind: "colour", help: t("mixPage.set") },
            { name: "target", label: t("mixPage.whatShouldMatch"), kind: "text" },
          ]}
          initial={fields}
          onClose={() => setAsked(null)}
          onSubmit={async (body) => {
            await save(api.PATCH("/api/mixes/{id}", { ...path, body }), t("mixPage.saved", { body: body.name }));
            setAsked(null);
          }}
        />
      )}
    </>
  );
}

const COLOURS = ["primary.main", "secondary.main", "warning.main", "text.disabled"];

// The shares as lengths of one band, each named beneath it.
function Proportions({ mix }: { mix: Mix }) {
  return (
    <Box sx={{ mb: 3, maxWidth: 720 }}>
      <Row aria-hidden wrap={false} align="stretch" sx={{ gap: "2px" }}>
        {mix.parts.map((part, place) => (
          <Box
            key={part.label}
            sx={{ flex: `${parseFloat(part.percent)} 1 0`, height: 18, bgcolor: COLOURS[place % COLOURS.length] }}
          />
        ))}
      </Row>
      <PlainList aria-label={t("mixPage.shares")} sx={{ display: "flex", flexWrap: "wrap", columnGap: 3, pt: 0.5 }}>
        {mix.parts.map((part, place) => (
          <Row component="li" key={part.label} wrap={false}>
            <Box aria-hidden sx={{ width: 12, height: 12, bgcolor: COLOURS[place % COLOURS.length] }} />
            {`${part.percent} ${part.label}`}
          </Row>
        ))}
      </PlainList>
    </Box>
  );
}
