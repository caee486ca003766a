// What was taken in as it came and does not fit together: how was it? A tap answers.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import { api, ask } from "../../api/client";
import type { Today } from "../../api/types";
import { useUndo } from "../../kit/session/undo";

export function QuestionLine({ question }: { question: Today["questions"][number] }) {
  const { done, failed } = useUndo();
  const answer = async (key: string) => {
    const path = { params: { path: { id: question.id } } };
    const { told } = await ask(api.POST("/api/questions/{id}/answer", { ...path, body: { answer: key } }));
    done(told, () => ask(api.DELETE("/api/questions/{id}/answer", path)));
  };
  return (
    <>
      <Box sx={{ fontWeight: 600 }}>{question.text}</Box>
      {question.kind === "short" ? (
        <Link to="/shelf">Look at the shelf</Link>
      ) : (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 0.5 }}>
          {question.answers.map(({ key, label }) => (
            <Button key={key} variant="outlined" onClick={() => void answer(key).catch(failed)}>
              {label}
            </Button>
          ))}
        </Box>
      )}
    </>
  );
}
