// Another look: empty, like one that is there, or by a recipe of the workshop.
import { api } from "../../api/client";
import type { Catalogue, Plan } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";

export function NewLook({ page, catalogue, onClose }: { page: Plan; catalogue: Catalogue; onClose: () => void }) {
  const save = useSave();
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
        await save(
          api.POST("/api/pieces/{id}/looks", { params: { path: { id: page.id } }, body }),
          `Look ${name} begun`,
        );
        onClose();
      }}
    />
  );
}
