// Any other colour: taken as its swatch alone, or named and kept as one of the workshop's own.
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ProblemError } from "../../api/client";
import { useSave } from "../session/useSave";
import { useUndo } from "../session/undo";
import { Row } from "../layout";

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
      const made = await save(
        api.POST("/api/colours", { body: { name, hex } }),
        (colour) => `${colour.name} is one of your colours`,
      );
      onChoose(made.key);
    } catch (error) {
      if (!(error instanceof ProblemError)) return failed(error);
      setProblem(error);
    }
  };
  const errors = problem?.fields ?? {};
  return (
    <Row role="group" aria-label="Any other colour" align="start" sx={{ mt: 2 }}>
      <TextField
        size="small"
        type="color"
        label="Any other"
        value={hex}
        onChange={(event) => setHex(event.target.value)}
        sx={{ width: 96 }}
      />
      <TextField
        size="small"
        label="What you call it"
        value={name}
        onChange={(event) => setTyped(event.target.value)}
        error={!!(errors.name ?? errors.hex)}
        helperText={errors.name ?? errors.hex}
        autoComplete="off"
        sx={{ flex: "1 1 150px" }}
      />
      <Button variant="outlined" disabled={name.trim() === ""} onClick={() => void keep()}>
        Keep it
      </Button>
      <Button onClick={() => onChoose(hex)}>Take unnamed</Button>
    </Row>
  );
}
