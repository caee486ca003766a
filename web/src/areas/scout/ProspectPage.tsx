// A spotted piece: its answer, its tag over time, what to make sure of, photos; bought, let go or gone from here.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask } from "../../api/client";
import { useProspect, useWorkshop } from "../../api/queries";
import type { Prospect } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Cautions } from "../../kit/Cautions";
import { Drawing } from "../../kit/Drawing";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { PhotosPart } from "../../kit/photos/PhotosPart";
import { BeforePart } from "./BeforePart";
import { type Closing, ClosingDialog } from "./ClosingDialog";
import { givenOf } from "./given";
import { ProspectEditor } from "./ProspectEditor";
import { useBuy } from "./useBuy";
import { useSave } from "./useSave";
import { Verdict } from "./Verdict";
import { WatchPart } from "./WatchPart";

export default function ProspectPage() {
  const id = Number(useParams().id);
  const prospect = useProspect(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { done, remove, failed } = useUndo();
  // The version that was opened: what is fetched anew behind the form must not slip under it.
  const [editing, setEditing] = useState<Prospect | null>(null);
  const save = useSave(editing);
  const [closing, setClosing] = useState<Closing | null>(null);
  const buy = useBuy(id, prospect.data?.title ?? "");
  if (prospect.error && !isKept(prospect))
    return <Failure error={prospect.error} again={() => void prospect.refetch()} />;
  if (!prospect.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const data = prospect.data;
  const path = { params: { path: { id } } };
  const open = data.state === "open";
  const facts = [
    data.fields.kind,
    data.fields.source && `at ${data.fields.source}`,
    data.condition.label.toLowerCase(),
  ];
  const reopen = () =>
    ask(api.POST("/api/prospects/{id}/reopen", path))
      .then(() => done(`${data.title} is in view again`))
      .catch(failed);
  const removeIt = async () => {
    if (await remove(api.DELETE("/api/prospects/{id}", path))) void navigate("/scout");
  };
  return (
    <>
      <PageHead
        title={data.title}
        line={
          open ? (
            facts.filter(Boolean).join(", ")
          ) : (
            <>
              {[data.state_text, data.closed_on?.text, data.reason].filter(Boolean).join(", ")}
              {data.pieces.map((piece) => (
                <span key={piece.id}>
                  {" · "}
                  <Link to={`/pieces/${piece.id}`}>{`${piece.ticket} ${piece.name}`}</Link>
                </span>
              ))}
            </>
          )
        }
      >
        {open && !editing && (
          <>
            {data.fields.tag && (
              <Button variant="contained" color="secondary" onClick={() => void buy({}).catch(failed)}>
                {`Buy it at ${data.fields.tag}`}
              </Button>
            )}
            <Button
              variant={data.fields.tag ? "text" : "contained"}
              color="secondary"
              onClick={() => setClosing("buy")}
            >
              {data.fields.tag ? "At another price" : "Buy it"}
            </Button>
            <Button variant="outlined" onClick={() => setEditing(data)}>
              Change
            </Button>
            <Button onClick={() => setClosing("let_go")}>Let it go</Button>
            <Button onClick={() => setClosing("gone")}>It is gone</Button>
          </>
        )}
        {!open && data.pieces.length === 0 && (
          <Button variant="outlined" onClick={() => void reopen()}>
            Take it back into view
          </Button>
        )}
        <Button color="inherit" onClick={() => void removeIt()}>
          Remove
        </Button>
      </PageHead>
      {editing ? (
        <ProspectEditor
          initial={givenOf(editing)}
          workshop={workshop.data}
          submit="Save changes"
          whole
          onSave={async (given) => {
            await save(given);
            setEditing(null);
          }}
        >
          <Button onClick={() => setEditing(null)}>Leave as it was</Button>
        </ProspectEditor>
      ) : (
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "220px 1fr" },
            columnGap: 4,
            alignItems: "start",
          }}
        >
          <Box sx={{ display: { xs: "none", md: "block" } }}>
            <Drawing shape={data.drawing} width={210} height={180} measures />
          </Box>
          <Verdict answer={data} currency={workshop.data.currency} />
        </Box>
      )}
      {data.fields.notes && <Box sx={{ mb: 3, whiteSpace: "pre-line", maxWidth: "65ch" }}>{data.fields.notes}</Box>}
      <WatchPart prospect={data} currency={workshop.data.currency} />
      <BeforePart prospect={data} currency={workshop.data.currency} />
      <PhotosPart photos={data.photos} owner={{ prospect_id: id }} start="before" />
      {data.cautions.length > 0 && (
        <Part title="Have in mind">
          <Cautions texts={data.cautions} />
        </Part>
      )}
      {closing && (
        <ClosingDialog closing={closing} prospect={data} workshop={workshop.data} onClose={() => setClosing(null)} />
      )}
    </>
  );
}
