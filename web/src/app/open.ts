// What any screen can open.
import { createContext, useContext } from "react";

type Open = {
  newPiece: () => void;
  startTimer: (pieceId: number | null) => void;
  find: () => void;
  shortcuts: () => void;
};

const nothing = () => undefined;
export const OpenContext = createContext<Open>({
  newPiece: nothing,
  startTimer: nothing,
  find: nothing,
  shortcuts: nothing,
});
export const useOpen = () => useContext(OpenContext);
