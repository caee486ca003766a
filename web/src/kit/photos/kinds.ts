// What a photo may show, in the order in which they are taken.
export const PHOTO_KINDS = [
  { key: "before", label: "Before" },
  { key: "during", label: "During" },
  { key: "after", label: "After" },
  { key: "maker", label: "Maker's mark" },
  { key: "label", label: "Label" },
  { key: "damage", label: "Damage" },
];
