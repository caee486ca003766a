// The workshop's own colours: by what name a tin, a mix, a plan and a listing speak of them.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import { useColours } from "../../api/queries";
import type { Colour } from "../../api/types";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { useSave } from "../../kit/session/useSave";
import { useUndo } from "../../kit/session/undo";
import { SubNav } from "../../kit/SubNav";
import { Swatch } from "../../kit/Swatch";
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { FormDialog } from "../../kit/FormDialog";
import { PlainList, Row } from "../../kit/layout";

export default function Colours() {
  const colours = useColours();
  const { data, error, refetch } = colours;
  const [asked, setAsked] = useState<Colour | "new" | null>(null);
  const { remove } = useUndo();
  if (error && !isKept(colours)) return <Failure error={error} again={() => void refetch()} />;
  if (!data) return <LinearProgress aria-label="Loading" />;
  const own = data.colours.filter((one) => one.own);
  const take = (one: Colour) => setAsked({ ...one, id: null });
  return (
    <>
      <PageHead title="Colours" line="A paint is a product in a colour: white never stands in for green.">
        <Button variant="contained" onClick={() => setAsked("new")}>
          New colour
        </Button>
      </PageHead>
      <SubNav name="Shelf" pages={SHELF_PAGES} />
      <Part title="Yours">
        {own.length === 0 ? (
          <Empty title="No colour of your own yet">
            <span>
              Name what stands on your shelf as you call it. Plans, tins, mixes and listings speak of it by that name.
            </span>
          </Empty>
        ) : (
          <PlainList aria-label="Colours of your own">
            {own.map((one) => (
              <Row
                component="li"
                key={one.key}
                wrap={false}
                gap={2}
                sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}
              >
                <Swatch colour={one.hex} size={44} />
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Box sx={{ fontWeight: 600 }}>{one.name}</Box>
                  <Typography variant="body2" sx={{ color: "text.secondary" }}>
                    {[`${one.tone}, ${one.hex}`, one.note].filter(Boolean).join(" · ")}
                  </Typography>
                </Box>
                <Button size="small" onClick={() => setAsked(one)} aria-label={`Change ${one.name}`}>
                  Change
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  aria-label={`Remove ${one.name}`}
                  onClick={() =>
                    one.id !== null &&
                    void remove(api.DELETE("/api/colours/{id}", { params: { path: { id: one.id } } }))
                  }
                >
                  Remove
                </Button>
              </Row>
            ))}
          </PlainList>
        )}
      </Part>
      <Part title="To begin with">
        <Typography sx={{ color: "text.secondary", mb: 1 }}>
          Names to choose from until you have your own; take one to call it something else or to note what it is.
        </Typography>
        <Box
          sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 1fr)", md: "repeat(4, 1fr)" } }}
        >
          {data.colours
            .filter((one) => !one.own)
            .map((one) => (
              <Button
                key={one.key}
                color="inherit"
                onClick={() => take(one)}
                aria-label={`Take ${one.name}`}
                sx={{ justifyContent: "flex-start", gap: 1.5, textTransform: "none" }}
              >
                <Swatch colour={one.hex} />
                {one.name}
              </Button>
            ))}
        </Box>
      </Part>
      {asked && <ColourDialog colour={asked === "new" ? null : asked} onClose={() => setAsked(null)} />}
    </>
  );
}

// A colour named, or changed: what has it keeps it.
// colour: to be changed, or, without an id, to begin from.
type Props = { colour: Colour | null; onClose: () => void };

function ColourDialog({ colour, onClose }: Props) {
  const save = useSave();
  const [hex, setHex] = useState(colour?.hex ?? "#6d8ca1");
  const id = colour?.id ?? null;
  return (
    <FormDialog
      title={id ? `Change ${colour?.name}` : "A colour of your own"}
      submit={id ? "Save" : "Keep it"}
      fields={[
        { name: "name", label: "What you call it", kind: "text" },
        { name: "note", label: "Note", kind: "text", help: "what it is bought or mixed as" },
      ]}
      initial={{ name: colour?.name ?? "", note: colour?.note ?? "" }}
      extra={
        <TextField
          type="color"
          label="On the screen"
          value={hex}
          onChange={(event) => setHex(event.target.value)}
          helperText="near what it is: how light it is decides the number of coats"
          slotProps={{ input: { endAdornment: <InputAdornment position="end">{hex}</InputAdornment> } }}
        />
      }
      onClose={onClose}
      onSubmit={async ({ name = "", note = "" }) => {
        const body = { name, note, hex };
        if (id && colour) {
          const path = { params: { path: { id } } };
          await save(api.PATCH("/api/colours/{id}", { ...path, body }), `${name} saved`);
        } else {
          await save(api.POST("/api/colours", { body }), (made) => `${made.name} is one of your colours`);
        }
        onClose();
      }}
    />
  );
}
