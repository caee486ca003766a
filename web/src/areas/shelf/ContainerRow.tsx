// One tin, bottle or pack: how full it is, what it cost, what there is to say of it, and correcting what is left.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Container } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { LevelSlider } from "./LevelSlider";

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
}: {
  container: Container;
  currency: string;
  onCorrect: () => void;
}) {
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [weighing, setWeighing] = useState(false);
  const { done, remove, failed } = useUndo();
  const path = { params: { path: { id: container.id } } };
  const level = async (body: { left?: string; share?: string }) => {
    const now = await ask(api.POST("/api/containers/{id}/level", { ...path, body }));
    done(`${now.left} of ${now.label} left`, () =>
      ask(api.POST("/api/containers/{id}/level", { ...path, body: { left: container.left } })),
    );
  };
  const dates = [
    container.opening ? "there from the start" : container.bought_on && `bought ${container.bought_on.text}`,
    container.opened_on && `opened ${container.opened_on.text}`,
    container.place && `in the ${container.place}`,
    container.note,
  ].filter(Boolean);
  return (
    <Box
      component="li"
      sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center", minHeight: 40, pl: { sm: 2 } }}
    >
      <Box
        role="img"
        aria-label={`${container.percent}% full`}
        sx={{ width: 16, height: 26, border: 1, borderColor: "text.secondary", position: "relative" }}
      >
        <Box
          sx={{
            position: "absolute",
            bottom: 0,
            width: "100%",
            height: `${container.percent}%`,
            bgcolor: "primary.main",
            opacity: 0.6,
          }}
        />
      </Box>
      <Box sx={{ minWidth: 150 }}>{`${container.left} of ${container.size}`}</Box>
      <Box sx={{ flex: "1 1 220px", color: "text.secondary" }}>
        {container.paid ? `${container.paid.text} ${currency}, ${container.unit_cost}` : "paid: not known"}
        {dates.length > 0 && ` · ${dates.join(", ")}`}
        {container.warn.length > 0 && (
          <Box component="span" sx={{ color: "warning.main" }}>
            {` · ${container.warn.join(", ")}`}
          </Box>
        )}
      </Box>
      <Box className="no-print">
        <Button
          size="small"
          onClick={(event) => setMenu(event.currentTarget)}
          aria-haspopup="menu"
          aria-label={`What is left of ${container.label}, ${container.size}`}
        >
          What is left
        </Button>
        <Button size="small" onClick={onCorrect} aria-label={`Correct ${container.label}, ${container.size}`}>
          Correct
        </Button>
        <Button
          size="small"
          color="inherit"
          aria-label={`Remove ${container.label}, ${container.size}`}
          onClick={() => void remove(api.DELETE("/api/containers/{id}", path))}
        >
          Remove
        </Button>
      </Box>
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
