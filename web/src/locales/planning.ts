import { i18n } from "./i18n";
import words from "./en-US/planning.json";

i18n.addResourceBundle("en-US", "planning", words);
export const t = i18n.getFixedT(null, "planning");
