import { i18n } from "./i18n";
import words from "./en-US/flips.json";

i18n.addResourceBundle("en-US", "flips", words);
export const t = i18n.getFixedT(null, "flips");
