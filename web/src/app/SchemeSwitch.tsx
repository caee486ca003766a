// Light, dark, or as the device says.
import ButtonBase from "@mui/material/ButtonBase";
import { useColorScheme } from "@mui/material/styles";
import { label } from "./theme";

const NEXT = { system: "light", light: "dark", dark: "system" } as const;
const NAMES = { system: "as the device", light: "light", dark: "dark" };

export function SchemeSwitch() {
  const { mode = "system", setMode } = useColorScheme();
  const now = mode ?? "system";
  return (
    <ButtonBase
      onClick={() => setMode(NEXT[now])}
      sx={{
        ...label,
        px: 1,
        minHeight: 32,
        width: "100%",
        justifyContent: "flex-start",
        fontSize: 14,
        color: "text.secondary",
        textAlign: "left",
      }}
    >
      Scheme: {NAMES[now]}
    </ButtonBase>
  );
}
