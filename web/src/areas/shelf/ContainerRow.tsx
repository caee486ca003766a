// One tin, bottle or pack: tapped it says what is left; beside it what it cost and what there is to say of it.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, undoOf } from "../../api/client";
import type { Container } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useTell } from "../../kit/session/useTell";
import { FormDialog } from "../../kit/FormDialog";
import { RowMenu } from "../../kit/RowMenu";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/shelf";

// A tin, bottle or pack as such: how full it stands, in the colour that is in it; a tap says what is left.
const W = 54;
const H = 62;

// Liquids stand in tins, the rest in boxes.
const liquid = (size: string) => /\b(ml|L|fl oz|pt|qt|gal)\b/.test(size);

function Tin({ container }: { container: Container }) {
  const tin = liquid(container.size);
  const [top, bottom] = [tin ? 12 : 6, H - 3];
  const level = bottom - ((bottom - top) * container.percent) / 100;
  const colour = container.swatch ?? "var(--k-palette-primary-main)";
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${W} ${H}`}
      width={W}
      height={H}
      role="img"
      aria-label={t("containerRow.full", { percent: container.percent })}
      sx={{ display: "block" }}
    >
      {tin && <path d={`M12 10C16 0 38 0 42 10`} fill="none" stroke="var(--k-palette-text-secondary)" />}
      <rect x={5} y={top} width={W - 10} height={bottom - top} fill="var(--k-palette-background-paper)" />
      <rect x={5} y={level} width={W - 10} height={bottom - level} fill={colour} opacity={container.swatch ? 1 : 0.6} />
      <rect
        x={5}
        y={top}
        width={W - 10}
        height={bottom - top}
        rx={tin ? 0 : 2}
        fill="none"
        stroke="var(--k-palette-text-primary)"
        strokeWidth={1.4}
      />
      {tin && (
        <rect
          x={3}
          y={top - 2}
          width={W - 6}
          height={5}
          fill="var(--k-palette-background-default)"
          stroke="var(--k-palette-text-primary)"
          strokeWidth={1.2}
        />
      )}
      {[25, 50, 75].map((quarter) => (
        <path
          key={quarter}
          d={`M${W - 12} ${bottom - ((bottom - top) * quarter) / 100}h6`}
          stroke="var(--k-palette-text-primary)"
          strokeWidth={0.8}
        />
      ))}
    </Box>
  );
}

const QUARTERS = [
  { share: "full", label: t("containerRow.fullEstimate") },
  { share: "3/4", label: t("containerRow.threeQuartersEstimate") },
  { share: "1/2", label: t("containerRow.halfEstimate") },
  { share: "1/4", label: t("containerRow.quarterEstimate") },
  { share: "empty", label: t("containerRow.empty") },
];

export function ContainerRow({
  container,
  onCorrect,
  onTake,
}: {
  container: Container;
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
      { what: t("containerRow.left", { container: container.label, left: body.left ?? body.share }) },
      (how) => api.POST("/api/containers/{id}/level", { ...path, body, ...how }),
      (now) => done(t("containerRow.left2", { left: now.left, now: now.label }), undoOf(now)),
    );
  };
  const dates = [
    container.opening
      ? t("containerRow.thereStart")
      : container.bought_on && t("containerRow.bought", { boughton: container.bought_on.text }),
    container.opened_on && t("containerRow.opened", { openedon: container.opened_on.text }),
    container.place && t("containerRow.kept", { place: container.place }),
    container.note,
  ].filter(Boolean);
  const name = `${container.label}, ${container.size}`;
  return (
    <Row
      component="li"
      data-tin={container.id}
      ref={(row: HTMLLIElement | null) => void (scanned && row?.scrollIntoView({ block: "center" }))}
      wrap={false}
      sx={{
        minWidth: 0,
        maxWidth: 330,
        outline: scanned ? "3px solid var(--k-palette-primary-main)" : "none",
        outlineOffset: 4,
      }}
    >
      <ButtonBase
        onClick={(event) => setMenu(event.currentTarget)}
        aria-haspopup="menu"
        aria-label={t("containerRow.howMuchLeft", { name })}
        sx={{ borderRadius: 1, p: 0.5 }}
      >
        <Tin container={container} />
      </ButtonBase>
      <Box sx={{ minWidth: 0, fontSize: 14.5, lineHeight: 1.3 }}>
        <Box sx={{ fontWeight: 600 }}>{t("containerRow.of", { left: container.left, size: container.size })}</Box>
        <Quiet>
          {container.paid ? `${container.paid.text}, ${container.unit_cost}` : t("containerRow.priceUnknown")}
          {dates.length > 0 && ` · ${dates.join(", ")}`}
        </Quiet>
        {container.warn.length > 0 && <Box sx={{ color: "warning.main" }}>{container.warn.join(", ")}</Box>}
      </Box>
      <RowMenu
        name={name}
        actions={[
          { label: t("containerRow.useSome"), run: onTake },
          { label: t("containerRow.printLabel"), href: `/api/containers/${container.id}/label` },
          { label: t("containerRow.edit"), run: onCorrect },
          { label: t("containerRow.remove"), run: () => void remove(api.DELETE("/api/containers/{id}", path)) },
        ]}
      />
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        <LevelSlider
          percent={container.percent}
          label={t("containerRow.level", { container: container.label })}
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
          {t("containerRow.enterAmount")}
        </MenuItem>
      </Menu>
      {weighing && (
        <FormDialog
          title={t("containerRow.howMuchLeft2", { container: container.label })}
          submit={t("containerRow.save")}
          fields={[
            {
              name: "left",
              label: t("containerRow.amountLeft"),
              kind: "text",
              help: t("containerRow.heldShelfSays", { size: container.size, left: container.left }),
            },
          ]}
          onClose={() => setWeighing(false)}
          onSubmit={async (values) => {
            await level({ left: values.left ?? "" });
            setWeighing(false);
          }}
        />
      )}
    </Row>
  );
}

// What is left in a container, dragged to where it stands, or moved with the arrow keys.
type Props = { percent: number; label: string; onChosen: (share: string) => void };

function LevelSlider({ percent, label, onChosen }: Props) {
  const [level, setLevel] = useState(percent);
  return (
    <Row
      component="li"
      role="none"
      wrap={false}
      gap={2}
      sx={{ height: 150, px: 3, py: 2.5, listStyle: "none" }}
      // Keys are for the slider, not for the menu.
      onKeyDown={(event) => event.key !== "Escape" && event.stopPropagation()}
    >
      <Slider
        orientation="vertical"
        value={level}
        step={5}
        aria-label={label}
        onChange={(_, value) => setLevel(value as number)}
      />
      <Button variant="outlined" onClick={() => onChosen(`${level}%`)}>
        {t("containerRow.set", { level })}
      </Button>
    </Row>
  );
}
