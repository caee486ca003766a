// The shape a piece will have: what is empty stays as it was bought.
import Button from "@mui/material/Button";
import { api, ask } from "../../api/client";
import type { Plan, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { shapeFields } from "../../kit/shape/shapeFields";
import { t } from "../../locales/planning";

type Props = { page: Plan; workshop: Workshop; onClose: () => void };

export function ShapeDialog({ page, workshop, onClose }: Props) {
  const { done, failed } = useUndo();
  const path = { params: { path: { id: page.id } } };
  const before = page.planned_shape;
  const put = (values: Values) => ask(api.PUT("/api/pieces/{id}/planned-shape", { ...path, body: values }));
  const keep = () => ask(api.DELETE("/api/pieces/{id}/planned-shape", path));
  const back = () => (before ? put(before) : keep());
  const upper = {
    name: "without_upper",
    label: t("shapeDialog.upperPart"),
    kind: "select" as const,
    half: true,
    options: [
      { key: "", label: t("shapeDialog.bought") },
      { key: "yes", label: t("shapeDialog.removed") },
    ],
  };
  return (
    <FormDialog
      title={t("shapeDialog.plannedShape")}
      submit={t("shapeDialog.planShape")}
      fields={[...shapeFields(workshop.length_unit, { planned: true }), upper]}
      initial={before ?? {}}
      extra={
        before && (
          <Button
            onClick={() =>
              void keep()
                .then(() => done(t("shapeDialog.shapeBought"), back))
                .then(onClose)
                .catch(failed)
            }
          >
            {t("shapeDialog.keepShape")}
          </Button>
        )
      }
      onClose={onClose}
      onSubmit={async (values) => {
        await put(values);
        done(t("shapeDialog.shapePlanned"), back);
        onClose();
      }}
    />
  );
}
