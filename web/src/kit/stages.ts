// The next dated event that a piece waits for, by its stage.
import { t } from "../locales/kit";
export const NEXT_EVENT: Record<string, string> = {
  bought: t("stages.startWork"),
  "on the bench": t("stages.finishMarkReady"),
  ready: t("stages.list"),
  listed: t("stages.sell"),
};

// The heading of a group of pieces at one stage.
export const STAGE_HEADING: Record<string, string> = {
  "on the bench": t("stages.bench"),
  ready: t("stages.readyList"),
  bought: t("stages.started"),
  listed: t("stages.sale"),
};
