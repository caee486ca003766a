// What is assumed of a shape that nobody has looked at yet, and the way to look.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import type { Piece, Workshop } from "../../api/types";
import { t } from "../../locales/kit";

const ShapeLook = lazy(() => import("./ShapeLook"));

type Props = { id: number; kind: string; shape: Piece["shape"]; workshop: Workshop };

export function ShapeSays({ id, kind, shape, workshop }: Props) {
  const [looking, setLooking] = useState(false);
  return (
    <>
      {shape.says ? (
        <Alert
          severity="info"
          sx={{ mt: 1 }}
          action={
            <Button color="inherit" size="small" onClick={() => setLooking(true)}>
              {t("shapeSays.checkShape")}
            </Button>
          }
        >
          {shape.says}
        </Alert>
      ) : (
        <Button size="small" className="no-print" onClick={() => setLooking(true)}>
          {t("shapeSays.shape")}
        </Button>
      )}
      {looking && (
        <Suspense>
          <ShapeLook id={id} kind={kind} shape={shape} workshop={workshop} onClose={() => setLooking(false)} />
        </Suspense>
      )}
    </>
  );
}
