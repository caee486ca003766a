// "Done with these?": hours that belong to no step say here which steps they finished.
import { useEffect } from "react";
import { useDoneWith } from "../api/queries";
import type { FinishedSteps } from "../api/types";
import { TickBoxes } from "./TickBoxes";
import { useLikely } from "./useLikely";
import { useSettled } from "./useSettled";
import { t } from "../locales/kit";

type Props = {
  pieces: number[];
  kind: string;
  effort: string;
  // Told which steps are done; undefined while nobody was asked.
  onChange: (done: FinishedSteps | undefined) => void;
};

export function DoneWith({ pieces, kind, effort, onChange }: Props) {
  const asked = useSettled(effort.trim(), 250);
  const rows = useDoneWith(pieces, kind, asked).data?.rows;
  const several = (rows?.length ?? 0) > 1;
  const steps = rows?.flatMap(({ piece, steps: own }) =>
    own.map(({ step, label, likely }) => ({
      key: `${piece.id}:${step}`,
      label,
      hint: several ? piece.name : undefined,
      likely,
    })),
  );
  const about = `${pieces.join()} ${kind}`;
  const { ticked, setTicked, sent } = useLikely(about, asked === "" ? undefined : steps);
  const said = sent && JSON.stringify(sent);
  useEffect(() => {
    const done = said === undefined ? undefined : (JSON.parse(said) as string[]);
    onChange(done?.map((key) => ({ piece_id: Number(key.split(":", 1)[0]), step: key.slice(key.indexOf(":") + 1) })));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- told once for each answer
  }, [said]);
  if (!steps || steps.length === 0 || asked === "") return null;
  return (
    <TickBoxes
      question={t("doneWith.whichTheseDone")}
      rows={steps}
      ticked={ticked}
      onChange={setTicked}
      none={t("doneWith.noneThese")}
    />
  );
}
