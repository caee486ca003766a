// In the shop: a photo, four inputs and the answer. Noted at once, or kept on this device until the workshop is in
// reach.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, newKey } from "../../api/client";
import { useScoutCard, useWorkshop } from "../../api/queries";
import { FileButton } from "../../kit/FileButton";
import { PageHead } from "../../kit/PageHead";
import { useUpload } from "../../kit/photos/useUpload";
import { useUndo } from "../../kit/session/undo";
import { useTell } from "../../kit/session/useTell";
import { EMPTY, type Given } from "./given";
import { ProspectEditor } from "./ProspectEditor";
import { t } from "../../locales/scout";

export default function NewProspect() {
  const workshop = useWorkshop();
  useScoutCard(); // kept for where there is no connection
  const navigate = useNavigate();
  const { done } = useUndo();
  const tell = useTell();
  const [photos, setPhotos] = useState<File[]>([]);
  const { send, progress } = useUpload();
  if (!workshop.data) return <LinearProgress aria-label={t("newProspect.loading")} />;
  const save = async (given: Given) => {
    const reference = newKey();
    const made = await tell(
      {
        what: t("newProspect.spotted", {
          kind: given.kind,
          more: given.tag ? t("newProspect.tag", { tag: given.tag }) : "",
        }),
        reference,
        named: true,
      },
      (how) => api.POST("/api/prospects", { body: given, ...how }),
      (noted) =>
        done(t("newProspect.saved", { title: noted.title }), () =>
          ask(api.DELETE("/api/prospects/{id}", { params: { path: { id: noted.id! } } })).then(() =>
            navigate("/scout"),
          ),
        ),
    );
    if (photos.length > 0)
      await send(photos, "before", made ? { owner: { prospect_id: made.id! } } : { waits: { prospect_id: reference } });
    void navigate(made ? `/scout/${made.id}` : "/scout");
  };
  return (
    <>
      <PageHead title={t("newProspect.checkPiece")} line={t("newProspect.enterWhatTagPrice")}>
        <FileButton
          variant="outlined"
          size="large"
          accept="image/*"
          files={t("newProspect.photoWhatSpotted")}
          camera
          disabled={progress !== null}
          onFiles={(files) => setPhotos((before) => [...before, ...files])}
        >
          {t("newProspect.photo")}
        </FileButton>
      </PageHead>
      <ProspectEditor initial={EMPTY} workshop={workshop.data} submit={t("newProspect.saveWatch")} onSave={save}>
        {photos.length > 0 && (
          <Box component="span" role="status" sx={{ alignSelf: "center", color: "text.secondary" }}>
            {t("newProspect.photosAdded", { count: photos.length })}
          </Box>
        )}
      </ProspectEditor>
    </>
  );
}
