// The price of a piece: all ways of finding one on one scale, what a price would bring, and the decision with its
// reason.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import { isUnreachable, ProblemError } from "../../api/client";
import { usePiece, usePricing, useWorkshop } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
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
import { t } from "../../locales/market";
import { DecideDialog, NewPriceDialog } from "./PriceDialogs";

// Every way of finding a price as a bar from low to high on one scale of money, with the price that is weighed.
const ROW = 34;
const NAME = 118;

function MethodScale({ methods, price }: { methods: Pricing["methods"]; price: Money | null }) {
  const [ref, width] = useWidth();
  if (methods.length === 0) return <Quiet>{t("pricePage.nothingCompareYet")}</Quiet>;
  const most = Math.max(...methods.map((row) => row.high?.minor ?? 0), price?.minor ?? 0) * 1.08;
  const x = (minor: number) => NAME + (minor / most) * Math.max(width - NAME - 8, 1);
  const height = methods.length * ROW + 26;
  const spoken = methods
    .map((row) => t("pricePage.text", { value: row.label, low: row.low?.text, high: row.high?.text }))
    .join("; ");
  return (
    <Box ref={ref} sx={{ width: "100%", mb: 1, contain: "inline-size" }}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${spoken}${price ? t("pricePage.price", { price: price.text }) : ""}`}
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
  const refused = pricing.error instanceof ProblemError ? (pricing.error.fields.price ?? pricing.error.message) : null;
  if (piece.error && !isKept(piece)) return <Failure error={piece.error} again={() => void piece.refetch()} />;
  if (pricing.error && (!refused || (isUnreachable(pricing.error) && !pricing.data)))
    return <Failure error={pricing.error} again={() => void pricing.refetch()} />;
  if (!piece.data || !pricing.data || !workshop.data) return <LinearProgress aria-label={t("pricePage.loading")} />;
  const { data } = pricing;
  const { symbol: currency } = workshop.data;
  // Minor units in one: as the server writes it, so that charts can label whole units.
  const unit = 10 ** (data.at?.price?.typed.split(".")[1]?.length ?? 0);
  const price = typed ?? data.at?.price?.typed ?? "";
  const [latest] = data.decisions;
  return (
    <>
      <PageHead
        title={t("pricePage.price2", { fields: piece.data.fields.name })}
        line={
          data.suggested
            ? t("pricePage.ask", { suggested: data.suggested.text, currency, suggestedwhy: data.suggested_why })
            : t("pricePage.nothingBasePriceYet")
        }
      >
        <Button variant="contained" disabled={!price || refused !== null} onClick={() => setAsked("decide")}>
          {t("pricePage.decide", { price: (price && data.at?.price?.text) || t("pricePage.price3") })}
        </Button>
      </PageHead>
      <SubNav name={piece.data.fields.name} pages={piecePages(id)} />
      <FetchPart pricing={data} currency={currency} unit={unit} onChoose={setTyped} />
      <Part
        title={t("pricePage.otherWaysPrice")}
        action={
          <Button onClick={() => setAsked("new")}>
            {data.new_price ? t("pricePage.new", { newprice: data.new_price }) : t("pricePage.whatCostsNew")}
          </Button>
        }
      >
        <MethodScale methods={data.methods} price={data.at?.price ?? null} />
        {data.methods.length > 0 && (
          <SmallTable
            label={t("pricePage.waysPrice")}
            columns={[
              t("pricePage.way"),
              [t("pricePage.low")],
              [t("pricePage.middle")],
              [t("pricePage.high")],
              t("pricePage.from"),
              t("pricePage.howReliable"),
            ]}
            rows={data.methods.map((row) => ({
              key: row.key,
              cells: [row.label, row.low?.text, row.mid?.text, row.high?.text, row.why, row.trust],
            }))}
          />
        )}
      </Part>
      <Part title={t("pricePage.price4")}>
        <Row gap={2} align="flex-start" sx={{ mb: 2 }}>
          <TextField
            label={t("pricePage.asking", { currency })}
            value={price}
            onChange={(event) => setTyped(event.target.value)}
            error={refused !== null}
            helperText={refused ?? undefined}
            sx={{ width: 160 }}
            autoComplete="off"
          />
          {data.suggested && typed !== null && (
            <Button onClick={() => setTyped(null)}>{t("pricePage.backSuggestedPrice")}</Button>
          )}
        </Row>
        {data.need.price && (
          <Typography sx={{ color: "text.secondary", mb: 1 }}>
            {t("pricePage.costsHoursAloneAsk", { price: data.need.price.text, why: data.need.why })}
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
      <Part title={t("pricePage.decisions")}>
        {data.decisions.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>{t("pricePage.noneYetEachPrice")}</Typography>
        ) : (
          <SmallTable
            label={t("pricePage.decisions")}
            width={720}
            columns={[t("pricePage.on"), [t("pricePage.asking2")], t("pricePage.reason")]}
            rows={data.decisions.map((one) => ({
              key: one.id,
              cells: [one.on?.text, one.asking?.text, one.why ?? ""],
              strong: one.id === latest?.id,
            }))}
          />
        )}
      </Part>
      {asked === "decide" && (
        <DecideDialog id={id} data={data} workshop={workshop.data} price={price} onClose={() => setAsked(null)} />
      )}
      {asked === "new" && (
        <NewPriceDialog id={id} data={data} workshop={workshop.data} onClose={() => setAsked(null)} />
      )}
    </>
  );
}
