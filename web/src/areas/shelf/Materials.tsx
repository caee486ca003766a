// Materials on the shelf: what is left of each, in which containers, and what it is worth.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import Switch from "@mui/material/Switch";
import { useState } from "react";
import { useShelf, useWorkshop, useCatalogue } from "../../api/queries";
import type { Container, Shelf } from "../../api/types";
import DrawDialog from "../../kit/DrawDialog";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Material } from "../../kit/colour/Material";
import { RowMenu } from "../../kit/RowMenu";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { ContainerRow } from "./ContainerRow";
import { api, ask, undoOf } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { PlainList, Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/shelf";

type Asked = { draw: { product: string; container?: number } } | { put: string | null } | { change: Container };

export default function Materials() {
  const [finished, setFinished] = useState(false);
  const shelf = useShelf(finished);
  const workshop = useWorkshop();
  const [asked, setAsked] = useState<Asked | null>(null);
  if (shelf.error && !isKept(shelf)) return <Failure error={shelf.error} again={() => void shelf.refetch()} />;
  if (!shelf.data || !workshop.data) return <LinearProgress aria-label={t("materials.loading")} />;
  const { rows, worth, unknown, gear } = shelf.data;
  const currency = workshop.data.symbol;
  const close = () => setAsked(null);
  const button = (
    <Button variant="contained" onClick={() => setAsked({ put: null })}>
      {t("materials.addShelf")}
    </Button>
  );
  return (
    <>
      <PageHead
        title={t("materials.materials")}
        line={
          rows.length
            ? t("materials.worthOldestUsedFirst", {
                worth: worth?.text,
                currency,
                more: unknown
                  ? t("materials.withoutPrice", {
                      more: t("materials.products", { count: unknown }),
                    })
                  : "",
              })
            : t("materials.whatHaveWhatCost")
        }
      >
        {rows.length > 0 && (
          <Button variant="outlined" onClick={() => setAsked({ draw: { product: "" } })}>
            {t("materials.useShelf")}
          </Button>
        )}
        {button}
      </PageHead>
      <SubNav name={t("materials.shelf2")} pages={SHELF_PAGES} />
      {gear.map((line) => (
        <Alert key={line} severity="warning" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
          {line}
        </Alert>
      ))}
      {rows.length === 0 ? (
        <Empty title={t("materials.nothingShelfYet")}>
          <span>{t("materials.addCansPacksBottles")}</span>
          {button}
        </Empty>
      ) : (
        <Part title={t("materials.shelf")}>
          {rows.map((row) => (
            <Product key={row.product} row={row} onAsk={setAsked} />
          ))}
        </Part>
      )}
      <FormControlLabel
        control={<Switch checked={finished} onChange={(_, on) => setFinished(on)} />}
        label={t("materials.showEmptyOnes")}
      />
      {asked && "draw" in asked && (
        <DrawDialog
          {...(asked.draw.product ? { product: asked.draw.product } : {})}
          {...(asked.draw.container ? { container: asked.draw.container } : {})}
          onClose={close}
        />
      )}
      {asked && "put" in asked && <ContainerDialog product={asked.put} currency={currency} onClose={close} />}
      {asked && "change" in asked && (
        <ContainerDialog container={asked.change} product={asked.change.product} currency={currency} onClose={close} />
      )}
    </>
  );
}

function Product({ row, onAsk }: { row: Shelf["rows"][number]; onAsk: (asked: Asked) => void }) {
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 0.75 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}>
        <Box sx={{ flex: "1 1 220px" }}>
          <Box component="span" sx={{ fontWeight: 600 }}>
            <Material label={row.label} swatch={row.swatch} />
          </Box>
          {row.label.includes(row.kind) ? "" : <Quiet component="span">{`, ${row.kind.replace("_", " ")}`}</Quiet>}
        </Box>
        <Box sx={{ minWidth: 90, textAlign: "right", fontWeight: 600 }}>{row.left}</Box>
        <Box sx={{ minWidth: 110, textAlign: "right" }}>
          {row.worth ? `${row.worth.text}` : t("materials.valueUnknown")}
        </Box>
        <Box className="no-print" sx={{ display: "flex", alignItems: "center" }}>
          <Button
            variant="outlined"
            size="small"
            onClick={() => onAsk({ draw: { product: row.product } })}
            aria-label={t("materials.use", { value: row.label })}
          >
            {t("materials.use2")}
          </Button>
          <RowMenu
            name={row.label}
            actions={[{ label: t("materials.addAnother"), run: () => onAsk({ put: row.product }) }]}
          />
        </Box>
      </Box>
      <PlainList
        aria-label={t("materials.containers", { value: row.label })}
        sx={{ display: "flex", flexWrap: "wrap", columnGap: 3 }}
      >
        {row.containers.map((one) => (
          <ContainerRow
            key={one.id}
            container={one}
            onCorrect={() => onAsk({ change: one })}
            onTake={() => onAsk({ draw: { product: row.product, container: one.id } })}
          />
        ))}
      </PlainList>
    </Box>
  );
}

