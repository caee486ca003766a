// Any other colour: taken as its swatch alone, or named and kept as one of the workshop's own.
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ProblemError } from "../../api/client";
import { useSave } from "../session/useSave";
import { useUndo } from "../session/undo";
import { Row } from "../layout";
import { t } from "../../locales/kit";

type Props = { start: { hex: string; name: string }; onChoose: (key: string) => void };

export function NameColour({ start, onChoose }: Props) {
  const [hex, setHex] = useState(start.hex);
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const save = useSave();
  const { failed } = useUndo();
  const name = typed ?? start.name;
  const keep = async () => {
    setProblem(null);
    try {
      const made = await save(api.POST("/api/colours", { body: { name, hex } }), (colour) =>
        t("nameColour.alreadyOneColors", { colour: colour.name }),
      );
      onChoose(made.key);
    } catch (error) {
      if (!(error instanceof ProblemError)) return failed(error);
      setProblem(error);
    }
  };
  const errors = problem?.fields ?? {};
  return (
    <Row role="group" aria-label={t("nameColour.anyOtherColor")} align="start" sx={{ mt: 2 }}>
      <TextField
        size="small"
        type="color"
        label={t("nameColour.anyOther")}
        value={hex}
        onChange={(event) => setHex(event.target.value)}
        sx={{ width: 96 }}
      />
      <TextField
        size="small"
        label={t("nameColour.name")}
        value={name}
        onChange={(event) => setTyped(event.target.value)}
        error={!!(errors.name ?? errors.hex)}
        helperText={errors.name ?? errors.hex}
        autoComplete="off"
        sx={{ flex: "1 1 150px" }}
      />
      <Button variant="outlined" disabled={name.trim() === ""} onClick={() => void keep()}>
        {t("nameColour.save")}
      </Button>
      <Button onClick={() => onChoose(hex)}>{t("nameColour.useWithoutName")}</Button>
    </Row>
  );
}
