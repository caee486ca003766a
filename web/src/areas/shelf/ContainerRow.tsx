// One tin, bottle or pack: tapped it says what is left; beside it what it cost and what there is to say of it.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, ask } from "../../api/client";
import type { Container } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useTell } from "../../kit/session/useTell";
import { FormDialog } from "../../kit/FormDialog";
import { RowMenu } from "../../kit/RowMenu";
import { LevelSlider } from "./LevelSlider";
import { Tin } from "./Tin";

const QUARTERS = [
  { share: "full", label: "Full, by eye" },
  { share: "3/4", label: "Three quarters, by eye" },
  { share: "1/2", label: "Half, by eye" },
  { share: "1/4", label: "A quarter, by eye" },
  { share: "empty", label: "Empty" },
];

export function ContainerRow({
  container,
  currency,
  onCorrect,
  onTake,
}: {
  container: Container;
  currency: string;
  onCorrect: () => void;
  onTake: () => void;
}) {
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const scanned = Number(useSearchParams()[0].get("tin")) === container.id; // its ticket led here
  const [weighing, setWeighing] = useState(false);
  const { done, remove, failed } = useUndo();
  const tell = useTell();
  const path = { params: { path: { id: container.id } } };
  const level = async (body: { left?: string; share?: string }) => {
    await tell(
      { what: `${container.label}: ${body.left ?? body.share} left` },
      (how) => api.POST("/api/containers/{id}/level", { ...path, body, ...how }),
      (now) =>
        done(`${now.left} of ${now.label} left`, () =>
          ask(api.POST("/api/containers/{id}/level", { ...path, body: { left: container.left } })),
        ),
    );
  };
  const dates = [
    container.opening ? "there from the start" : container.bought_on && `bought ${container.bought_on.text}`,
    container.opened_on && `opened ${container.opened_on.text}`,
    container.place && `in the ${container.place}`,
    container.note,
  ].filter(Boolean);
  const name = `${container.label}, ${container.size}`;
  return (
    <Box
      component="li"
      data-tin={container.id}
      ref={(row: HTMLLIElement | null) => void (scanned && row?.scrollIntoView({ block: "center" }))}
      sx={{
        display: "flex",
        gap: 1,
        alignItems: "center",
        minWidth: 0,
        maxWidth: 330,
        outline: scanned ? "3px solid var(--k-palette-primary-main)" : "none",
        outlineOffset: 4,
      }}
    >
      <ButtonBase
        onClick={(event) => setMenu(event.currentTarget)}
        aria-haspopup="menu"
        aria-label={`What is left of ${name}`}
        sx={{ borderRadius: 1, p: 0.5 }}
      >
        <Tin container={container} />
      </ButtonBase>
      <Box sx={{ minWidth: 0, fontSize: 14.5, lineHeight: 1.3 }}>
        <Box sx={{ fontWeight: 600 }}>{`${container.left} of ${container.size}`}</Box>
        <Box sx={{ color: "text.secondary" }}>
          {container.paid ? `${container.paid.text} ${currency}, ${container.unit_cost}` : "price not known"}
          {dates.length > 0 && ` · ${dates.join(", ")}`}
        </Box>
        {container.warn.length > 0 && <Box sx={{ color: "warning.main" }}>{container.warn.join(", ")}</Box>}
      </Box>
      <RowMenu
        name={name}
        actions={[
          { label: "Take some", run: onTake },
          { label: "Ticket to print", href: `/api/containers/${container.id}/label` },
          { label: "Correct", run: onCorrect },
          { label: "Remove", run: () => void remove(api.DELETE("/api/containers/{id}", path)) },
        ]}
      />
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        <LevelSlider
          percent={container.percent}
          label={`Level of ${container.label}`}
          onChosen={(share) => {
            setMenu(null);
            void level({ share }).catch(failed);
          }}
        />
        {QUARTERS.map(({ share, label }) => (
          <MenuItem
            key={share}
            onClick={() => {
              setMenu(null);
              void level({ share }).catch(failed);
            }}
          >
            {label}
          </MenuItem>
        ))}
        <MenuItem
          onClick={() => {
            setMenu(null);
            setWeighing(true);
          }}
        >
          Weighed or measured …
        </MenuItem>
      </Menu>
      {weighing && (
        <FormDialog
          title={`What is left of ${container.label}`}
          submit="Keep it"
          fields={[
            {
              name: "left",
              label: "Left in it",
              kind: "text",
              help: `it held ${container.size}; the shelf says ${container.left}`,
            },
          ]}
          onClose={() => setWeighing(false)}
          onSubmit={async (values) => {
            await level({ left: values.left ?? "" });
            setWeighing(false);
          }}
        />
      )}
    </Box>
  );
}
