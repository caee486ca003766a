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
      title: `Time and wait: ${step.label}`,
      submit: "Save",
      fields: [
        { name: "time", label: "Hands-on", kind: "effort", bare: "min", half: true },
        {
          name: "wait",
          label: "Wait after it",
          kind: "effort",
          bare: "h",
          half: true,
          help: "leave blank: as planned",
        },
      ],
      initial: { time: step.time?.text ?? "" },
      save: async ({ time = "", wait = "" }) => {
        if (time && time !== step.time?.text) await put({ kind: "time", step: step.key, time }, "Time changed");
        if (wait) await put({ kind: "wait", step: step.key, wait }, "Wait changed");
      },
    },
    note: {
      title: `Note: ${step.label}`,
      submit: "Save note",
      fields: [
        { name: "text", label: "Note", kind: "text" },
        { name: "label", label: "Call the step", kind: "text", help: "leave blank: as planned" },
      ],
      save: async ({ text = "", label = "" }) => {
        if (text) await put({ kind: "note", step: step.key, text }, "Note saved");
        if (label) await put({ kind: "label", step: step.key, text: label }, "Words changed");
      },
    },
    add: {
      title: `A step of your own, after: ${step.label}`,
      submit: "Add step",
      fields: [
        { name: "text", label: "What is done", kind: "text" },
        { name: "work_kind", label: "Kind of work", kind: "select", half: true, options: workshop.lists.work_kinds },
        { name: "time", label: "Hands-on", kind: "effort", bare: "min", half: true },
        { name: "wait", label: "Wait after it", kind: "effort", bare: "h", half: true, help: "leave blank if none" },
      ],
      initial: { work_kind: step.kind },
      save: async ({ text = "", work_kind = "", time = "", wait = "" }) =>
        put({ kind: "add", step: step.key, text, work_kind, time, ...(wait ? { wait } : {}) }, "Step added"),
    },
    split: {
      title: `Split: ${step.label}`,
      submit: "Split step",
      fields: [{ name: "number", label: "Into how many parts", kind: "text", half: true }],
      initial: { number: "2" },
      save: async ({ number = "" }) => put({ kind: "split", step: step.key, number }, "Step split"),
    },
    before: {
      title: `Move: ${step.label}`,
      submit: "Move step",
      fields: [
        {
          name: "before",
          label: "Just before",
          kind: "select",
          options: plan.steps
            .filter((one) => one.key !== step.key && one.state !== "done")
            .map((one) => ({ key: one.key, label: one.label })),
        },
      ],
      save: async ({ before = "" }) => put({ kind: "before", step: step.key, before }, "Step moved"),
    },
  });
  const form = sort && forms(send)[sort];
  const takeOut = (way: boolean) =>
    send({ kind: "remove", step: step.key, ...(way ? { our_way: true } : {}) }, "Step taken out").then(() =>
      setAsked(null),
    );
  const askFirst = (error: unknown) =>
    error instanceof ProblemError && error.is("against_the_craft") ? setAsked(error.message) : failed(error);
  const words: [Sort, string][] = [
    ["time", "Time and wait"],
    ["note", "Note"],
    ["add", "Add a step after it"],
    ["split", "Split"],
    ["before", "Move"],
  ];
  return (
    <Row
      role="group"
      aria-label={`Change ${step.label}`}
      className="no-print"
      gap={0.5}
      align="stretch"
      sx={{ mt: 0.5 }}
    >
      <Button size="small" aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
        Change it
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
            Take out
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
              <Button onClick={() => void takeOut(true).catch(failed)}>It is our way</Button>
              <Button color="inherit" onClick={() => setAsked(null)}>
                Leave it in
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
          {`Undo ${edit.text}`}
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
