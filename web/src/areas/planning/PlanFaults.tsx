// What does not hold in the plan as somebody changed it: what can hurt first, then what is against the craft.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import type { Steps } from "../../api/types";

export function PlanFaults({ plan }: { plan: Steps }) {
  if (plan.faults.length === 0) return null;
  const serious = plan.faults.some((one) => one.level !== "craft");
  return (
    <Alert
      severity={serious ? "error" : "info"}
      variant="outlined"
      sx={{ my: 1, color: "text.primary" }}
      aria-label="What does not hold in this plan"
    >
      {serious ? "This plan cannot be worked as it stands:" : "Against the usual craft, as you have it:"}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {plan.faults.map((one) => (
          <li key={`${one.step} ${one.text}`}>
            {[one.step && `“${one.step}”`, one.where].filter(Boolean).join(", ")}: {one.text}
          </li>
        ))}
      </Box>
    </Alert>
  );
}
