import { i18n } from "./i18n";
import words from "./en-US/app.json";

i18n.addResourceBundle("en-US", "app", words);
export const t = i18n.getFixedT(null, "app");
