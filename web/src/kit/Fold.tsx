// Records folded to one line that says what is in them; how each was left is remembered on this device.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { type ReactNode, useId, useState } from "react";
import { Row } from "./layout";
import { t } from "../locales/kit";

type Props = { title: string; summary?: ReactNode; action?: ReactNode; children: ReactNode };

export function Fold({ title, summary, action, children }: Props) {
  const id = useId();
  const [kept, setOpen] = useFold(title);
  const printing = useMediaQuery("print"); // on paper nothing is folded
  const open = kept || printing;
  return (
    <Box
      component="section"
      aria-labelledby={id}
      data-fold={title}
      sx={{ borderBottom: 1, borderColor: "divider", breakInside: "avoid" }}
    >
      <Typography component="h2" sx={{ m: 0 }}>
        <ButtonBase
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{
            width: "100%",
            minHeight: 48,
            gap: 2,
            justifyContent: "flex-start",
            textAlign: "left",
            font: "inherit",
          }}
        >
          <Box component="svg" width={10} height={10} viewBox="0 0 10 10" aria-hidden sx={{ flexShrink: 0 }}>
            <path
              d={open ? "M1 3l4 4 4-4" : "M3 1l4 4-4 4"}
              fill="none"
              stroke="var(--k-palette-text-secondary)"
              strokeWidth={1.8}
            />
          </Box>
          <Box component="span" id={id} sx={{ fontSize: "1.05rem", fontWeight: 600 }}>
            {title}
          </Box>
          <Box
            component="span"
            sx={{ flex: 1, minWidth: 0, textAlign: "right", color: "text.secondary", fontSize: "0.95rem" }}
          >
            {summary}
          </Box>
        </ButtonBase>
      </Typography>
      {open && (
        <Box sx={{ pb: 2 }}>
          {action && (
            <Row className="no-print" align="stretch" sx={{ pb: 1 }}>
              {action}
            </Row>
          )}
          {children}
        </Box>
      )}
    </Box>
  );
}

function useFold(title: string) {
  const key = t("fold.close", { title });
  const [open, set] = useState(() => localStorage.getItem(key) === "open");
  const keep = (wanted: boolean) => {
    if (wanted) localStorage.setItem(key, "open");
    else localStorage.removeItem(key);
    set(wanted);
  };
  return [open, keep] as const;
}