// Putting containers on the shelf, or correcting one.
type Props = { product: string | null; container?: Container; start?: Values; currency: string; onClose: () => void };

function ContainerDialog({ product, container, start = {}, currency, onClose }: Props) {
  const catalogue = useCatalogue();
  const today = useWorkshop().data?.today.iso;
  const measures = useWorkshop().data?.measures;
  const save = useSave();
  const { done } = useUndo();
  if (!catalogue.data || !today) return null;
  const options = catalogue.data.products.map(({ key, label }) => ({ key, label }));
  const coloured = catalogue.data.products.filter((one) => one.colours).map((one) => one.key);
  const begun = container && container.left !== container.size;
  const fields: FieldSpec[] = [
    // A tin that was not begun can be another one: it was exchanged at the shop.
    { name: "product", label: t("materials.what"), kind: "select", options, hidden: begun },
    {
      name: "colour",
      label: t("materials.color"),
      kind: "colour",
      help: t("materials.set"),
      hidden: begun,
      onlyFor: { product: coloured },
    },
    {
      name: "size",
      label: t("materials.size"),
      kind: "text",
      half: true,
      help: `${measures?.volume}; ${measures?.mass}; 10`,
    },
    { name: "paid", label: t("materials.pricePaid"), kind: "text", unit: currency, half: true },
    { name: "value", label: t("materials.valueIfGift"), kind: "text", unit: currency, half: true },
    { name: "count", label: t("materials.howManyThese"), kind: "text", half: true, hidden: container !== undefined },
    { name: "bought_on", label: t("materials.bought"), kind: "date", half: true },
    { name: "opened_on", label: t("materials.opened"), kind: "date", half: true },
    { name: "keeps_until", label: t("materials.goodUntil"), kind: "date", half: true },
    { name: "place", label: t("materials.whereKeep"), kind: "text", half: true },
    {
      name: "opening",
      label: t("materials.howLongYouveHad"),
      kind: "select",
      half: true,
      hidden: container !== undefined,
      options: [
        { key: "", label: t("materials.justBought") },
        { key: "yes", label: t("materials.thereStart") },
      ],
    },
    { name: "note", label: t("materials.note"), kind: "text" },
  ];
  const submit = async (values: Values) => {
    const { product: key = "", size = "", count = "", opening = "", colour: said = "", ...rest } = values;
    const colour = coloured.includes(key) ? said : "";
    if (container) {
      const path = { params: { path: { id: container.id } } };
      await save(
        api.PATCH("/api/containers/{id}", { ...path, body: { product: key, size, colour, ...rest } }),
        t("materials.changed", { container: container.label }),
      );
    } else {
      const made = await ask(
        api.POST("/api/containers", {
          body: { product: key, size, colour, count, opening: opening === "yes", ...rest },
        }),
      );
      const label = options.find((one) => one.key === key)?.label ?? "";
      done(t("materials.addedShelf", { label }), undoOf(made));
    }
    onClose();
  };
  const [plain = "", colour = ""] = (product ?? "paint_all").split("@"); // a material is a product in a colour
  const initial = container?.fields ?? { product: plain, colour, count: "1", bought_on: today, ...start };
  return (
    <FormDialog
      title={container ? t("materials.edit", { container: container.label }) : t("materials.addShelf")}
      submit={container ? t("materials.save") : t("materials.addShelf2")}
      fields={fields}
      initial={initial}
      onClose={onClose}
      onSubmit={submit}
    />
  );
}
