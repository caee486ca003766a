// Light, dark, or as the device says.
import { useColorScheme } from "@mui/material/styles";
import { QuietButton } from "./QuietButton";

const NEXT = { system: "light", light: "dark", dark: "system" } as const;
const NAMES = { system: "automatic", light: "light", dark: "dark" };

export function SchemeSwitch() {
  const { mode = "system", setMode } = useColorScheme();
  const now = mode ?? "system";
  return <QuietButton onClick={() => setMode(NEXT[now])}>Theme: {NAMES[now]}</QuietButton>;
}
