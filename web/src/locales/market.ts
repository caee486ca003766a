import { i18n } from "./i18n";
import words from "./en-US/market.json";

i18n.addResourceBundle("en-US", "market", words);
export const t = i18n.getFixedT(null, "market");
