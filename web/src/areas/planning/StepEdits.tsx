// Changing a plan by hand: times, waits, words, steps added, split, moved or taken out. All of it outlives re-planning.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { api, ProblemError } from "../../api/client";
import type { Plan, PlanEditInput, Step, Steps, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

type Sort = "time" | "note" | "add" | "split" | "before";
type Props = { step: Step; page: Plan; plan: Steps; workshop: Workshop };

export function StepEdits({ step, page, plan, workshop }: Props) {
  const [sort, setSort] = useState<Sort | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const save = useSave();
  const { remove, failed } = useUndo();
  if (step.state === "done") return null;
  const send = async (body: PlanEditInput, message: string) => {
    await save(api.POST("/api/pieces/{id}/plan-edits", { params: { path: { id: page.id } }, body }), message);
  };
  const forms = (
    put: typeof send,
  ): Record<
    Sort,
    {
      title: string;
      submit: string;
      fields: FieldSpec[];
      initial?: Record<string, string>;
      save: (values: Record<string, string>) => Promise<void>;
    }
  > => ({
    time: {
      title: t("stepEdits.timeWait", { step: step.label }),
      submit: t("stepEdits.save"),
      fields: [
        { name: "time", label: t("stepEdits.hands"), kind: "effort", bare: "min", half: true },
        {
          name: "wait",
          label: t("stepEdits.waitAfter"),
          kind: "effort",
          bare: "h",
          half: true,
          help: t("stepEdits.leaveBlankUsePlans"),
        },
      ],
      initial: { time: step.time?.text ?? "" },
      save: async ({ time = "", wait = "" }) => {
        if (time && time !== step.time?.text)
          await put({ kind: "time", step: step.key, time }, t("stepEdits.timeChanged"));
        if (wait) await put({ kind: "wait", step: step.key, wait }, t("stepEdits.waitChanged"));
      },
    },
    note: {
      title: t("stepEdits.note", { step: step.label }),
      submit: t("stepEdits.save2"),
      fields: [
        { name: "text", label: t("stepEdits.note2"), kind: "text" },
        { name: "label", label: t("stepEdits.nameStep"), kind: "text", help: t("stepEdits.leaveBlankUsePlans") },
      ],
      save: async ({ text = "", label = "" }) => {
        if (text) await put({ kind: "note", step: step.key, text }, t("stepEdits.noteSaved"));
        if (label) await put({ kind: "label", step: step.key, text: label }, t("stepEdits.textChanged"));
      },
    },
    add: {
      title: t("stepEdits.ownStepAfter", { step: step.label }),
      submit: t("stepEdits.addStep"),
      fields: [
        { name: "text", label: t("stepEdits.whatDo"), kind: "text" },
        {
          name: "work_kind",
          label: t("stepEdits.kindWork"),
          kind: "select",
          half: true,
          options: workshop.lists.work_kinds,
        },
        { name: "time", label: t("stepEdits.hands"), kind: "effort", bare: "min", half: true },
        {
          name: "wait",
          label: t("stepEdits.waitAfter"),
          kind: "effort",
          bare: "h",
          half: true,
          help: t("stepEdits.leaveBlankIfNone"),
        },
      ],
      initial: { work_kind: step.kind },
      save: async ({ text = "", work_kind = "", time = "", wait = "" }) =>
        put(
          { kind: "add", step: step.key, text, work_kind, time, ...(wait ? { wait } : {}) },
          t("stepEdits.stepAdded"),
        ),
    },
    split: {
      title: t("stepEdits.split", { step: step.label }),
      submit: t("stepEdits.splitStep"),
      fields: [{ name: "number", label: t("stepEdits.intoHowManyParts"), kind: "text", half: true }],
      initial: { number: "2" },
      save: async ({ number = "" }) => put({ kind: "split", step: step.key, number }, t("stepEdits.stepSplit")),
    },
    before: {
      title: t("stepEdits.move", { step: step.label }),
      submit: t("stepEdits.moveStep"),
      fields: [
        {
          name: "before",
          label: t("stepEdits.before"),
          kind: "select",
          options: plan.steps
            .filter((one) => one.key !== step.key && one.state !== "done")
            .map((one) => ({ key: one.key, label: one.label })),
        },
      ],
      save: async ({ before = "" }) => put({ kind: "before", step: step.key, before }, t("stepEdits.stepMoved")),
    },
  });
  const form = sort && forms(send)[sort];
  const takeOut = (way: boolean) =>
    send({ kind: "remove", step: step.key, ...(way ? { our_way: true } : {}) }, t("stepEdits.stepRemoved")).then(() =>
      setAsked(null),
    );
  const askFirst = (error: unknown) =>
    error instanceof ProblemError && error.is("against_the_craft") ? setAsked(error.message) : failed(error);
  const words: [Sort, string][] = [
    ["time", t("stepEdits.timeWait2")],
    ["note", t("stepEdits.note2")],
    ["add", t("stepEdits.addStepAfter")],
    ["split", t("stepEdits.split2")],
    ["before", t("stepEdits.move2")],
  ];
  return (
    <Row
      role="group"
      aria-label={t("stepEdits.edit", { step: step.label })}
      className="no-print"
      gap={0.5}
      align="stretch"
      sx={{ mt: 0.5 }}
    >
      <Button size="small" aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
        {t("stepEdits.edit2")}
      </Button>
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {words.map(([key, label]) => (
          <MenuItem
            key={key}
            onClick={() => {
              setMenu(null);
              setSort(key);
            }}
          >
            {label}
          </MenuItem>
        ))}
        {!step.lead && (
          <MenuItem
            onClick={() => {
              setMenu(null);
              void takeOut(false).catch(askFirst);
            }}
          >
            {t("stepEdits.remove")}
          </MenuItem>
        )}
      </Menu>
      {asked && (
        <Alert
          severity="warning"
          variant="outlined"
          sx={{ width: "100%", color: "text.primary" }}
          action={
            <>
              <Button onClick={() => void takeOut(true).catch(failed)}>{t("stepEdits.thatsHowWeDo")}</Button>
              <Button color="inherit" onClick={() => setAsked(null)}>
                {t("stepEdits.keep")}
              </Button>
            </>
          }
        >
          {asked}
        </Alert>
      )}
      {step.edits.map((edit) => (
        <Button
          key={edit.id}
          size="small"
          color="secondary"
          onClick={() => void remove(api.DELETE("/api/plan-edits/{id}", { params: { path: { id: edit.id } } }))}
        >
          {t("stepEdits.undo", { edit: edit.text })}
        </Button>
      ))}
      {form && (
        <FormDialog
          title={form.title}
          submit={form.submit}
          fields={form.fields}
          initial={form.initial}
          onClose={() => setSort(null)}
          onSubmit={async (values) => {
            const { sure, ...rest } = values;
            const put: typeof send = (edit, message) => send({ ...edit, ...(sure ? { our_way: true } : {}) }, message);
            await forms(put)[sort].save(rest);
            setSort(null);
          }}
        />
      )}
    </Row>
  );
}
