// A menu over the page. It is loaded when one is first opened: the first screen loads less.
import Menu, { type MenuProps } from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import type { ReactNode } from "react";
import { Link } from "react-router";

// to leads to a page, href is fetched as a file, run does something.
export type MenuAction = {
  label: string;
  sign?: ReactNode;
  selected?: boolean;
  run?: () => void;
  to?: string;
  href?: string;
};

type Props = Omit<MenuProps, "open" | "onClose" | "anchorEl"> & {
  anchor: HTMLElement;
  actions: MenuAction[];
  close: () => void;
};

export default function PopMenu({ anchor, actions, close, ...props }: Props) {
  return (
    <Menu {...props} anchorEl={anchor} open onClose={close}>
      {actions.map(({ label, sign, selected = false, run, to, href }) => (
        <MenuItem
          key={label}
          selected={selected}
          {...(to ? { component: Link, to } : {})}
          {...(href ? { component: "a", href, download: true } : {})}
          onClick={() => {
            close();
            run?.();
          }}
          sx={{ gap: 1.5, minHeight: 46 }}
        >
          {sign}
          {label}
        </MenuItem>
      ))}
    </Menu>
  );
}
