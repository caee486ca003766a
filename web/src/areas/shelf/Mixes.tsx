// Mixes of the workshop: what they are made of and how much of them stands ready; settings of the sprayer by product.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link } from "react-router";
import { useCatalogue, useMixes } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { Swatch } from "../../kit/Swatch";
import { MixDialog } from "./MixDialog";
import { SprayPart } from "./SprayPart";
import { PlainList, Quiet } from "../../kit/layout";
import { t } from "../../locales/shelf";

// What a mix can behave like: what covers a zone.
const KINDS = ["paint", "clear", "stain", "primer"];

export default function Mixes() {
  const mixes = useMixes();
  const catalogue = useCatalogue();
  const [adding, setAdding] = useState(false);
  if (mixes.error && !isKept(mixes)) return <Failure error={mixes.error} again={() => void mixes.refetch()} />;
  if (!mixes.data || !catalogue.data) return <LinearProgress aria-label={t("mixes.loading")} />;
  const { mixes: rows } = mixes.data;
  const likes = catalogue.data.products
    .filter((one) => !one.own && KINDS.includes(one.kind))
    .map(({ key, label }) => ({ key, label }));
  const button = (
    <Button variant="contained" onClick={() => setAdding(true)}>
      {t("mixes.newMix")}
    </Button>
  );
  return (
    <>
      <PageHead title={t("mixes.mixes")} line={t("mixes.ownColorsPartsSo")}>
        {rows.length > 0 && button}
      </PageHead>
      <SubNav name={t("mixes.shelf")} pages={SHELF_PAGES} />
      {rows.length === 0 ? (
        <Empty title={t("mixes.mixesYet")}>
          <span>{t("mixes.writeDownWhatMixed")}</span>
          {button}
        </Empty>
      ) : (
        <Part title={t("mixes.mixes2")}>
          <PlainList aria-label={t("mixes.mixes")}>
            {rows.map((mix) => (
              <Box
                key={mix.id}
                component="li"
                sx={{
                  display: "flex",
                  flexWrap: "wrap",
                  columnGap: 2,
                  alignItems: "center",
                  borderBottom: 1,
                  borderColor: "divider",
                  py: 1,
                }}
              >
                <Swatch colour={mix.swatch} />
                <Box sx={{ flex: "1 1 240px", minWidth: 0 }}>
                  <Link to={`/shelf/mixes/${mix.id}`} style={{ fontWeight: 600 }}>
                    {mix.name}
                  </Link>
                  <Quiet>{`${mix.text}: ${mix.parts.map((part) => part.label).join(", ")}`}</Quiet>
                </Box>
                <Quiet>{t("mixes.version", { version: mix.version })}</Quiet>
                <Box sx={{ minWidth: 90, textAlign: "right" }}>
                  {mix.left.startsWith("0 ") ? t("mixes.noneReady") : t("mixes.ready", { left: mix.left })}
                </Box>
              </Box>
            ))}
          </PlainList>
        </Part>
      )}
      <SprayPart products={mixes.data.parts} />
      {adding && <MixDialog lists={mixes.data} likes={likes} onClose={() => setAdding(false)} />}
    </>
  );
}
