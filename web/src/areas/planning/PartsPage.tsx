// Numbers for the parts that come off, and the place each belongs to: a sheet to print, ticked off when they are back.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { NumberedPart, Plan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { SmallTable } from "../../kit/SmallTable";
import { PlanFrame } from "./PlanFrame";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export default function PartsPage() {
  const [adding, setAdding] = useState(false);
  const { done, failed } = useUndo();
  const number = async (page: Plan) => {
    const { parts } = await ask(api.POST("/api/pieces/{id}/parts/number", { params: { path: { id: page.id } } }));
    const fresh = parts.filter((part) => !page.parts.some((one) => one.id === part.id));
    done(t("partsPage.partsNumbered", { count: fresh.length }), () =>
      Promise.all(fresh.map((part) => ask(api.DELETE("/api/parts/{id}", { params: { path: { id: part.id } } })))),
    );
  };
  return (
    <PlanFrame
      title="parts"
      line={({ page }) => {
        const back = page.parts.filter((part) => part.back_on).length;
        return t("partsPage.oldDrawersOnlyFit", {
          ticket: page.ticket,
          more:
            page.parts.length === 0
              ? t("partsPage.partsNumberedYet")
              : t("partsPage.backPlace", { back, count: page.parts.length }),
        });
      }}
      actions={({ page }) => (
        <>
          <Button
            variant={page.parts.length === 0 ? "contained" : "outlined"}
            onClick={() => void number(page).catch(failed)}
          >
            {t("partsPage.numberParts")}
          </Button>
          <Button onClick={() => setAdding(true)}>{t("partsPage.addPart")}</Button>
          {page.parts.length > 0 && <Button onClick={() => window.print()}>{t("partsPage.print")}</Button>}
          <Button href={`/api/pieces/${page.id}/parts/label`}>{t("partsPage.labelTub")}</Button>
          {adding && <AddPart page={page} onClose={() => setAdding(false)} />}
        </>
      )}
    >
      {({ page }) => <Sheet page={page} />}
    </PlanFrame>
  );
}

function Sheet({ page }: { page: Plan }) {
  const { done, remove, failed } = useUndo();
  const tick = async (part: NumberedPart) => {
    const send = (back: string) =>
      ask(api.PATCH("/api/parts/{id}", { params: { path: { id: part.id } }, body: { back } }));
    await send(part.back_on ? "" : "yes");
    done(`${part.number} ${part.what} ${part.back_on ? t("partsPage.offAgain") : t("partsPage.backPlace2")}`, () =>
      send(part.back_on ? "yes" : ""),
    );
  };
  if (page.parts.length === 0) {
    return (
      <Typography sx={{ color: "text.secondary", maxWidth: "60ch" }}>{t("partsPage.eachDrawerDoorShelf")}</Typography>
    );
  }
  return (
    <SmallTable
      label={t("partsPage.numberedParts")}
      width={760}
      columns={[[t("partsPage.number")], t("partsPage.part"), t("partsPage.whereGoes"), t("partsPage.backPlace3"), ""]}
      rows={page.parts.map((part) => ({
        key: part.id,
        cells: [
          <Box key="number" component="b" sx={{ fontSize: "1.3rem" }}>{`${page.ticket} / ${part.number}`}</Box>,
          part.what,
          part.place ?? "",
          <Box key="back" sx={{ display: "flex", alignItems: "center" }}>
            <Checkbox
              checked={part.back_on !== null}
              onChange={() => void tick(part).catch(failed)}
              slotProps={{
                input: { "aria-label": t("partsPage.backPlace4", { number: part.number, what: part.what }) },
              }}
            />
            {part.back_on?.text}
          </Box>,
          <Button
            key="remove"
            size="small"
            color="inherit"
            className="no-print"
            aria-label={t("partsPage.removePart", { number: part.number })}
            onClick={() => void remove(api.DELETE("/api/parts/{id}", { params: { path: { id: part.id } } }))}
          >
            {t("partsPage.remove")}
          </Button>,
        ],
      }))}
    />
  );
}

function AddPart({ page, onClose }: { page: Plan; onClose: () => void }) {
  const save = useSave();
  return (
    <FormDialog
      title={t("partsPage.numberPart")}
      submit={t("partsPage.addPart2")}
      fields={[
        { name: "what", label: t("partsPage.what"), kind: "text" },
        { name: "place", label: t("partsPage.whereGoes2"), kind: "text" },
      ]}
      onClose={onClose}
      onSubmit={async ({ what = "", place = "" }) => {
        await save(
          api.POST("/api/pieces/{id}/parts", { params: { path: { id: page.id } }, body: { what, place } }),
          (made) => t("partsPage.partAdded", { number: made.number }),
        );
        onClose();
      }}
    />
  );
}
