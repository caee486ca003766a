// Where practitioners disagree: this workshop's own ways, with the reason beside each; plans follow them at once.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { api, ask } from "../../api/client";
import { useCatalogue, useKeepWorkshop } from "../../api/queries";
import type { Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";

export function WorkshopPractices({ workshop }: { workshop: Workshop }) {
  const catalogue = useCatalogue();
  const keep = useKeepWorkshop();
  const { done, failed } = useUndo();
  const choose = async (question: string, label: string, before: string, key: string) => {
    const send = (version: number, choice: string) =>
      ask(api.PATCH("/api/workshop", { body: { lock_version: version, practices: { [question]: choice } } })).then(
        keep,
      );
    const saved = await send(workshop.lock_version, key);
    done(`${label} saved`, () => send(saved.lock_version, before));
  };
  if (!catalogue.data) return null;
  return (
    <Part title="How we work">
      {catalogue.data.practices.map((practice) => (
        <Box
          key={practice.question}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", sm: "300px 1fr" },
            gap: { xs: 0.5, sm: 3 },
            alignItems: "center",
            mb: 2,
          }}
        >
          <TextField
            select
            label={practice.label}
            value={practice.chosen}
            onChange={(event) =>
              void choose(practice.question, practice.label, practice.chosen, event.target.value).catch(failed)
            }
          >
            {practice.choices.map((choice) => (
              <MenuItem key={choice.key} value={choice.key}>
                {choice.label}
              </MenuItem>
            ))}
          </TextField>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {practice.choices.map((choice) =>
              choice.key === practice.chosen ? (
                <b key={choice.key}>{`${choice.label}: ${choice.why}. `}</b>
              ) : (
                `${choice.label}: ${choice.why}. `
              ),
            )}
          </Typography>
        </Box>
      ))}
    </Part>
  );
}
