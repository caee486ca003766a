// The pages of a piece's plan under one head: loads what they share.
import LinearProgress from "@mui/material/LinearProgress";
import type { ReactNode } from "react";
import { useParams } from "react-router";
import { useCatalogue, usePlan, useWorkshop } from "../../api/queries";
import type { Catalogue, Plan, Workshop } from "../../api/types";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { piecePages } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { t } from "../../locales/planning";

export type Shared = { page: Plan; catalogue: Catalogue; workshop: Workshop };
type Props = {
  title: string;
  line: (shared: Shared) => ReactNode;
  actions?: (shared: Shared) => ReactNode;
  children: (shared: Shared) => ReactNode;
};

export function PlanFrame({ title, line, actions, children }: Props) {
  const id = Number(useParams().id);
  const plan = usePlan(id);
  const catalogue = useCatalogue();
  const workshop = useWorkshop();
  const failed = [plan, catalogue, workshop].find((one) => one.error && !isKept(one));
  if (failed?.error) return <Failure error={failed.error} again={() => void failed.refetch()} />;
  if (!plan.data || !catalogue.data || !workshop.data) return <LinearProgress aria-label={t("planFrame.loading")} />;
  const shared = { page: plan.data, catalogue: catalogue.data, workshop: workshop.data };
  return (
    <>
      <PageHead title={`${plan.data.name}: ${title}`} line={line(shared)}>
        {actions?.(shared)}
      </PageHead>
      <SubNav name={plan.data.name} pages={piecePages(id)} />
      {children(shared)}
    </>
  );
}
