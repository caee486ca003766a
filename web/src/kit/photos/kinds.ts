// What a photo may show, in the order in which they are taken.
import { t } from "../../locales/kit";
export const PHOTO_KINDS = [
  { key: "before", label: t("kinds.before") },
  { key: "during", label: t("kinds.during") },
  { key: "after", label: t("kinds.after") },
  { key: "maker", label: t("kinds.makersMark") },
  { key: "label", label: t("kinds.label") },
  { key: "damage", label: t("kinds.damage") },
];
