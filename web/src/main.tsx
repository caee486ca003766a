// Words first: what a module of the interface says is looked up as it loads.
import { loadWords } from "./locales/i18n";

await loadWords();
await import("./start");
