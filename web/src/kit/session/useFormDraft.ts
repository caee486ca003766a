// The draft of a form in a dialog: its fields and pieces as they were typed, where it begins as it began then.
import { useEffect, useState } from "react";
import type { UseFormReturn } from "react-hook-form";
import type { ShareInput, Values } from "../fields";
import { useDraft } from "./useDraft";

type Draft = { values: Values; pieces: ShareInput[] | null }; // null: as begun

export function useFormDraft(title: string, form: UseFormReturn<Values>, defaults: Values, begun: ShareInput[]) {
  const { draft, keep } = useDraft<Draft>(`${title} ${JSON.stringify([defaults, begun])}`);
  const [pieces, setPieces] = useState(draft?.pieces ?? begun);
  const [back, setBack] = useState(draft !== null);
  const [blank] = useState(defaults);
  const note = (values: Values, chosen: ShareInput[]) => {
    const typed = Object.keys(blank).some((name) => values[name] !== blank[name]);
    keep(typed || chosen !== begun ? { values, pieces: chosen === begun ? null : chosen } : null);
  };
  useEffect(() => {
    if (draft) form.reset(draft.values, { keepDefaultValues: true });
  }, [draft, form]);
  useEffect(() => form.subscribe({ formState: { values: true }, callback: ({ values }) => note(values, pieces) }));
  return {
    pieces,
    back,
    choose: (chosen: ShareInput[]) => {
      setPieces(chosen);
      note(form.getValues(), chosen);
    },
    // What is typed was saved, or is thrown away.
    drop: () => {
      keep(null);
      setBack(false);
    },
    anew: () => {
      form.reset(blank);
      setPieces(begun);
      keep(null);
      setBack(false);
    },
  };
}
