// What the plan asks for next on this piece.
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import { usePlan } from "../../api/queries";
import { Part } from "../../kit/Part";

const SHOWN = 4;

export function NextPart({ id }: { id: number }) {
  const { data } = usePlan(id);
  if (!data?.plan) return null;
  const { steps, remaining, ready, over } = data.plan;
  const open = steps.filter((step) => step.state !== "done");
  return (
    <Part title="Next in the plan">
      <Typography sx={{ color: "text.secondary" }}>
        {open.length === 0
          ? "Everything in the plan is done."
          : over
            ? `The work is over: ${open.length} of ${steps.length} steps were not done.`
            : `${remaining?.text} to come in ${open.length} steps. ${ready.on ? `Ready ${ready.on.text}.` : `No day yet: ${ready.why}.`}`}
      </Typography>
      <Box component="ol" start={steps.length - open.length + 1} sx={{ pl: 3, my: 1 }}>
        {(over ? [] : open).slice(0, SHOWN).map((step) => (
          <li
            key={step.key}
          >{`${step.label}, ${step.remaining?.text}${step.wait ? `, then wait ${step.wait}` : ""}`}</li>
        ))}
      </Box>
      <Link component={RouterLink} to={`/pieces/${id}/plan`} underline="always">
        The whole plan
      </Link>
    </Part>
  );
}
