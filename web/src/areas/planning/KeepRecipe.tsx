// Keeps a plan as the workshop's own recipe.
import { api, ask } from "../../api/client";
import type { Plan } from "../../api/types";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";

export function KeepRecipe({ page, onClose }: { page: Plan; onClose: () => void }) {
  const { done } = useUndo();
  return (
    <FormDialog
      title="Keep this plan as a recipe"
      submit="Keep recipe"
      fields={[
        {
          name: "name",
          label: "Name of the recipe",
          kind: "text",
          help: "finishes by what the zones are, your own changes scaled to the areas",
        },
      ]}
      onClose={onClose}
      onSubmit={async ({ name = "" }) => {
        const made = await ask(
          api.POST("/api/pieces/{id}/recipes", { params: { path: { id: page.id } }, body: { name } }),
        );
        done(`Recipe ${name} kept`, () => ask(api.DELETE("/api/recipes/{id}", { params: { path: { id: made.id } } })));
        onClose();
      }}
    />
  );
}
