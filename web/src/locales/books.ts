import { i18n } from "./i18n";
import words from "./en-US/books.json";

i18n.addResourceBundle("en-US", "books", words);
export const t = i18n.getFixedT(null, "books");
