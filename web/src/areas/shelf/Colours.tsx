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
import { t } from "../../locales/shelf";

export default function Colours() {
  const colours = useColours();
  const { data, error, refetch } = colours;
  const [asked, setAsked] = useState<Colour | "new" | null>(null);
  const { remove } = useUndo();
  if (error && !isKept(colours)) return <Failure error={error} again={() => void refetch()} />;
  if (!data) return <LinearProgress aria-label={t("colours.loading")} />;
  const own = data.colours.filter((one) => one.own);
  const take = (one: Colour) => setAsked({ ...one, id: null });
  return (
    <>
      <PageHead title={t("colours.colors")} line={t("colours.treatsEachColorPaint")}>
        <Button variant="contained" onClick={() => setAsked("new")}>
          {t("colours.addColor")}
        </Button>
      </PageHead>
      <SubNav name={t("colours.shelf")} pages={SHELF_PAGES} />
      <Part title={t("colours.colors2")}>
        {own.length === 0 ? (
          <Empty title={t("colours.colorsOwnYet")}>
            <span>{t("colours.nameColorsShelfWay")}</span>
          </Empty>
        ) : (
          <PlainList aria-label={t("colours.colors3")}>
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
                <Button size="small" onClick={() => setAsked(one)} aria-label={t("colours.edit", { name: one.name })}>
                  {t("colours.edit2")}
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  aria-label={t("colours.remove", { name: one.name })}
                  onClick={() =>
                    one.id !== null &&
                    void remove(api.DELETE("/api/colours/{id}", { params: { path: { id: one.id } } }))
                  }
                >
                  {t("colours.remove2")}
                </Button>
              </Row>
            ))}
          </PlainList>
        )}
      </Part>
      <Part title={t("colours.suggestions")}>
        <Typography sx={{ color: "text.secondary", mb: 1 }}>{t("colours.useTheseUntilHave")}</Typography>
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
                aria-label={t("colours.take", { name: one.name })}
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
      title={id ? t("colours.edit3", { colour: colour?.name }) : t("colours.addColor2")}
      submit={id ? t("colours.save") : t("colours.save2")}
      fields={[
        { name: "name", label: t("colours.name"), kind: "text" },
        { name: "note", label: t("colours.note"), kind: "text", help: t("colours.whatSoldMixed") },
      ]}
      initial={{ name: colour?.name ?? "", note: colour?.note ?? "" }}
      extra={
        <TextField
          type="color"
          label={t("colours.colorScreen")}
          value={hex}
          onChange={(event) => setHex(event.target.value)}
          helperText={t("colours.closeCanHowLight")}
          slotProps={{ input: { endAdornment: <InputAdornment position="end">{hex}</InputAdornment> } }}
        />
      }
      onClose={onClose}
      onSubmit={async ({ name = "", note = "" }) => {
        const body = { name, note, hex };
        if (id && colour) {
          const path = { params: { path: { id } } };
          await save(api.PATCH("/api/colours/{id}", { ...path, body }), t("colours.saved", { name }));
        } else {
          await save(api.POST("/api/colours", { body }), (made) => t("colours.addedColors", { made: made.name }));
        }
        onClose();
      }}
    />
  );
}
