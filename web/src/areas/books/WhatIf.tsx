// Own history over again: without a group of flips, with less asked, with more pieces at a time.
import { BooksFrame } from "./BooksFrame";
import { CheaperPart } from "./CheaperPart";
import { SidePart } from "./SidePart";
import { WithoutPart } from "./WithoutPart";

export default function WhatIf() {
  return (
    <BooksFrame
      title="What if"
      line="Your own flips over again, done otherwise: computed, with what is assumed beside it."
    >
      {(currency, people) => (
        <>
          <WithoutPart currency={currency} />
          <CheaperPart currency={currency} />
          <SidePart currency={currency} people={people} />
        </>
      )}
    </BooksFrame>
  );
}
