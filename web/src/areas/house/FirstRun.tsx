// The first minute: what this is, the few things that sums rest on, and four ways to begin.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Workshop } from "../../api/types";
import { useOpen } from "../../kit/session/open";
import { Rule } from "./Rule";
import { rules } from "./groups";
import { useSaveRule } from "./useSaveRule";
import { Row } from "../../kit/layout";

const FIRST = ["currency", "length_unit", "floor_pay", "target_pay"];
const COMMAND = "bin/kohlrabi demo";

export default function FirstRun({ workshop }: { workshop: Workshop }) {
  const [save] = useSaveRule();
  const open = useOpen();
  const [demo, setDemo] = useState(false);
  const all = rules(workshop).flatMap((group) => group.rules);
  return (
    <Box data-first-run sx={{ maxWidth: 860 }}>
      <Typography sx={{ fontSize: 19, mb: 0.5 }}>
        Kohlrabi goes along with each piece you buy, repair and sell: what to pay, what to do next, what to ask.
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 2 }}>
        Your hours, costs and sales stay on this computer. Begin with one piece; the rest follows from it.{" "}
        <Link to="/how">How it all fits together</Link>
      </Typography>
      <Row align="stretch" sx={{ mb: 3 }}>
        <Button variant="contained" size="large" onClick={open.newPiece}>
          Record a piece
        </Button>
        <Button variant="outlined" size="large" component={Link} to="/scout/new">
          Look at one in a shop
        </Button>
        <Button variant="outlined" size="large" component={Link} to="/books/import">
          Bring in a spreadsheet
        </Button>
        <Button variant="outlined" size="large" aria-expanded={demo} onClick={() => setDemo(!demo)}>
          Look around in the demo
        </Button>
      </Row>
      {demo && (
        <Box sx={{ borderLeft: 4, borderColor: "secondary.main", pl: 2, mb: 3 }}>
          <Typography>
            The demo is an invented workshop with some sixty flips. It opens beside yours, with data of its own: nothing
            of it comes into your books. On the computer that runs Kohlrabi, in its folder:
          </Typography>
          <Row wrap={false} sx={{ my: 1 }}>
            <Box component="code" sx={{ bgcolor: "background.paper", px: 1.5, py: 1, fontSize: 16 }}>
              {COMMAND}
            </Box>
            <Button onClick={() => void navigator.clipboard?.writeText(COMMAND)}>Copy</Button>
          </Row>
          <Typography sx={{ color: "text.secondary" }}>
            It prints the address to open, and ends with Ctrl+C. The first time it takes about a minute and a half.
          </Typography>
        </Box>
      )}
      <Typography variant="h2">What your sums rest on</Typography>
      {all
        .filter((rule) => FIRST.includes(rule.name))
        .map((rule) => (
          <Rule key={rule.name} rule={rule} onSave={(value) => save(rule, value)} />
        ))}
      <Typography sx={{ mt: 1 }}>
        All of it can be changed later in <Link to="/rules">House rules</Link>; only the currency stays once money is
        recorded.
      </Typography>
    </Box>
  );
}
