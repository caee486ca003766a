// A kind of finding of the workshop's own, for the list.
import { api } from "../../api/client";
import type { Catalogue, Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

type Props = { workshop: Workshop; catalogue: Catalogue; stop: string; onClose: () => void };

export function OwnFindingDialog({ workshop, catalogue, stop, onClose }: Props) {
  const save = useSave();
  const fields: FieldSpec[] = [
    { name: "label", label: t("ownFindingDialog.whatsProblem"), kind: "text" },
    {
      name: "walk",
      label: t("ownFindingDialog.whereChecklist"),
      kind: "select",
      half: true,
      options: catalogue.walk.map(({ key, label }) => ({ key, label })),
    },
    {
      name: "work_kind",
      label: t("ownFindingDialog.kindWork"),
      kind: "select",
      half: true,
      options: workshop.lists.work_kinds,
    },
    { name: "says", label: t("ownFindingDialog.whyMatters"), kind: "text" },
    { name: "treatment", label: t("ownFindingDialog.whatDoAbout"), kind: "text" },
    { name: "time", label: t("ownFindingDialog.timeTakes"), kind: "effort", bare: "min", half: true },
    {
      name: "wait",
      label: t("ownFindingDialog.waitAfter"),
      kind: "effort",
      bare: "h",
      half: true,
      help: t("ownFindingDialog.leaveBlankIfNone"),
    },
  ];
  return (
    <FormDialog
      title={t("ownFindingDialog.addOwnProblem")}
      submit={t("ownFindingDialog.add")}
      fields={fields}
      initial={{ walk: stop, work_kind: "repair" }}
      onClose={onClose}
      onSubmit={async ({ label = "", walk = "", says = "", work_kind = "", time = "", ...rest }) => {
        await save(
          api.POST("/api/own-findings", { body: { label, walk, says, work_kind, time, ...rest } }),
          t("ownFindingDialog.addedList", { label }),
        );
        onClose();
      }}
    />
  );
}
