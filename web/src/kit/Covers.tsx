// "What does it cover?": a cost says here what it pays for of what its pieces still need.
import { useEffect } from "react";
import { useStillToBuy } from "../api/queries";
import type { Covers as Covered } from "../api/types";
import { TickBoxes } from "./TickBoxes";
import { useLikely } from "./useLikely";
import { useSettled } from "./useSettled";
import { t } from "../locales/kit";

type Props = {
  pieces: number[];
  what: string;
  category: string;
  // Told what it covers; undefined while nobody was asked.
  onChange: (covers: Covered | undefined) => void;
};

export function Covers({ pieces, what, category, onChange }: Props) {
  const asked = useSettled(what.trim(), 250);
  const rows = useStillToBuy(pieces, asked, category).data?.rows;
  const several = (rows?.length ?? 0) > 1;
  const items = rows?.flatMap(({ piece, items: own }) =>
    own.map(({ item, label, expected, likely }) => ({
      key: `${piece.id}:${item}`,
      label,
      hint:
        [several && piece.name, expected && t("covers.about", { expected: expected.text })]
          .filter(Boolean)
          .join(", ") || undefined,
      likely,
    })),
  );
  const { ticked, setTicked, sent } = useLikely(pieces.join(), asked === "" ? undefined : items);
  const said = sent && JSON.stringify(sent);
  useEffect(() => {
    const covered = said === undefined ? undefined : (JSON.parse(said) as string[]);
    onChange(
      covered?.map((key) => ({ piece_id: Number(key.split(":", 1)[0]), item: key.slice(key.indexOf(":") + 1) })),
    );
    // eslint-disable-next-line react-hooks/exhaustive-deps -- told once for each answer
  }, [said]);
  if (!items || items.length === 0 || asked === "") return null;
  return (
    <TickBoxes
      question={t("covers.whatDoesCoverComes")}
      rows={items}
      ticked={ticked}
      onChange={setTicked}
      none={t("covers.nothingPlan")}
    />
  );
}
