// The first minute: what this is, the few things that sums rest on, and four ways to begin.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Workshop } from "../../api/types";
import { useOpen } from "../../kit/session/open";
import { Rule } from "./Rule";
import { rules } from "./groups";
import { useSaveRule } from "./useSaveRule";
import { Row } from "../../kit/layout";
import { t } from "../../locales/house";

const FIRST = ["country", "currency", "length_unit", "floor_pay", "target_pay"];
const COMMAND = t("firstRun.binDemo");

export default function FirstRun({ workshop }: { workshop: Workshop }) {
  const [save] = useSaveRule();
  const open = useOpen();
  const [demo, setDemo] = useState(false);
  const all = rules(workshop).flatMap((group) => group.rules);
  return (
    <Box data-first-run sx={{ maxWidth: 860 }}>
      <Typography sx={{ fontSize: 19, mb: 0.5 }}>{t("firstRun.helpsDecideWhatPay")}</Typography>
      <Typography sx={{ color: "text.secondary", mb: 2 }}>
        {t("firstRun.everythingStaysOwnComputer")} <Link to="/how">{t("firstRun.howWorks")}</Link>
      </Typography>
      <Row align="stretch" sx={{ mb: 3 }}>
        <Button variant="contained" size="large" onClick={open.newPiece}>
          {t("firstRun.recordPiece")}
        </Button>
        <Button variant="outlined" size="large" component={Link} to="/scout/new">
          {t("firstRun.checkPieceBeforeBuy")}
        </Button>
        <Button variant="outlined" size="large" component={Link} to="/books/import">
          {t("firstRun.importSpreadsheet")}
        </Button>
        <Button variant="outlined" size="large" aria-expanded={demo} onClick={() => setDemo(!demo)}>
          {t("firstRun.tryDemo")}
        </Button>
      </Row>
      {demo && (
        <Box sx={{ borderLeft: 4, borderColor: "secondary.main", pl: 2, mb: 3 }}>
          <Typography>{t("firstRun.demoMadeUpWorkshop")}</Typography>
          <Row wrap={false} sx={{ my: 1 }}>
            <Box component="code" sx={{ bgcolor: "background.paper", px: 1.5, py: 1, fontSize: 16 }}>
              {COMMAND}
            </Box>
            <Button onClick={() => void navigator.clipboard?.writeText(COMMAND)}>{t("firstRun.copy")}</Button>
          </Row>
          <Typography sx={{ color: "text.secondary" }}>{t("firstRun.printsAddressOpenPress")}</Typography>
        </Box>
      )}
      <Typography variant="h2">{t("firstRun.fewSettingsStart")}</Typography>
      {all
        .filter((rule) => FIRST.includes(rule.name))
        .map((rule) => (
          <Rule key={rule.name} rule={rule} onSave={(value) => save(rule, value)} />
        ))}
      <Typography sx={{ mt: 1 }}>
        {t("firstRun.canChangeAllLater")} <Link to="/rules">{t("firstRun.houseRules")}</Link>
        {t("firstRun.exceptCurrencyOnceYouve")}
      </Typography>
    </Box>
  );
}
