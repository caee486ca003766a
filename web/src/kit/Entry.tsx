// One recorded thing in a list: its day, what it is, its amount; it can be corrected or taken away from its menu.
import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { MenuAction } from "./PopMenu";
import { RowMenu } from "./RowMenu";
import { PlainList } from "./layout";
import { t } from "../locales/kit";

type Props = {
  day: string;
  // What it is called where its buttons are read aloud.
  name: string;
  children: ReactNode;
  amount?: string;
  onCorrect?: () => void;
  onRemove?: () => void;
  removeWord?: string;
  // Something more that can be done, in its menu or beside it.
  more?: (MenuAction | false | undefined)[];
  extra?: ReactNode;
};

export function Entry({
  day,
  name,
  children,
  amount,
  onCorrect,
  onRemove,
  removeWord = t("entry.remove"),
  more = [],
  extra,
}: Props) {
  return (
    <Box
      component="li"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 2,
        alignItems: "center",
        borderBottom: 1,
        borderColor: "divider",
        minHeight: 44,
      }}
    >
      <Box sx={{ minWidth: 104, color: "text.secondary" }}>{day}</Box>
      <Box sx={{ flex: "1 1 170px" }}>{children}</Box>
      {amount !== undefined && <Box sx={{ minWidth: 80, textAlign: "right", fontWeight: 500 }}>{amount}</Box>}
      <Box className="no-print" sx={{ display: "flex", alignItems: "center" }}>
        {extra}
        <RowMenu
          name={name}
          actions={[
            onCorrect && { label: t("entry.edit"), run: onCorrect },
            ...more,
            onRemove && { label: removeWord, run: onRemove },
          ]}
        />
      </Box>
    </Box>
  );
}

export function Entries({ children }: { children: ReactNode }) {
  return <PlainList>{children}</PlainList>;
}
