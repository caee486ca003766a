// How it all fits together: a flip from the find to the books, the three pictures it is read off, and the words.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { type Sign, SectionIcon } from "../../kit/SectionIcon";
import { type Word, WORDS } from "../../kit/words";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/house";

const STAGES: { sign: Sign; name: string; to: string; where: string; text: string }[] = [
  {
    sign: "scout",
    name: "Spotted",
    to: "/scout/new",
    where: t("howItFits.scout"),
    text: t("howItFits.enterWhatPieceTag"),
  },
  {
    sign: "floor",
    name: "Bought",
    to: "/floor",
    where: t("howItFits.floor"),
    text: t("howItFits.purchaseEverythingPayPiece"),
  },
  {
    sign: "tools",
    name: "Looked over and planned",
    to: "/floor",
    where: t("howItFits.piecesPage"),
    text: t("howItFits.problemsNoteFinishChoose"),
  },
  {
    sign: "today",
    name: "On the bench",
    to: "/",
    where: t("howItFits.today"),
    text: t("howItFits.fitsStepsAllPieces"),
  },
  {
    sign: "shelf",
    name: "From the shelf",
    to: "/shelf",
    where: t("howItFits.shelf"),
    text: t("howItFits.whatUseComesOff"),
  },
  {
    sign: "market",
    name: "For sale",
    to: "/market",
    where: t("howItFits.market"),
    text: t("howItFits.likelyPriceComesMarket"),
  },
  {
    sign: "books",
    name: "Sold",
    to: "/books",
    where: t("howItFits.books"),
    text: t("howItFits.booksShowProfitHourly"),
  },
];

const PICTURES: [string, string][] = [
  [t("howItFits.drawing"), t("howItFits.pieceScaleEachZone")],
  [t("howItFits.timeline"), WORDS.days_strip[1]],
  [t("howItFits.priceTape"), WORDS.price_tape[1]],
];

export default function HowItFits() {
  const words = (Object.keys(WORDS) as Word[]).map((key) => WORDS[key]).sort(([a], [b]) => a.localeCompare(b));
  return (
    <>
      <PageHead title={t("howItFits.howWorks")} line={t("howItFits.flipStartFinishEnter")} />
      <Part title={t("howItFits.flipStageStage")} long>
        <PlainList component="ol" sx={{ maxWidth: 760 }}>
          {STAGES.map(({ sign, name, to, where, text }, place) => (
            <Box
              component="li"
              key={name}
              sx={{ display: "grid", gridTemplateColumns: "44px 1fr", columnGap: 2, breakInside: "avoid" }}
            >
              <Box sx={{ display: "flex", flexDirection: "column", alignItems: "center", color: "primary.main" }}>
                <SectionIcon sign={sign} size={30} />
                {place < STAGES.length - 1 && (
                  <Box sx={{ flex: 1, borderLeft: 2, borderColor: "divider", my: 0.5, minHeight: 16 }} />
                )}
              </Box>
              <Box sx={{ pb: 2 }}>
                <Box sx={{ fontWeight: 600 }}>
                  {name} · <Link to={to}>{where}</Link>
                </Box>
                <Box>{text}</Box>
              </Box>
            </Box>
          ))}
        </PlainList>
        <Typography sx={{ maxWidth: 760 }}>{t("howItFits.dontHaveFillEverything")}</Typography>
      </Part>
      <Part title={t("howItFits.threePictures")} long>
        <Meanings of={PICTURES} />
      </Part>
      <Part title={t("howItFits.terms")} long>
        <Meanings of={words} />
      </Part>
    </>
  );
}

const Meanings = ({ of }: { of: readonly (readonly [string, string])[] }) => (
  <Box
    component="dl"
    sx={{ m: 0, display: "grid", gridTemplateColumns: { xs: "1fr", sm: "170px 1fr" }, maxWidth: 760, rowGap: 1 }}
  >
    {of.map(([term, meaning]) => (
      <Box key={term} sx={{ display: "contents" }}>
        <Box component="dt" sx={{ fontWeight: 600 }}>
          {term}
        </Box>
        <Box component="dd" sx={{ m: 0 }}>
          {meaning}
        </Box>
      </Box>
    ))}
  </Box>
);
