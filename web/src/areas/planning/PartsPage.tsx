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

export default function PartsPage() {
  const [adding, setAdding] = useState(false);
  const { done, failed } = useUndo();
  const number = async (page: Plan) => {
    const { parts } = await ask(api.POST("/api/pieces/{id}/parts/number", { params: { path: { id: page.id } } }));
    const fresh = parts.filter((part) => !page.parts.some((one) => one.id === part.id));
    done(`${fresh.length} parts numbered`, () =>
      Promise.all(fresh.map((part) => ask(api.DELETE("/api/parts/{id}", { params: { path: { id: part.id } } })))),
    );
  };
  return (
    <PlanFrame
      title="parts"
      line={({ page }) => {
        const back = page.parts.filter((part) => part.back_on).length;
        return `${page.ticket}. ${page.parts.length === 0 ? "No parts numbered yet" : `${back} of ${page.parts.length} are back`}. Old drawers fit only their own place.`;
      }}
      actions={({ page }) => (
        <>
          <Button
            variant={page.parts.length === 0 ? "contained" : "outlined"}
            onClick={() => void number(page).catch(failed)}
          >
            Number its parts
          </Button>
          <Button onClick={() => setAdding(true)}>Add a part</Button>
          {page.parts.length > 0 && <Button onClick={() => window.print()}>Print</Button>}
          <Button href={`/api/pieces/${page.id}/parts/label`}>Ticket for the tub</Button>
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
    done(`${part.number} ${part.what} ${part.back_on ? "is off again" : "is back"}`, () =>
      send(part.back_on ? "yes" : ""),
    );
  };
  if (page.parts.length === 0) {
    return (
      <Typography sx={{ color: "text.secondary", maxWidth: "60ch" }}>
        Drawers, doors, shelves and tubs of screws get a number to write on the back in pencil, and the place they go
        back to.
      </Typography>
    );
  }
  return (
    <SmallTable
      label="Numbered parts"
      width={760}
      columns={[["Number"], "Part", "Its place", "Back", ""]}
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
              slotProps={{ input: { "aria-label": `${part.number} ${part.what} is back` } }}
            />
            {part.back_on?.text}
          </Box>,
          <Button
            key="remove"
            size="small"
            color="inherit"
            className="no-print"
            aria-label={`Remove part ${part.number}`}
            onClick={() => void remove(api.DELETE("/api/parts/{id}", { params: { path: { id: part.id } } }))}
          >
            Remove
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
      title="Number a part"
      submit="Add part"
      fields={[
        { name: "what", label: "What is it", kind: "text" },
        { name: "place", label: "Where it belongs", kind: "text" },
      ]}
      onClose={onClose}
      onSubmit={async ({ what = "", place = "" }) => {
        await save(
          api.POST("/api/pieces/{id}/parts", { params: { path: { id: page.id } }, body: { what, place } }),
          (made) => `Part ${made.number} added`,
        );
        onClose();
      }}
    />
  );
}
