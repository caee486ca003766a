// Two versions of a piece side by side: field by field, the person says which one stands.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import { useState } from "react";
import type { FieldSpec, Values } from "../../kit/fields";

type Props = {
  fields: FieldSpec[];
  opened: Values;
  theirs: Values;
  yours: Values;
  onClose: () => void;
  onChoose: (values: Values) => Promise<void>;
};

export function TwoVersions({ fields, opened, theirs, yours, onClose, onChoose }: Props) {
  // Only what this tab changed can clash; anything else stays as the other tab saved it.
  const differing = fields.filter(
    (field) => yours[field.name] !== opened[field.name] && yours[field.name] !== theirs[field.name],
  );
  const [picked, setPicked] = useState<Record<string, string>>(
    Object.fromEntries(differing.map((field) => [field.name, "yours"])),
  );
  const [error, setError] = useState<string | null>(null);
  const shown = (value: string | undefined) => value || "empty";
  const save = () => {
    const mine = Object.fromEntries(
      differing.filter((field) => picked[field.name] === "yours").map((field) => [field.name, yours[field.name] ?? ""]),
    );
    onChoose({ ...theirs, ...mine }).catch((problem: Error) => setError(problem.message));
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="two-versions">
      <DialogTitle id="two-versions">Saved in another tab meanwhile</DialogTitle>
      <DialogContent>
        {error && <Alert severity="error">{error}</Alert>}
        <p>Nothing is lost. Choose what shall stand where the two differ.</p>
        {differing.map((field) => (
          <Box key={field.name} sx={{ borderTop: 1, borderColor: "divider", py: 1 }}>
            <Box sx={{ fontWeight: 600 }} id={`clash-${field.name}`}>
              {field.label}
            </Box>
            <RadioGroup
              aria-labelledby={`clash-${field.name}`}
              value={picked[field.name]}
              onChange={(_, value) => setPicked({ ...picked, [field.name]: value })}
            >
              <FormControlLabel
                value="theirs"
                control={<Radio />}
                label={`As saved there: ${shown(theirs[field.name])}`}
              />
              <FormControlLabel
                value="yours"
                control={<Radio />}
                label={`As you have it: ${shown(yours[field.name])}`}
              />
            </RadioGroup>
          </Box>
        ))}
        {differing.length === 0 && <p>The two do not differ in anything you changed.</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Keep theirs</Button>
        <Button variant="contained" onClick={save}>
          Save as chosen
        </Button>
      </DialogActions>
    </Dialog>
  );
}
