// What a step takes, noted down from the step itself: for this piece, or for several that are worked on together.
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Plan, Step } from "../../api/types";
import DrawDialog from "../../kit/DrawDialog";
import { Row } from "../../kit/layout";
import { t } from "../../locales/planning";

export function StepMaterials({ step, page }: { step: Step; page: Plan }) {
  const [taking, setTaking] = useState<Step["materials"][number] | null>(null);
  if (step.materials.length === 0) return null;
  return (
    <Row
      role="group"
      aria-label={t("stepMaterials.useShelf")}
      className="no-print"
      gap={0.5}
      align="stretch"
      sx={{ my: 1 }}
    >
      {step.materials.map((one) => (
        <Button key={one.product} size="small" variant="outlined" onClick={() => setTaking(one)}>
          {t("stepMaterials.use", { value: one.label })}
        </Button>
      ))}
      {taking && (
        <DrawDialog
          product={taking.product}
          amount={taking.text}
          piece={{ id: page.id, name: page.name }}
          onClose={() => setTaking(null)}
        />
      )}
    </Row>
  );
}
