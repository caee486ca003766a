// The answers to the lead question, each with a tap; the plan follows at once.
import Button from "@mui/material/Button";
import { api, ask, undoOf } from "../api/client";
import { useCatalogue } from "../api/queries";
import { useUndo } from "./session/undo";
import { withChanges } from "./withChanges";
import { t } from "../locales/kit";

type Props = { piece: { id: number; name: string }; answer?: string | null; onAnswered?: () => void };

export function LeadAnswers({ piece, answer = null, onAnswered }: Props) {
  const catalogue = useCatalogue();
  const { done, failed } = useUndo();
  const path = { params: { path: { id: piece.id } } };
  const send = (key: string) => ask(api.POST("/api/pieces/{id}/lead", { ...path, body: { answer: key } }));
  const choose = async (key: string, label: string) => {
    const saved = await send(key);
    done(withChanges(t("leadAnswers.lead", { label }), saved.changes), undoOf(saved));
    onAnswered?.();
  };
  return (
    <>
      {(catalogue.data?.leads ?? [])
        .filter((one) => one.key !== answer)
        .map((one) => (
          <Button
            key={one.key}
            size="small"
            variant="outlined"
            className="no-print"
            sx={{ minHeight: 44 }}
            onClick={() => void choose(one.key, one.label).catch(failed)}
            aria-label={`${one.label.charAt(0).toUpperCase() + one.label.slice(1)}, ${piece.name}`}
          >
            {one.label.charAt(0).toUpperCase() + one.label.slice(1)}
          </Button>
        ))}
      {answer && (
        <Button
          size="small"
          className="no-print"
          sx={{ minHeight: 44 }}
          onClick={() => void choose("", t("leadAnswers.willAskAgain")).catch(failed)}
        >
          {t("leadAnswers.askAgain")}
        </Button>
      )}
    </>
  );
}
