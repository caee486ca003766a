// In the shop: four inputs and the answer.
import LinearProgress from "@mui/material/LinearProgress";
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { PageHead } from "../../kit/PageHead";
import { EMPTY } from "./given";
import { ProspectEditor } from "./ProspectEditor";

export default function NewProspect() {
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { done } = useUndo();
  if (!workshop.data) return <LinearProgress aria-label="Loading" />;
  return (
    <>
      <PageHead title="Spot a piece" line="Kind, tag, condition, resale: what is the most you should pay?" />
      <ProspectEditor
        initial={EMPTY}
        workshop={workshop.data}
        submit="Save and watch"
        onSave={async (given) => {
          const made = await ask(api.POST("/api/prospects", { body: given }));
          done(`${made.title} noted`, () =>
            ask(api.DELETE("/api/prospects/{id}", { params: { path: { id: made.id! } } })).then(() =>
              navigate("/scout"),
            ),
          );
          void navigate(`/scout/${made.id}`);
        }}
      />
    </>
  );
}
