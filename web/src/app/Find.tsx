// Finds anything by its words: pieces, steps, findings, materials, tools, notes, house rules and pages; Enter opens it.
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Dialog from "../kit/BackDialog";
import DialogContent from "@mui/material/DialogContent";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useSearch, useWorkshop } from "../api/queries";
import type { SearchHit } from "../api/types";
import { rules } from "../areas/house/groups";
import { useSettled } from "../kit/useSettled";
import { PAGES } from "../kit/sections";
import { Quiet } from "../kit/layout";
import { t } from "../locales/app";

type Hit = Omit<SearchHit, "sort"> & { sort: SearchHit["sort"] | "rule" | "page" };

const HEADS: Record<Hit["sort"], string> = {
  piece: t("find.pieces"),
  step: t("find.steps"),
  finding: t("find.problems"),
  material: t("find.materials"),
  tool: t("find.tools"),
  note: t("find.notes"),
  rule: t("find.houseRules"),
  page: t("find.pages"),
};

export default function Find({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState("");
  const found = useSearch(useSettled(text, 150));
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const has = (said: string) => words.every((word) => said.toLowerCase().includes(word));
  const own: Hit[] = [
    ...(workshop.data ? rules(workshop.data) : []).flatMap((group) =>
      group.rules
        .filter((rule) => has(`${rule.label} ${group.title}`))
        .map((rule): Hit => ({ sort: "rule", label: rule.label, line: group.title, to: "/rules" })),
    ),
    ...PAGES.filter((page) => has(`${page.label} ${page.within}`)).map((page): Hit => ({
      sort: "page",
      label: page.label,
      line: page.within,
      to: page.to,
    })),
  ];
  const hits: Hit[] = words.length ? [...(found.data?.hits ?? []), ...own.slice(0, 8)] : [];
  const go = (hit: Hit | null) => {
    if (!hit) return;
    onClose();
    void navigate(hit.to);
  };
  return (
    <Dialog open onClose={onClose} slotProps={{ paper: { "aria-label": t("find.find") } }}>
      <DialogContent>
        <Autocomplete
          open={words.length > 0}
          autoHighlight
          options={hits}
          loading={found.isFetching}
          noOptionsText={t("find.nothingFoundAllThese")}
          filterOptions={(options) => options}
          groupBy={(hit) => HEADS[hit.sort]}
          getOptionLabel={(hit) => hit.label}
          getOptionKey={(hit) => `${hit.sort} ${hit.to} ${hit.label} ${hit.line}`}
          renderOption={({ key, ...props }, hit) => (
            <Box component="li" key={key} {...props}>
              <span>
                {hit.label}
                <Quiet component="span">{` · ${hit.line}`}</Quiet>
              </span>
            </Box>
          )}
          isOptionEqualToValue={(one, other) => one === other}
          onInputChange={(_, value) => setText(value)}
          onChange={(_, hit) => go(hit)}
          renderInput={(params) => (
            // The dialog was opened to type here.
            // eslint-disable-next-line jsx-a11y/no-autofocus
            <TextField {...params} autoFocus label={t("find.findPieceStepCan")} />
          )}
        />
      </DialogContent>
    </Dialog>
  );
}
