// How it all fits together: a flip from the find to the books, the three pictures it is read off, and the words.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { type Sign, SectionIcon } from "../../kit/SectionIcon";
import { type Word, WORDS } from "../../kit/words";
import { PlainList } from "../../kit/layout";

const STAGES: { sign: Sign; name: string; to: string; where: string; text: string }[] = [
  {
    sign: "scout",
    name: "Spotted",
    to: "/scout/new",
    where: "Scout",
    text: "Kind, tag, condition and what it may bring give the most you should pay, in the shop and without a connection too.",
  },
  {
    sign: "floor",
    name: "Bought",
    to: "/floor",
    where: "Floor",
    text: "From the price paid on, all that goes into a piece is money in. Trips and lots are shared over what they carried.",
  },
  {
    sign: "tools",
    name: "Looked over and planned",
    to: "/floor",
    where: "on the piece's page",
    text: "What you find and how each zone is to end make the plan: steps in their order, amounts, drying times, cautions. A safety answer that is open, lead above all, stops what makes dust.",
  },
  {
    sign: "today",
    name: "On the bench",
    to: "/",
    where: "Today",
    text: "The steps of all pieces are put into your hours, drying in between. The timer counts the hours; done steps, draws and costs come off what is to come.",
  },
  {
    sign: "shelf",
    name: "From the shelf",
    to: "/shelf",
    where: "Shelf",
    text: "Tins lose what was taken, pieces bear what it cost, and what the plans still need stands on the list to buy.",
  },
  {
    sign: "market",
    name: "For sale",
    to: "/market",
    where: "Market",
    text: "What it fetches comes from the market; what it needs comes from your costs and hours. Between the two lie the asking price, its steps and the answer to an offer.",
  },
  {
    sign: "books",
    name: "Sold",
    to: "/books",
    where: "Books",
    text: "Profit, pay an hour and days are counted, and estimates are held against them. So the next plan is timed, the next piece priced and the next find judged by your own flips.",
  },
];

const PICTURES: [string, string][] = [
  [
    "The drawing",
    "The piece to scale from its measures, each zone as it stands or will stand. Zones are picked on it.",
  ],
  ["The days strip", WORDS.days_strip[1]],
  ["The price tape", WORDS.price_tape[1]],
];

export default function HowItFits() {
  const words = (Object.keys(WORDS) as Word[]).map((key) => WORDS[key]).sort(([a], [b]) => a.localeCompare(b));
  return (
    <>
      <PageHead
        title="How it all fits together"
        line="A flip from the find to the books: each stage asks for little, and the next one builds on it."
      />
      <Part title="A flip, stage by stage" long>
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
        <Typography sx={{ maxWidth: 760 }}>
          Nothing has to be complete. What is not known is left blank, and every figure says what it still waits for.
        </Typography>
      </Part>
      <Part title="Three pictures" long>
        <Meanings of={PICTURES} />
      </Part>
      <Part title="Words" long>
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
