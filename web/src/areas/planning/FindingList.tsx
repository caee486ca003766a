// What was noted, in the order of the walk, each with its consequence and photos.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import type { Catalogue, Finding, Plan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useUpload } from "../../kit/photos/useUpload";
import { FileButton } from "../../kit/FileButton";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/planning";

type Props = { page: Plan; walk: Catalogue["walk"]; onChange: (finding: Finding) => void };

export function FindingList({ page, walk, onChange }: Props) {
  if (page.findings.length === 0) {
    return <Typography sx={{ color: "text.secondary" }}>{t("findingList.problemsNotedYetWalk")}</Typography>;
  }
  const sorted = walk.flatMap((stop) => page.findings.filter((finding) => finding.walk === stop.key));
  return (
    <PlainList>
      {sorted.map((finding) => (
        <Row key={finding.id} finding={finding} onChange={() => onChange(finding)} />
      ))}
    </PlainList>
  );
}

function Row({ finding, onChange }: { finding: Finding; onChange: () => void }) {
  const { remove } = useUndo();
  const { send, refused } = useUpload({ finding_id: finding.id });
  const facts = [
    finding.zone_label ?? t("findingList.wholePiece"),
    finding.measure,
    finding.note,
    finding.expected_on && t("findingList.partArrives", { expectedon: finding.expected_on.text }),
  ];
  return (
    <Box
      component="li"
      sx={{
        borderBottom: 1,
        borderColor: "divider",
        py: 1,
        display: "flex",
        flexWrap: "wrap",
        columnGap: 2,
        alignItems: "center",
      }}
    >
      <Box sx={{ flex: "1 1 260px" }}>
        <Typography sx={{ fontWeight: 600 }}>{finding.label}</Typography>
        <Typography variant="body2">{facts.filter(Boolean).join(", ")}</Typography>
        <Typography variant="body2" sx={{ color: "text.secondary" }} title={finding.why}>
          {finding.says}
        </Typography>
        {refused.map((message) => (
          <Typography key={message} color="error" role="alert">
            {message}
          </Typography>
        ))}
        {finding.photos.map((photo) => (
          <img
            key={photo.id}
            src={photo.small}
            alt={photo.caption ?? finding.label}
            style={{ height: 56, marginRight: 6, marginTop: 4 }}
          />
        ))}
      </Box>
      <Box className="no-print">
        <FileButton
          size="small"
          aria-label={t("findingList.photo", { finding: finding.label })}
          accept="image/*"
          files={t("findingList.photoFile", { finding: finding.label })}
          camera
          onFiles={(files) => void send(files, "damage")}
        >
          {t("findingList.photo2")}
        </FileButton>
        <Button size="small" onClick={onChange} aria-label={t("findingList.edit", { finding: finding.label })}>
          {t("findingList.edit2")}
        </Button>
        <Button
          size="small"
          color="inherit"
          onClick={() => void remove(api.DELETE("/api/findings/{id}", { params: { path: { id: finding.id } } }))}
          aria-label={t("findingList.remove", { finding: finding.label })}
        >
          {t("findingList.remove2")}
        </Button>
      </Box>
    </Box>
  );
}
