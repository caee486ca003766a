// What is rare on a row: behind three dots, named for who hears it.
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { lazy, Suspense, useState } from "react";
import type { MenuAction } from "./PopMenu";
import { t } from "../locales/kit";

const PopMenu = lazy(() => import("./PopMenu"));

export function RowMenu({ name, actions }: { name: string; actions: (MenuAction | false | undefined | null)[] }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const shown = actions.filter((action) => !!action);
  if (shown.length === 0) return null;
  return (
    <Box component="span" className="no-print">
      <IconButton
        aria-label={t("rowMenu.more", { name })}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ color: "text.secondary", borderRadius: 1, "@media (max-width:599px)": { minWidth: 44, minHeight: 44 } }}
      >
        <svg width={20} height={20} viewBox="0 0 20 20" aria-hidden>
          {[4, 10, 16].map((x) => (
            <circle key={x} cx={x} cy={10} r={1.7} fill="currentColor" />
          ))}
        </svg>
      </IconButton>
      {anchor && (
        <Suspense fallback={null}>
          <PopMenu anchor={anchor} actions={shown} close={() => setAnchor(null)} />
        </Suspense>
      )}
    </Box>
  );
}
