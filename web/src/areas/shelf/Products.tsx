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

// What a product of one's own has by its label; what is not said is as its kind has it.
const NOTHING = "none";

// What a label can say of several things: nothing, one of them, or all.
const sets = (choices: { key: string; label: string }[]) => [
  { key: "", label: "as its kind" },
  { key: NOTHING, label: "nothing" },
  ...choices,
  { key: choices.map((one) => one.key).join(","), label: choices.map((one) => one.label).join(" and ") },
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
  { name: "label", label: "What it says on the tin, in your words", kind: "text" },
  {
    name: "generic",
    label: "Is a",
    kind: "select",
    options: catalogue.products.filter((one) => !one.own).map(({ key, label }) => ({ key, label })),
  },
  {
    name: "base",
    label: "Base",
    kind: "select",
    options: [{ key: "", label: "the label does not say" }, ...catalogue.bases],
    help: "what it is thinned and cleaned with: its cautions follow from it",
  },
  {
    name: "builtin",
    label: "Built in",
    kind: "select",
    half: true,
    options: sets(catalogue.labels.builtin),
    help: "a primer or clear coat is then left out",
  },
  {
    name: "blocks",
    label: "Holds back",
    kind: "select",
    half: true,
    options: sets(catalogue.labels.blocks),
  },
  {
    name: "grips",
    label: "Sticks on slick surfaces",
    kind: "select",
    half: true,
    options: [
      { key: "", label: "as its kind" },
      { key: "yes", label: "yes" },
      { key: "no", label: "no" },
    ],
  },
  { name: "thin", label: "Thinned at most", kind: "text", half: true, unit: "%" },
  { name: "rate", label: "Covers", kind: "text", half: true, unit: workshop.measures.rate },
  { name: "touch", label: "Touch dry after", kind: "effort", bare: "h", half: true },
  { name: "sand", label: "Sand after", kind: "effort", bare: "h", half: true },
  { name: "recoat", label: "Recoat after", kind: "effort", bare: "h", half: true },
  { name: "handle", label: "Handle after", kind: "effort", bare: "h", half: true },
  { name: "cure", label: "Cured after", kind: "text", half: true, unit: "days" },
  { name: "coldest", label: "Not below", kind: "text", half: true, unit: workshop.measures.temperature },
  {
    name: "pack_amount",
    label: "Tin holds",
    kind: "text",
    half: true,
    help: `${workshop.measures.volume}, ${workshop.measures.mass}`,
  },
  { name: "pack_price", label: "Tin costs", kind: "text", half: true, unit: workshop.currency },
];

export default function Products() {
  const catalogue = useCatalogue();
  const workshop = useWorkshop();
  const [editing, setEditing] = useState<Product | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  if (catalogue.error && !isKept(catalogue))
    return <Failure error={catalogue.error} again={() => void catalogue.refetch()} />;
  if (!catalogue.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { own_products: own, recipes } = catalogue.data;
  const product = editing === "new" ? null : editing;
  const submit = async (values: Values) => {
    const { label = "", generic: like = "", builtin = "", blocks = "", ...figures } = values;
    const rest = { ...figures, ...listed({ builtin, blocks }) };
    if (!product) {
      await save(api.POST("/api/products", { body: { label, generic: like, ...rest } }), `${label} added`);
    } else {
      const path = { params: { path: { id: product.id } } };
      await save(
        api.PATCH("/api/products/{id}", { ...path, body: { label, generic: like, ...rest } }),
        `${label} saved`,
      );
    }
    setEditing(null);
  };
  const button = (
    <Button variant="contained" onClick={() => setEditing("new")}>
      Add a product
    </Button>
  );
  return (
    <>
      <PageHead
        title="Products and recipes"
        line="A label's own figures win over what is usual; plans follow them at once."
      >
        {button}
      </PageHead>
      <SubNav name="Shelf" pages={SHELF_PAGES} />
      <Part title="Products of your own">
        {own.length === 0 ? (
          <Empty title="No product of your own yet">
            <span>
              Plans take usual figures of the trade until you give those of your own tins: how far it goes, when it may
              be coated again, what it costs.
            </span>
          </Empty>
        ) : (
          <SmallTable
            label="Products of your own"
            columns={[
              "Product",
              "Is a",
              "Base",
              [`Covers ${workshop.data.measures.rate}`],
              ["Recoat"],
              ["Handle"],
              ["Container"],
              [`Price ${workshop.data.currency}`],
              "",
            ]}
            rows={own.map((one) => ({
              key: one.id,
              cells: [
                one.label,
                one.generic_label,
                one.fields.base || "not said",
                one.fields.rate || "usual",
                one.fields.recoat || "usual",
                one.fields.handle || "usual",
                one.holds ?? "usual",
                one.fields.pack_price || "usual",
                <span key="change">
                  <Button size="small" onClick={() => setEditing(one)} aria-label={`Correct ${one.label}`}>
                    Correct
                  </Button>
                  <Button
                    size="small"
                    color="inherit"
                    aria-label={`Remove ${one.label}`}
                    onClick={() => void remove(api.DELETE("/api/products/{id}", { params: { path: { id: one.id } } }))}
                  >
                    Remove
                  </Button>
                </span>,
              ],
            }))}
          />
        )}
      </Part>
      <Part title="Recipes">
        {recipes.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>
            None yet. A plan that went well is kept as a recipe on its page, and laid over another piece when its look
            is begun.
          </Typography>
        ) : (
          <SmallTable
            label="Recipes"
            width={520}
            columns={["Recipe", ""]}
            rows={recipes.map((recipe) => ({
              key: recipe.id,
              cells: [
                recipe.name,
                <Button
                  key="remove"
                  size="small"
                  color="inherit"
                  aria-label={`Remove ${recipe.name}`}
                  onClick={() => void remove(api.DELETE("/api/recipes/{id}", { params: { path: { id: recipe.id } } }))}
                >
                  Remove
                </Button>,
              ],
            }))}
          />
        )}
      </Part>
      {editing && (
        <FormDialog
          title={product ? product.label : "A product"}
          submit={product ? "Save product" : "Add product"}
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
