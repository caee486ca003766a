import { i18n } from "./i18n";
import words from "./en-US/scout.json";

i18n.addResourceBundle("en-US", "scout", words);
export const t = i18n.getFixedT(null, "scout");
