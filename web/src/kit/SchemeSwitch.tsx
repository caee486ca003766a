// Light, dark, or as the device says.
import { useColorScheme } from "@mui/material/styles";
import { QuietButton } from "./QuietButton";
import { t } from "../locales/kit";

const NEXT = { system: "light", light: "dark", dark: "system" } as const;
const NAMES = { system: "automatic", light: "light", dark: "dark" };

export function SchemeSwitch() {
  const { mode = "system", setMode } = useColorScheme();
  const now = mode ?? "system";
  return <QuietButton onClick={() => setMode(NEXT[now])}>{t("schemeSwitch.theme", { name: NAMES[now] })}</QuietButton>;
}
