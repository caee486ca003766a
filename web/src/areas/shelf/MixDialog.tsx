// A mix begun, from nothing or from one that is common; or the next version of one.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import type { Mix, Mixes } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { asInput, asRows, NO_PART, type PartRow, PartRows } from "./PartRows";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/shelf";

type Props = { lists: Mixes; likes: { key: string; label: string }[]; onClose: () => void };

export function MixDialog({ lists, likes, onClose }: Props) {
  const [preset, setPreset] = useState<Mixes["presets"][number] | null>(null);
  const [rows, setRows] = useState<PartRow[]>([{ product: "paint_chalk", colour: "", label: "", parts: "1" }, NO_PART]);
  const save = useSave();
  const go = useNavigate();
  const begin = (one: Mixes["presets"][number]) => {
    setPreset(one);
    setRows(asRows(one.parts));
  };
  return (
    <FormDialog
      title={t("mixDialog.newMix")}
      submit={t("mixDialog.saveMix")}
      fields={[
        { name: "name", label: t("mixDialog.name"), kind: "text" },
        {
          name: "like",
          label: t("mixDialog.treatLike"),
          kind: "select",
          options: likes,
          help: t("mixDialog.dryingTimesCoverageCautions"),
        },
        {
          name: "swatch",
          label: t("mixDialog.colorWhenDry"),
          kind: "colour",
          help: t("mixDialog.set"),
          half: true,
        },
        { name: "target", label: t("mixDialog.whatShouldMatch"), kind: "text" },
      ]}
      initial={{ like: "paint_chalk" }}
      extra={
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Row role="group" aria-label={t("mixDialog.start")}>
            <Typography variant="body2">{t("mixDialog.start2")}</Typography>
            {lists.presets.map((one) => (
              <Button
                key={one.key}
                size="small"
                variant={preset === one ? "contained" : "outlined"}
                onClick={() => begin(one)}
              >
                {one.label}
              </Button>
            ))}
          </Row>
          {preset && (
            <Typography variant="body2" sx={{ color: "text.secondary" }}>
              {preset.why}
            </Typography>
          )}
          <PartRows rows={rows} set={setRows} choices={lists.parts} />
        </Box>
      }
      onClose={onClose}
      onSubmit={async ({ name = "", like = "", swatch = "", target = "" }) => {
        const made = await save(
          api.POST("/api/mixes", { body: { name, like, swatch, target, parts: asInput(rows) } }),
          (made) => t("mixDialog.saved", { made: made.name }),
        );
        void go(`/shelf/mixes/${made.id}`);
      }}
    />
  );
}

export function VersionDialog({ mix, lists, onClose }: { mix: Mix; lists: Mixes; onClose: () => void }) {
  const [rows, setRows] = useState<PartRow[]>(asRows(mix.parts));
  const { done } = useUndo();
  return (
    <FormDialog
      title={t("mixDialog.version", { mix: mix.name, version: mix.version + 1 })}
      submit={t("mixDialog.saveVersion")}
      fields={[
        { name: "note", label: t("mixDialog.whatChanged"), kind: "text", help: t("mixDialog.lighterWarmerThinner") },
      ]}
      extra={<PartRows rows={rows} set={setRows} choices={lists.parts} />}
      onClose={onClose}
      onSubmit={async ({ note = "" }) => {
        const path = { params: { path: { id: mix.id } } };
        await ask(api.POST("/api/mixes/{id}/versions", { ...path, body: { note, parts: asInput(rows) } }));
        done(t("mixDialog.versionSavedEarlierOnes", { version: mix.version + 1 }));
        onClose();
      }}
    />
  );
}
