// A form in a dialog: fields from their specs, the server's refusals set beside the fields they name.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "./BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { Fragment, type FormEvent, type ReactNode, useId, useState, useEffect } from "react";
import { FormProvider, useForm, useWatch, type UseFormReturn } from "react-hook-form";
import { ProblemError } from "../api/client";
import { BackAgain } from "./BackAgain";
import { Field } from "./Field";
import type { FieldSpec, ShareInput, Values } from "./fields";
import { PiecesField } from "./PiecesField";
import { useDraft } from "./session/useDraft";
import { t } from "../locales/kit";

type Props = {
  title: string;
  submit: string;
  fields: FieldSpec[];
  initial?: Values;
  initialPieces?: ShareInput[];
  // Below the fields; within it the form is at hand by useFormContext.
  extra?: ReactNode | ((pieces: ShareInput[]) => ReactNode);
  onClose: () => void;
  // Throws ProblemError to keep the form open with what is wrong. again: it stays open for another one.
  onSubmit: (values: Values, pieces: ShareInput[], again: boolean) => Promise<void>;
  // Whether one after the other may be entered.
  another?: boolean;
};

export function FormDialog({
  title,
  submit,
  fields,
  initial = {},
  initialPieces = [],
  extra,
  onClose,
  onSubmit,
  another = false,
}: Props) {
  const id = useId();
  const phone = useMediaQuery("(max-width:599px)");
  const shown = fields.filter((field) => field.kind !== "pieces");
  const parted = shown.some((field) => field.section);
  const defaults = Object.fromEntries(shown.map((field) => [field.name, initial[field.name] ?? ""]));
  const form = useForm<Values>({ defaultValues: defaults });
  const [begun] = useState(initialPieces); // as it was opened: the default is another list at each drawing
  const { pieces, choose, back, drop, anew } = useFormDraft(title, form, defaults, begun);
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const [leaving, setLeaving] = useState(false);
  const piecesField = fields.find((field) => field.kind === "pieces");
  const named = new Set(fields.map((field) => field.name));
  const beside = problem?.fields ?? {};
  const deciding = [...new Set(fields.flatMap((field) => Object.keys(field.onlyFor ?? {})))];
  const decided = useWatch({ control: form.control, name: deciding });
  const fits = (field: FieldSpec) =>
    Object.entries(field.onlyFor ?? {}).every(([name, among]) => among.includes(decided[deciding.indexOf(name)] ?? ""));
  const general =
    problem &&
    (problem.problem.errors.length === 0 || problem.problem.errors.some((e) => !e.field || !named.has(e.field)));

  // A measure far outside the usual, or a change against the craft, is asked about; said to be meant so, it is sent
  // again as such.
  const asked = problem?.is("measure_unusual")
    ? t("formDialog.correct")
    : problem?.is("against_the_craft")
      ? t("formDialog.thatsHowWeDo")
      : null;
  const send = (sure: boolean, again = false) =>
    form.handleSubmit(async (values) => {
      setProblem(null);
      try {
        await onSubmit(
          sure ? { ...values, sure: "yes" } : values,
          pieces.map(({ piece_id, weight }) => ({ piece_id, weight })),
          again,
        );
        if (again) form.reset(defaults);
        drop();
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error;
        setProblem(error);
      }
    });
  const submitted = (event: FormEvent) => {
    event.stopPropagation();
    void send(false)(event);
  };

  // What was typed is not lost by a stray click or key: it is asked about first.
  const typed = form.formState.isDirty || pieces !== begun;
  const leave = () => (typed ? setLeaving(true) : onClose());
  const discard = () => {
    drop();
    onClose();
  };

  return (
    <Dialog open onClose={leave} fullScreen={phone} maxWidth={parted ? "md" : "sm"} aria-labelledby={id}>
      <Box
        component="form"
        noValidate
        onSubmit={submitted}
        sx={{ display: "flex", flexDirection: "column", minHeight: 0, flex: 1 }}
      >
        <DialogTitle id={id}>{title}</DialogTitle>
        <DialogContent>
          <Box sx={{ display: "grid", gridTemplateColumns: "repeat(6, 1fr)", gap: 2, pt: 1 }}>
            {back && <BackAgain onAnew={anew} />}
            {asked && (
              <Alert
                severity="warning"
                sx={{ gridColumn: "1 / -1" }}
                action={
                  <Button color="inherit" onClick={() => void send(true)()}>
                    {asked}
                  </Button>
                }
              >
                {problem?.message}
              </Alert>
            )}
            {general && (
              <Alert severity="error" sx={{ gridColumn: "1 / -1" }}>
                {problem.message}
              </Alert>
            )}
            {piecesField && (
              <PiecesField
                spec={piecesField}
                value={pieces}
                onChange={choose}
                error={beside.pieces ?? beside.piece_ids}
              />
            )}
            {shown
              .filter((field) => !field.hidden && fits(field))
              .map((field, place) => (
                <Fragment key={field.name}>
                  {field.section && (
                    <Typography component="h3" sx={{ gridColumn: "1 / -1", fontWeight: 600, mt: place ? 1 : 0 }}>
                      {field.section}
                    </Typography>
                  )}
                  <Box sx={{ gridColumn: field.half ? { xs: "span 3", sm: "span 2" } : "1 / -1" }}>
                    <Field
                      spec={field}
                      control={form.control}
                      error={beside[field.name]}
                      first={place === 0 && (!piecesField || begun.length > 0)}
                    />
                  </Box>
                </Fragment>
              ))}
            {extra && (
              <Box sx={{ gridColumn: "1 / -1" }}>
                <FormProvider {...form}>{typeof extra === "function" ? extra(pieces) : extra}</FormProvider>
              </Box>
            )}
          </Box>
        </DialogContent>
        {leaving && (
          <Alert
            severity="warning"
            sx={{ mx: 3 }}
            action={
              <>
                <Button color="inherit" onClick={() => setLeaving(false)}>
                  {t("formDialog.keepEditing")}
                </Button>
                <Button color="inherit" onClick={discard}>
                  {t("formDialog.discard")}
                </Button>
              </>
            }
          >
            {t("formDialog.haveUnsavedChanges")}
          </Alert>
        )}
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button onClick={discard}>{t("formDialog.cancel")}</Button>
          {another && (
            <Button variant="outlined" onClick={(event) => void send(false, true)(event)}>
              {t("formDialog.saveAddAnother")}
            </Button>
          )}
          <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
            {submit}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}

// The draft of a form in a dialog: its fields and pieces as they were typed, where it begins as it began then.
type Draft = { values: Values; pieces: ShareInput[] | null }; // null: as begun

function useFormDraft(title: string, form: UseFormReturn<Values>, defaults: Values, begun: ShareInput[]) {
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
