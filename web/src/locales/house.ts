import { i18n } from "./i18n";
import words from "./en-US/house.json";

i18n.addResourceBundle("en-US", "house", words);
export const t = i18n.getFixedT(null, "house");
