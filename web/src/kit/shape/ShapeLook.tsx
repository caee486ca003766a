// The shape a piece was bought in, looked at: opens filled with the usual parts of its kind, its picture beside it
// changing while one types.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { api, ask, ProblemError } from "../../api/client";
import type { Piece, Plan, Workshop } from "../../api/types";
import { Drawing } from "../Drawing";
import { Field } from "../Field";
import type { Values } from "../fields";
import { useUndo } from "../session/undo";
import { KindInput } from "./KindInput";
import { type ShapeGroup, shapeGroups } from "./shapeFields";
import { useShape } from "./useShape";
import { t } from "../../locales/kit";

const SIZE = ["width", "depth", "height"];
// What hangs on another field is asked for once that is there.
const AFTER: Record<string, string> = {
  row_heights: "drawer_rows",
  door_style: "doors",
  inner_shelves: "doors",
  upper_depth: "upper_height",
  upper_style: "upper_height",
  upper_doors: "upper_height",
};
const offered = (name: string, fields: string[], typed: Values) =>
  SIZE.includes(name) ||
  (fields.includes(name) &&
    (!AFTER[name] || !!typed[AFTER[name]]) &&
    (name !== "leaf" || typed.top_shape === "drop-leaf"));
const shown = (groups: ShapeGroup[], keep: (name: string) => boolean) =>
  groups
    .map((group) => ({ ...group, fields: group.fields.filter((field) => keep(field.name)) }))
    .filter((group) => group.fields.length > 0);

type Props = {
  id: number;
  kind: string;
  shape: Piece["shape"] | Plan["shape"];
  workshop: Workshop;
  onClose: () => void;
};

export default function ShapeLook({ id, kind, shape, workshop, onClose }: Props) {
  const phone = useMediaQuery("(max-width:899px)");
  const { done } = useUndo();
  const [form, setForm] = useState("");
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const { control, handleSubmit, formState } = useForm<Values>({ defaultValues: shape.filled });
  const typed = useWatch({ control }) as Values;
  const drawn = useShape({ ...typed, kind, kind_form: form, checked: "yes" });
  const drawnShape = drawn.data ?? shape;
  const groups = shapeGroups(workshop.length_unit, { planned: false });
  const live = drawn.error instanceof ProblemError ? drawn.error.fields : {};
  const beside = { ...live, ...problem?.fields };
  const save = (values: Values, sure = false) =>
    ask(
      api.PUT("/api/pieces/{id}/shape", {
        params: { path: { id } },
        body: { ...values, kind_form: form, ...(sure ? { sure: "yes" } : {}) },
      }),
    )
      .then(() => {
        done(t("shapeLook.shapeSaved"));
        onClose();
      })
      .catch((error: unknown) => {
        if (!(error instanceof ProblemError)) throw error;
        setProblem(error);
      });
  return (
    <Dialog open onClose={onClose} fullScreen={phone} maxWidth="md" fullWidth aria-labelledby="shape-look">
      <DialogTitle id="shape-look">{kind ? t("shapeLook.shape", { kind }) : t("shapeLook.shape2")}</DialogTitle>
      <DialogContent sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "300px 1fr" }, gap: 3 }}>
        <Box
          sx={{ position: "sticky", top: 0, alignSelf: "start", bgcolor: { xs: "background.paper" }, zIndex: 1, py: 1 }}
        >
          <Drawing shape={drawnShape.drawing} width={290} height={phone ? 170 : 320} measures />
          {!drawnShape.drawing.to_scale && (
            <Typography variant="caption">{t("shapeLook.scaleUntilEnterWidth")}</Typography>
          )}
        </Box>
        <Box
          component="form"
          id="shape-form"
          noValidate
          onSubmit={(event) => void handleSubmit((values) => save(values))(event)}
        >
          {!shape.known && kind && (
            <KindInput lists={workshop.lists} kind={kind} form={form} onKind={() => undefined} onForm={setForm} />
          )}
          {problem && !problem.is("measure_unusual") && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {problem.message}
            </Alert>
          )}
          {problem?.is("measure_unusual") && (
            <Alert
              severity="warning"
              sx={{ mb: 2 }}
              action={
                <Button color="inherit" onClick={() => void handleSubmit((values) => save(values, true))()}>
                  {t("shapeLook.thatsRight")}
                </Button>
              }
            >
              {problem.message}
            </Alert>
          )}
          {shown(groups, (name) => offered(name, drawnShape.fields, typed)).map((group) => (
            <Box key={group.title} component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 2 }}>
              <Typography component="legend" variant="h3" sx={{ mb: 1 }}>
                {group.title}
              </Typography>
              <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 1fr)" }, gap: 1.5 }}>
                {group.fields.map((field) => (
                  <Field key={field.name} spec={field} control={control} error={beside[field.name]} />
                ))}
              </Box>
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Typography variant="caption" sx={{ mr: "auto" }}>
          {t("shapeLook.leaveBlankAnythingDoesnt")}
        </Typography>
        <Button onClick={onClose}>{t("shapeLook.cancel")}</Button>
        <Button type="submit" form="shape-form" variant="contained" loading={formState.isSubmitting}>
          {t("shapeLook.looksRight")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
