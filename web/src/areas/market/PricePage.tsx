// The price of a piece: all ways of finding one on one scale, what a price would bring, and the decision with its
// reason.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import { api, isUnreachable, ProblemError } from "../../api/client";
import { usePiece, usePricing, useWorkshop } from "../../api/queries";
import { useSave } from "../../kit/session/useSave";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { settled, settling } from "../../kit/eventFields";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { piecePages } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { useSettled } from "../../kit/useSettled";
import { AtPrice } from "./AtPrice";
import { ComparablesPart } from "./ComparablesPart";
import { FetchPart } from "./FetchPart";
import type { Money, Pricing } from "../../api/types";
import { useWidth } from "../../kit/useWidth";
import { Quiet, Row } from "../../kit/layout";

// Every way of finding a price as a bar from low to high on one scale of money, with the price that is weighed.
const ROW = 34;
const NAME = 118;

function MethodScale({ methods, price }: { methods: Pricing["methods"]; price: Money | null }) {
  const [ref, width] = useWidth();
  if (methods.length === 0) return <Quiet>No way has figures yet.</Quiet>;
  const most = Math.max(...methods.map((row) => row.high?.minor ?? 0), price?.minor ?? 0) * 1.08;
  const x = (minor: number) => NAME + (minor / most) * Math.max(width - NAME - 8, 1);
  const height = methods.length * ROW + 26;
  const spoken = methods.map((row) => `${row.label} ${row.low?.text} to ${row.high?.text}`).join("; ");
  return (
    <Box ref={ref} sx={{ width: "100%", mb: 1, contain: "inline-size" }}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${spoken}${price ? `; weighed ${price.text}` : ""}`}
          style={{ display: "block" }}
        >
          {methods.map((row, place) => {
            const y = place * ROW + 8;
            const [low, mid, high] = [x(row.low?.minor ?? 0), x(row.mid?.minor ?? 0), x(row.high?.minor ?? 0)];
            return (
              <g key={row.key}>
                <text x={0} y={y + 15} fontSize={15} fontFamily="Barlow Condensed" fill="var(--k-palette-text-primary)">
                  {row.label}
                </text>
                <path d={`M${NAME} ${y + 10}H${width}`} stroke="var(--k-palette-divider)" />
                <rect
                  x={low}
                  y={y + 2}
                  width={Math.max(high - low, 2)}
                  height={16}
                  fill="var(--k-palette-secondary-main)"
                  opacity={row.key === "cost_and_pay" ? 0.75 : 0.35}
                />
                <path d={`M${mid} ${y - 2}v24`} stroke="var(--k-palette-text-primary)" strokeWidth={2} />
              </g>
            );
          })}
          {price && (
            <g stroke="var(--k-palette-primary-main)" fill="var(--k-palette-primary-main)">
              <path d={`M${x(price.minor)} 0V${height - 18}`} strokeWidth={2} strokeDasharray="5 3" />
              <text
                x={x(price.minor)}
                y={height - 4}
                textAnchor={x(price.minor) > width - 60 ? "end" : "middle"}
                stroke="none"
                fontSize={15}
                fontFamily="Barlow Condensed"
                fontWeight={600}
              >
                {price.text}
              </text>
            </g>
          )}
        </svg>
      )}
    </Box>
  );
}

export default function PricePage() {
  const id = Number(useParams().id);
  const piece = usePiece(id);
  const workshop = useWorkshop();
  const [typed, setTyped] = useState<string | null>(null);
  const pricing = usePricing(id, useSettled(typed ?? "", 250));
  const [asked, setAsked] = useState<"decide" | "new" | null>(null);
  const save = useSave();
  const refused = pricing.error instanceof ProblemError ? (pricing.error.fields.price ?? pricing.error.message) : null;
  if (piece.error && !isKept(piece)) return <Failure error={piece.error} again={() => void piece.refetch()} />;
  if (pricing.error && (!refused || (isUnreachable(pricing.error) && !pricing.data)))
    return <Failure error={pricing.error} again={() => void pricing.refetch()} />;
  if (!piece.data || !pricing.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { data } = pricing;
  const { currency } = workshop.data;
  // Minor units in one: as the server writes it, so that charts can label whole units.
  const unit = 10 ** (data.at?.price?.typed.split(".")[1]?.length ?? 0);
  const path = { params: { path: { id } } };
  const price = typed ?? data.at?.price?.typed ?? "";
  const [latest] = data.decisions;
  return (
    <>
      <PageHead
        title={`${piece.data.fields.name}: the price`}
        line={
          data.suggested
            ? `${data.suggested.text} ${currency} to ask: ${data.suggested_why}.`
            : "Nothing to work out a price from yet: record what it cost."
        }
      >
        <Button variant="contained" disabled={!price || refused !== null} onClick={() => setAsked("decide")}>
          Decide on {price || "a price"}
        </Button>
      </PageHead>
      <SubNav name={piece.data.fields.name} pages={piecePages(id)} />
      <FetchPart pricing={data} currency={currency} unit={unit} onChoose={setTyped} />
      <Part
        title="Other ways, on one scale"
        action={
          <Button onClick={() => setAsked("new")}>
            {data.new_price ? `New it costs ${data.new_price}` : "What the look costs new"}
          </Button>
        }
      >
        <MethodScale methods={data.methods} price={data.at?.price ?? null} />
        {data.methods.length > 0 && (
          <SmallTable
            label="Ways of finding a price"
            columns={["Way", ["Low"], ["Middle"], ["High"], "From", "How far to trust it"]}
            rows={data.methods.map((row) => ({
              key: row.key,
              cells: [row.label, row.low?.text, row.mid?.text, row.high?.text, row.why, row.trust],
            }))}
          />
        )}
      </Part>
      <Part title="At a price">
        <Row gap={2} align="flex-start" sx={{ mb: 2 }}>
          <TextField
            label={`Asking, ${currency}`}
            value={price}
            onChange={(event) => setTyped(event.target.value)}
            error={refused !== null}
            helperText={refused ?? undefined}
            sx={{ width: 160 }}
            autoComplete="off"
          />
          {data.suggested && typed !== null && (
            <Button onClick={() => setTyped(null)}>Back to the suggested one</Button>
          )}
        </Row>
        {data.need.price && (
          <Typography sx={{ color: "text.secondary", mb: 1 }}>
            {`Your costs and hours alone would ask ${data.need.price.text}: ${data.need.why}.`}
          </Typography>
        )}
        {data.at && <AtPrice at={data.at} currency={currency} />}
      </Part>
      <ComparablesPart
        id={id}
        rows={data.comparables}
        note={data.ratio_why}
        currency={currency}
        kind={piece.data.fields.kind ?? ""}
      />
      <Part title="Decisions">
        {data.decisions.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>None yet. What you decide is kept with its reason.</Typography>
        ) : (
          <SmallTable
            label="Decisions"
            width={720}
            columns={["On", ["Asking"], "Reason"]}
            rows={data.decisions.map((one) => ({
              key: one.id,
              cells: [one.on?.text, one.asking?.text, one.why ?? ""],
              strong: one.id === latest?.id,
            }))}
          />
        )}
      </Part>
      {asked === "decide" && (
        <FormDialog
          title="Decide on a price"
          submit="Keep the decision"
          fields={[
            { name: "asking", label: "Asking", kind: "text", unit: currency, half: true },
            {
              name: "list",
              label: "From today it is",
              kind: "select",
              half: true,
              options: [
                { key: "no", label: "not listed at it yet" },
                { key: "yes", label: data.listed ? "asked at this price" : "listed at this price" },
              ],
            },
            { name: "channel", label: "Where", kind: "suggest", suggestions: workshop.data.lists.channels },
            ...settling("listed", data.open_steps).map((field) => ({ ...field, onlyFor: { list: ["yes"] } })),
            { name: "why", label: "Why this price", kind: "multiline" },
          ]}
          initial={{ asking: price, list: "no", open_steps: "done" }}
          onClose={() => setAsked(null)}
          onSubmit={async (values) => {
            const { asking = "", list, channel = "", why = "" } = values;
            await save(
              api.POST("/api/pieces/{id}/price-decisions", {
                ...path,
                body: {
                  asking,
                  channel,
                  why,
                  list: list === "yes",
                  ...settled(values),
                },
              }),
              (made) => `${made.asking?.text} decided${list === "yes" ? ", listed at it with its steps down" : ""}`,
            );
            setAsked(null);
          }}
        />
      )}
      {asked === "new" && (
        <FormDialog
          title="What the look costs new"
          submit="Save"
          fields={[{ name: "price", label: "Bought new", kind: "text", unit: currency, help: "empty to leave it out" }]}
          initial={{ price: data.new_price }}
          onClose={() => setAsked(null)}
          onSubmit={async ({ price: value = "" }) => {
            await save(
              api.PUT("/api/pieces/{id}/new-price", { ...path, body: { price: value } }),
              "Price of a new one saved",
            );
            setAsked(null);
          }}
        />
      )}
    </>
  );
}
