import { i18n } from "./i18n";
import words from "./en-US/kit.json";

i18n.addResourceBundle("en-US", "kit", words);
export const t = i18n.getFixedT(null, "kit");
