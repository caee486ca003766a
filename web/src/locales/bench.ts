import { i18n } from "./i18n";
import words from "./en-US/bench.json";

i18n.addResourceBundle("en-US", "bench", words);
export const t = i18n.getFixedT(null, "bench");
