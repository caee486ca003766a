// Another look: empty, like one that is there, or by a recipe of the workshop.
import { api, ask } from "../../api/client";
import type { Catalogue, Plan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

export function NewLook({ page, catalogue, onClose }: { page: Plan; catalogue: Catalogue; onClose: () => void }) {
  const { done } = useUndo();
  const none = { key: "", label: "nothing: choose each zone" };
  const fields: FieldSpec[] = [
    { name: "name", label: "Name of the look", kind: "text", help: "such as: green with bare top" },
    {
      name: "from",
      label: "Begin with",
      kind: "select",
      options: [
        none,
        ...page.looks.map((look) => ({ key: `look-${look.id}`, label: `the look ${look.name}` })),
        ...catalogue.recipes.map((recipe) => ({ key: `recipe-${recipe.id}`, label: `the recipe ${recipe.name}` })),
      ],
    },
  ];
  return (
    <FormDialog
      title="A look"
      submit="Begin this look"
      fields={fields}
      onClose={onClose}
      onSubmit={async ({ name = "", from = "" }) => {
        const [kind, id] = from.split("-");
        const body = {
          name,
          ...(kind === "look" ? { like: Number(id) } : {}),
          ...(kind === "recipe" ? { recipe: Number(id) } : {}),
        };
        const made = await ask(api.POST("/api/pieces/{id}/looks", { params: { path: { id: page.id } }, body }));
        done(`Look ${name} begun`, () => ask(api.DELETE("/api/looks/{id}", { params: { path: { id: made.id } } })));
        onClose();
      }}
    />
  );
}
