// A finding's measure, note and expected day, changed.
import { api, ask } from "../../api/client";
import type { Catalogue, Finding } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FindingDialog } from "./FindingDialog";

export function ChangeFinding({
  finding,
  catalogue,
  onClose,
}: {
  finding: Finding;
  catalogue: Catalogue;
  onClose: () => void;
}) {
  const { done } = useUndo();
  const kinds = catalogue.walk.flatMap((stop) => stop.findings);
  const kind = kinds.find((one) =>
    finding.kind ? one.kind === finding.kind : one.own_finding_id === finding.own_finding_id,
  );
  const path = { params: { path: { id: finding.id } } };
  const before = {
    measure: finding.measure_typed,
    note: finding.note ?? "",
    expected_on: finding.expected_on?.iso ?? "",
  };
  if (!kind) return null;
  return (
    <FindingDialog
      kind={kind}
      zone={finding.zone_label ?? undefined}
      initial={before}
      onClose={onClose}
      onSave={async (values) => {
        await ask(api.PATCH("/api/findings/{id}", { ...path, body: values }));
        done("Finding changed", () =>
          ask(
            api.PATCH("/api/findings/{id}", {
              ...path,
              body: kind.measure ? before : { note: before.note, expected_on: before.expected_on },
            }),
          ),
        );
      }}
    />
  );
}
