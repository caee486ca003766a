// Short names for the shapes of the contract.
import type { components } from "./schema";

type Schemas = components["schemas"];
export type Workshop = Schemas["Workshop"];
export type Person = Schemas["Person"];
export type Piece = Schemas["Piece"];
export type PieceFields = Schemas["PieceFields"];
export type PieceRow = Schemas["PieceRow"];
export type PieceName = Schemas["PieceName"];
export type PieceEvent = Schemas["Event"];
export type EventKind = Schemas["EventInput"]["kind"];
export type Cost = Schemas["Cost"];
export type Work = Schemas["Work"];
export type Share = Schemas["Share"];
export type Timer = Schemas["Timer"];
export type Figure = Schemas["Figure"];
export type Money = Schemas["Money"];
export type Books = Schemas["Books"];
export type Today = Schemas["Today"];
export type Drawing = Schemas["Drawing"];
export type DaysStrip = Schemas["DaysStrip"];
export type PriceTape = Schemas["PriceTape"];
export type Problem = Schemas["Problem"];
export type ImportCheck = Schemas["ImportCheck"];
