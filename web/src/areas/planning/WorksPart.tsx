// What a look puts on the piece: slats, wrap, legs and the like, each set out with its bench tool.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useTools } from "../../api/queries";
import type { Look, Plan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/planning";

export function WorksPart({ page, look, currency }: { page: Plan; look: Look; currency: string }) {
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const tools = useTools(page.id);
  const { remove } = useUndo();
  const kinds = (tools.data?.groups ?? []).flatMap((group) => group.tools).filter((tool) => tool.applied);
  const action = look.chosen && (
    <Button aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)} disabled={kinds.length === 0}>
      {t("worksPart.addSomething")}
    </Button>
  );
  return (
    <Part title={t("worksPart.additions")} action={action}>
      {look.works.length === 0 && (
        <Quiet>{t("worksPart.nothingAddedPlanSlats", { more: look.chosen ? "" : t("worksPart.onceChoose") })}</Quiet>
      )}
      {look.works.map((work) => (
        <Box
          key={work.id}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            columnGap: 1,
            alignItems: "center",
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box sx={{ flex: "1 1 240px", minWidth: 0, py: 0.75 }}>
            <Link
              to={`/tools/${work.tool}?${new URLSearchParams({ ...work.values, piece: String(page.id) }).toString()}`}
              style={{ fontWeight: 600 }}
            >
              {work.label}
            </Link>
            {t("worksPart.on", { where: work.where.toLowerCase() })}
            <Quiet>
              {[work.headline, work.cost && t("worksPart.woodParts", { cost: work.cost.text, currency })]
                .filter(Boolean)
                .join(" ")}
            </Quiet>
          </Box>
          <Button
            size="small"
            color="inherit"
            onClick={() => void remove(api.DELETE("/api/tool-results/{id}", { params: { path: { id: work.id } } }))}
            aria-label={t("worksPart.remove", { work: work.label })}
          >
            {t("worksPart.remove2")}
          </Button>
        </Box>
      ))}
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {kinds.map((tool) => (
          <MenuItem key={tool.key} component={Link} to={`/tools/${tool.key}?piece=${page.id}`}>
            {tool.label}
          </MenuItem>
        ))}
      </Menu>
    </Part>
  );
}
