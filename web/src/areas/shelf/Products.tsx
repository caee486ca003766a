// Products with the figures of their own labels, and the workshop's recipes.
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import { useCatalogue, useWorkshop } from "../../api/queries";
import type { Product, Catalogue, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import type { Values, FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/shelf";

// What a product of one's own has by its label; what is not said is as its kind has it.
const NOTHING = "none";

// What a label can say of several things: nothing, one of them, or all.
const sets = (choices: { key: string; label: string }[]) => [
  { key: "", label: t("products.usualFigure") },
  { key: NOTHING, label: "nothing" },
  ...choices,
  { key: choices.map((one) => one.key).join(","), label: choices.map((one) => one.label).join(t("products.and")) },
];
const said = (keys: string[] | null) => (keys === null ? "" : keys.join(",") || NOTHING);
// Only what was said is sent.
const listed = (chosen: Record<"builtin" | "blocks", string>) =>
  Object.fromEntries(
    Object.entries(chosen)
      .filter(([, value]) => value !== "")
      .map(([name, value]) => [name, value === NOTHING ? [] : value.split(",")]),
  );

const productFields = (catalogue: Catalogue, workshop: Workshop): FieldSpec[] => [
  { name: "label", label: t("products.nameCanWords"), kind: "text" },
  {
    name: "generic",
    label: t("products.type"),
    kind: "select",
    options: catalogue.products.filter((one) => !one.own).map(({ key, label }) => ({ key, label })),
  },
  {
    name: "base",
    label: t("products.base"),
    kind: "select",
    options: [{ key: "", label: t("products.labelDoesntSay") }, ...catalogue.bases],
    help: t("products.whatThinsCleansSets"),
  },
  {
    name: "builtin",
    label: t("products.includes"),
    kind: "select",
    half: true,
    options: sets(catalogue.labels.builtin),
    help: t("products.separatePrimerTopCoat"),
  },
  {
    name: "blocks",
    label: t("products.blocks"),
    kind: "select",
    half: true,
    options: sets(catalogue.labels.blocks),
  },
  {
    name: "grips",
    label: t("products.sticksSlickSurfaces"),
    kind: "select",
    half: true,
    options: [
      { key: "", label: t("products.usualFigure") },
      { key: "yes", label: "yes" },
      { key: "no", label: "no" },
    ],
  },
  { name: "thin", label: t("products.thinMost"), kind: "text", half: true, unit: "%" },
  { name: "rate", label: t("products.coverage"), kind: "text", half: true, unit: workshop.measures.rate },
  { name: "touch", label: t("products.touchDryAfter"), kind: "effort", bare: "h", half: true },
  { name: "sand", label: t("products.sandAfter"), kind: "effort", bare: "h", half: true },
  { name: "recoat", label: t("products.recoatAfter"), kind: "effort", bare: "h", half: true },
  { name: "handle", label: t("products.carefulUseAfter"), kind: "effort", bare: "h", half: true },
  { name: "cure", label: t("products.fullyCuredAfter"), kind: "text", half: true, unit: "days" },
  { name: "coldest", label: t("products.colderThan"), kind: "text", half: true, unit: workshop.measures.temperature },
  {
    name: "pack_amount",
    label: t("products.containerSize"),
    kind: "text",
    half: true,
    help: `${workshop.measures.volume}, ${workshop.measures.mass}`,
  },
  { name: "pack_price", label: t("products.containerPrice"), kind: "text", half: true, unit: workshop.symbol },
];

export default function Products() {
  const catalogue = useCatalogue();
  const workshop = useWorkshop();
  const [editing, setEditing] = useState<Product | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  if (catalogue.error && !isKept(catalogue))
    return <Failure error={catalogue.error} again={() => void catalogue.refetch()} />;
  if (!catalogue.data || !workshop.data) return <LinearProgress aria-label={t("products.loading")} />;
  const { own_products: own, recipes } = catalogue.data;
  const product = editing === "new" ? null : editing;
  const submit = async (values: Values) => {
    const { label = "", generic: like = "", builtin = "", blocks = "", ...figures } = values;
    const rest = { ...figures, ...listed({ builtin, blocks }) };
    if (!product) {
      await save(
        api.POST("/api/products", { body: { label, generic: like, ...rest } }),
        t("products.added", { label }),
      );
    } else {
      const path = { params: { path: { id: product.id } } };
      await save(
        api.PATCH("/api/products/{id}", { ...path, body: { label, generic: like, ...rest } }),
        t("products.saved", { label }),
      );
    }
    setEditing(null);
  };
  const button = (
    <Button variant="contained" onClick={() => setEditing("new")}>
      {t("products.addProduct")}
    </Button>
  );
  return (
    <>
      <PageHead title={t("products.productsRecipes")} line={t("products.figuresLabelReplaceBuilt")}>
        {button}
      </PageHead>
      <SubNav name={t("products.shelf")} pages={SHELF_PAGES} />
      <Part title={t("products.products")}>
        {own.length === 0 ? (
          <Empty title={t("products.productsOwnYet")}>
            <span>{t("products.plansUseBuiltFigures")}</span>
          </Empty>
        ) : (
          <SmallTable
            label={t("products.products")}
            columns={[
              t("products.product"),
              t("products.type"),
              t("products.base"),
              [t("products.covers", { rate: workshop.data.measures.rate })],
              [t("products.recoat")],
              [t("products.carefulUse")],
              [t("products.container")],
              [t("products.price", { currency: workshop.data.symbol })],
              "",
            ]}
            rows={own.map((one) => ({
              key: one.id,
              cells: [
                one.label,
                one.generic_label,
                one.fields.base || t("products.set"),
                one.fields.rate || "usual",
                one.fields.recoat || "usual",
                one.fields.handle || "usual",
                one.holds ?? "usual",
                one.fields.pack_price || "usual",
                <span key="change">
                  <Button
                    size="small"
                    onClick={() => setEditing(one)}
                    aria-label={t("products.edit", { value: one.label })}
                  >
                    {t("products.edit2")}
                  </Button>
                  <Button
                    size="small"
                    color="inherit"
                    aria-label={t("products.remove", { value: one.label })}
                    onClick={() => void remove(api.DELETE("/api/products/{id}", { params: { path: { id: one.id } } }))}
                  >
                    {t("products.remove2")}
                  </Button>
                </span>,
              ],
            }))}
          />
        )}
      </Part>
      <Part title={t("products.recipes")}>
        {recipes.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>{t("products.recipesYetWhenPlan")}</Typography>
        ) : (
          <SmallTable
            label={t("products.recipes")}
            width={520}
            columns={[t("products.recipe"), ""]}
            rows={recipes.map((recipe) => ({
              key: recipe.id,
              cells: [
                recipe.name,
                <Button
                  key="remove"
                  size="small"
                  color="inherit"
                  aria-label={t("products.remove3", { recipe: recipe.name })}
                  onClick={() => void remove(api.DELETE("/api/recipes/{id}", { params: { path: { id: recipe.id } } }))}
                >
                  {t("products.remove2")}
                </Button>,
              ],
            }))}
          />
        )}
      </Part>
      {editing && (
        <FormDialog
          title={product ? product.label : t("products.addProduct2")}
          submit={product ? t("products.save") : t("products.addProduct3")}
          fields={productFields(catalogue.data, workshop.data)}
          initial={
            product
              ? { ...product.fields, builtin: said(product.fields.builtin), blocks: said(product.fields.blocks) }
              : {}
          }
          onClose={() => setEditing(null)}
          onSubmit={submit}
        />
      )}
    </>
  );
}
