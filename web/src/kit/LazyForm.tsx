// A form in a dialog that is loaded when it is first opened: for the first screen, which must load fast.
import { type ComponentProps, lazy, Suspense } from "react";
import type { FormDialog } from "./FormDialog";

const Loaded = lazy(() => import("./FormDialog").then((module) => ({ default: module.FormDialog })));

export function LazyForm(props: ComponentProps<typeof FormDialog>) {
  return (
    <Suspense>
      <Loaded {...props} />
    </Suspense>
  );
}
