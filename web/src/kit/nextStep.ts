// The step of a plan that comes next: the first that is not done and whose needs are.
import type { Step, Steps } from "../api/types";

export const nextOf = (plan: Steps): Step | undefined =>
  plan.steps.find(
    (step) =>
      step.state !== "done" &&
      step.needs.every((need) => plan.steps.find((one) => one.key === need.key)?.state === "done"),
  );
