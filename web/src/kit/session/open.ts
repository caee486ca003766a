// What any screen can open.
import { createContext, useContext } from "react";
import type { Named } from "../fields";

type Open = {
  newPiece: () => void;
  startTimer: (piece: Named | null) => void;
  find: () => void;
  undoList: () => void;
  shortcuts: () => void;
};

const nothing = () => undefined;
export const OpenContext = createContext<Open>({
  newPiece: nothing,
  startTimer: nothing,
  find: nothing,
  undoList: nothing,
  shortcuts: nothing,
});
export const useOpen = () => useContext(OpenContext);
