import { i18n } from "./i18n";
import words from "./en-US/tools.json";

i18n.addResourceBundle("en-US", "tools", words);
export const t = i18n.getFixedT(null, "tools");
