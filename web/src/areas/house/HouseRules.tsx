// House rules: how this workshop does it, with the reason beside each choice. Saved at once, each change undoable.
import Alert from "@mui/material/Alert";
import LinearProgress from "@mui/material/LinearProgress";
import { useWorkshop, useAccess, useCatalogue, useKeepWorkshop } from "../../api/queries";
import { SchemeSwitch } from "../../kit/SchemeSwitch";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { Openings } from "./Openings";
import { People } from "./People";
import { Rule } from "./Rule";
import { rules } from "./groups";
import { useSaveRule } from "./useSaveRule";
import { WorkingHours } from "./WorkingHours";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Workshop } from "../../api/types";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, LOCKED } from "../../api/client";
import { useWaiting } from "../../api/device/outbox";
import { dropDrafts } from "../../api/device/drafts";
import { clearDevice } from "../../api/device/store";
import { useUndo } from "../../kit/session/undo";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { t } from "../../locales/house";

export default function HouseRules() {
  const workshop = useWorkshop();
  const [save, clash] = useSaveRule();
  if (workshop.error && !isKept(workshop))
    return <Failure error={workshop.error} again={() => void workshop.refetch()} />;
  if (!workshop.data) return <LinearProgress aria-label={t("houseRules.loading")} />;
  const data = workshop.data;

  return (
    <>
      <PageHead title={t("houseRules.houseRules")} line={t("houseRules.howWorkPlansPrices")} />
      {clash && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {t("houseRules.someoneChangedRulesAnother")}
        </Alert>
      )}
      {rules(data).map((group) => (
        <Part key={group.title} title={group.title}>
          {group.rules.map((rule) => (
            <Rule key={rule.name} rule={rule} onSave={(value) => save(rule, value)} />
          ))}
        </Part>
      ))}
      <WorkingHours people={data.people} />
      <WorkshopPractices workshop={data} />
      <Openings openings={data.openings} unit={data.length_unit} />
      <People people={data.people} />
      <AccessPart />
      <BackupPart backup={data.backup} demo={data.demo} />
      <Part title={t("houseRules.device")}>
        <SchemeSwitch />
      </Part>
    </>
  );
}

// Copies of the workshop: the latest one beside the data, and one to keep elsewhere.
function BackupPart({ backup, demo }: { backup: Workshop["backup"]; demo: boolean }) {
  const action = (
    <Button component="a" href="/api/archive.zip" download variant="outlined">
      {t("houseRules.downloadBackup")}
    </Button>
  );
  return (
    <Part title={t("houseRules.backups")} action={action}>
      {backup.stale && !demo && (
        <Alert severity="warning" role="note" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
          {t("houseRules.makesOneEveryDay", {
            more: backup.latest
              ? t("houseRules.latestBackup", { latest: backup.latest.text })
              : t("houseRules.backupYet"),
          })}
        </Alert>
      )}
      <Typography>
        {demo
          ? t("houseRules.demoMakesBackups")
          : t("houseRules.keepsLast7Days", {
              more: backup.latest ? t("houseRules.latestBackup2", { latest: backup.latest.text }) : "",
            })}
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {t("houseRules.ifDiskFailsThese")}
      </Typography>
    </Part>
  );
}

// Who is let in from other devices, and how that is ended: here, or on all of them.
function AccessPart() {
  const access = useAccess();
  const { done, failed } = useUndo();
  const waiting = useWaiting();
  const client = useQueryClient();
  const [sure, setSure] = useState(false);
  if (!access.data?.passcode) return null;
  const { devices, here } = access.data;
  const leave = async () => {
    if (waiting.length > 0 && !sure) return setSure(true);
    await ask(api.DELETE("/api/session"));
    await clearDevice();
    dropDrafts();
    client.clear();
    window.dispatchEvent(new Event(LOCKED));
  };
  const leaveAll = async () => {
    const { ended } = await ask(api.DELETE("/api/sessions"));
    done(t("houseRules.devicesSignedOut", { count: ended }));
    if (here) window.dispatchEvent(new Event(LOCKED));
  };
  return (
    <Part title={t("houseRules.otherDevices")}>
      <Typography>
        {devices === 0
          ? t("houseRules.otherDevicesSigned")
          : t("houseRules.signedPasscodeEachStays", {
              devices,
              more: devices === 1 ? t("houseRules.device2") : t("houseRules.devices"),
              more2: here ? t("houseRules.includingOne") : "",
            })}
      </Typography>
      {here && (
        <Button variant="outlined" sx={{ mt: 1, mr: 1 }} onClick={() => void leave().catch(failed)}>
          {sure ? t("houseRules.signOutAnyway") : t("houseRules.signOut")}
        </Button>
      )}
      {sure && (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {t("houseRules.deviceSigningOutDiscards", {
            more: t("houseRules.changesHaventSynced", { count: waiting.length }),
          })}
        </Alert>
      )}
      {devices > 0 && (
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => void leaveAll().catch(failed)}>
          {t("houseRules.signOutAllDevices")}
        </Button>
      )}
    </Part>
  );
}

// Where practitioners disagree: this workshop's own ways, with the reason beside each; plans follow them at once.
function WorkshopPractices({ workshop }: { workshop: Workshop }) {
  const catalogue = useCatalogue();
  const keep = useKeepWorkshop();
  const { done, failed } = useUndo();
  const choose = async (question: string, label: string, before: string, key: string) => {
    const send = (version: number, choice: string) =>
      ask(api.PATCH("/api/workshop", { body: { lock_version: version, practices: { [question]: choice } } })).then(
        keep,
      );
    const saved = await send(workshop.lock_version, key);
    done(t("houseRules.saved", { label }), () => send(saved.lock_version, before));
  };
  if (!catalogue.data) return null;
  return (
    <Part title={t("houseRules.howWeWork")}>
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
