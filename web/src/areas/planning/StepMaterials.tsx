// What a step takes, noted down from the step itself: for this piece, or for several that are worked on together.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Plan, Step } from "../../api/types";
import DrawDialog from "../../kit/DrawDialog";

export function StepMaterials({ step, page }: { step: Step; page: Plan }) {
  const [taking, setTaking] = useState<Step["materials"][number] | null>(null);
  if (step.materials.length === 0) return null;
  return (
    <Box
      role="group"
      aria-label="Take from the shelf"
      className="no-print"
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, my: 1 }}
    >
      {step.materials.map((one) => (
        <Button key={one.product} size="small" variant="outlined" onClick={() => setTaking(one)}>
          {`Take ${one.label}…`}
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
    </Box>
  );
}
