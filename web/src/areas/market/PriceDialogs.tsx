// What is decided and typed on the price page.
import { api } from "../../api/client";
import type { Pricing, Workshop } from "../../api/types";
import { settled, settling } from "../../kit/eventFields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

type Props = { id: number; data: Pricing; workshop: Workshop; onClose: () => void };

export function DecideDialog({ id, data, workshop, price, onClose }: Props & { price: string }) {
  const save = useSave();
  const { symbol: currency } = workshop;
  return (
    <FormDialog
      title={t("pricePage.decidePrice")}
      submit={t("pricePage.saveDecision")}
      fields={[
        { name: "asking", label: t("pricePage.asking2"), kind: "text", unit: currency, half: true },
        {
          name: "list",
          label: t("pricePage.today"),
          kind: "select",
          half: true,
          options: [
            { key: "no", label: t("pricePage.listedYet") },
            { key: "yes", label: data.listed ? t("pricePage.listedPrice") : t("pricePage.listedPrice2") },
          ],
        },
        {
          name: "channel",
          label: t("pricePage.where"),
          kind: "suggest",
          suggestions: workshop.lists.channels,
        },
        ...settling("listed", data.open_steps).map((field) => ({ ...field, onlyFor: { list: ["yes"] } })),
        { name: "why", label: t("pricePage.whyPrice"), kind: "multiline" },
      ]}
      initial={{ asking: price, list: "no", open_steps: "done" }}
      onClose={onClose}
      onSubmit={async (values) => {
        const { asking = "", list, channel = "", why = "" } = values;
        await save(
          api.POST("/api/pieces/{id}/price-decisions", {
            params: { path: { id } },
            body: {
              asking,
              channel,
              why,
              list: list === "yes",
              ...settled(values),
            },
          }),
          (made) =>
            t("pricePage.priceSet", {
              asking: made.asking?.text,
              more: list === "yes" ? t("pricePage.listedPriceDrops") : "",
            }),
        );
        onClose();
      }}
    />
  );
}

// What a new one costs, from which a price can be worked out.
export function NewPriceDialog({ id, data, workshop, onClose }: Props) {
  const save = useSave();
  const { symbol: currency } = workshop;
  return (
    <FormDialog
      title={t("pricePage.whatCostsNew")}
      submit={t("pricePage.save")}
      fields={[
        {
          name: "price",
          label: t("pricePage.priceNew"),
          kind: "text",
          unit: currency,
          help: t("pricePage.leaveBlankIgnore"),
        },
      ]}
      initial={{ price: data.new_price }}
      onClose={onClose}
      onSubmit={async ({ price: value = "" }) => {
        await save(
          api.PUT("/api/pieces/{id}/new-price", { params: { path: { id } }, body: { price: value } }),
          t("pricePage.priceNewSaved"),
        );
        onClose();
      }}
    />
  );
}
