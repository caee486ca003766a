import { i18n } from "./i18n";
import words from "./en-US/shelf.json";

i18n.addResourceBundle("en-US", "shelf", words);
export const t = i18n.getFixedT(null, "shelf");
