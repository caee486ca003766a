// Under the thumb on every page of a piece: Timer, Cost, Photo, Next.
import { useLocation } from "react-router";
import { usePiece, useWorkshop } from "../api/queries";
import { PieceBar } from "../areas/flips/PieceBar";

export default function PieceFoot() {
  const id = useLocation().pathname.match(/^\/pieces\/(\d+)/)?.[1];
  return id ? <Foot key={id} id={Number(id)} /> : null;
}

function Foot({ id }: { id: number }) {
  const piece = usePiece(id).data;
  const workshop = useWorkshop().data;
  return piece && workshop ? <PieceBar piece={piece} workshop={workshop} foot /> : null;
}
