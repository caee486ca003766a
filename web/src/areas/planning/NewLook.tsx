// Another look: empty, like one that is there, or by a recipe of the workshop.
import { api } from "../../api/client";
import type { Catalogue, Plan } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export function NewLook({ page, catalogue, onClose }: { page: Plan; catalogue: Catalogue; onClose: () => void }) {
  const save = useSave();
  const none = { key: "", label: t("newLook.scratchChooseEachZone") };
  const fields: FieldSpec[] = [
    { name: "name", label: t("newLook.nameLook"), kind: "text", help: t("newLook.exampleGreenBareTop") },
    {
      name: "from",
      label: t("newLook.start"),
      kind: "select",
      options: [
        none,
        ...page.looks.map((look) => ({ key: `look-${look.id}`, label: t("newLook.look", { look: look.name }) })),
        ...catalogue.recipes.map((recipe) => ({
          key: `recipe-${recipe.id}`,
          label: t("newLook.recipe", { recipe: recipe.name }),
        })),
      ],
    },
  ];
  return (
    <FormDialog
      title={t("newLook.look2")}
      submit={t("newLook.startLook")}
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
          t("newLook.lookStarted", { name }),
        );
        onClose();
      }}
    />
  );
}
