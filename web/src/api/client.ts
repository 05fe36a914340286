import createClient from "openapi-fetch";
import { say } from "../words/say";
import type { components, paths } from "./schema";

export type Piece = components["schemas"]["PieceRead"];
export type PieceUpdate = components["schemas"]["PieceUpdate"];
export type PieceCreate = components["schemas"]["PieceCreate"];
export type Reference = components["schemas"]["ReferenceRead"];
export type Plan = components["schemas"]["PlanRead"];
export type View = components["schemas"]["ViewRead"];
export type Mass = components["schemas"]["MassPart"];
export type Area = components["schemas"]["AreaRead"];
export type AreaWords = components["schemas"]["AreasModel"];
export type Prepared = components["schemas"]["PrepareRead"];
export type Finding = components["schemas"]["FindingRead"];
export type Ground = components["schemas"]["GroundRead"];
export type Arrangement = components["schemas"]["ArrangementModel"];
export type Intent = components["schemas"]["IntentModel"];
export type Board = components["schemas"]["BoardRead"];
export type Pile = components["schemas"]["PileRead"];
export type Recipe = components["schemas"]["RecipeRead"];
export type Meeting = components["schemas"]["MeetingRead"];
export type MixTable = components["schemas"]["TableRead"];
export type Borrowed = components["schemas"]["BorrowedModel"];
export type Shape = components["schemas"]["ShapeModel"];
export type Comparison = components["schemas"]["ComparisonRead"];
export type Window = components["schemas"]["WindowModel"];
export type Pass = components["schemas"]["PassPart"];
export type Weakness = components["schemas"]["WeaknessRead"];
export type Schools = components["schemas"]["SchoolsRead"];
export type Orders = components["schemas"]["OrdersRead"];
export type School = components["schemas"]["SchoolRead"];
export type Variant = components["schemas"]["VariantModel"];
export type Verdict = components["schemas"]["VerdictRead"];
export type ShelfItem = components["schemas"]["ItemRead"];
export type ShelfGiven = components["schemas"]["ItemGiven"];
export type Shelf = components["schemas"]["ShelfRead"];
export type Calibration = components["schemas"]["CalibrationRead"];
export type PaintDetail = components["schemas"]["PaintDetailRead"];
export type Easel = components["schemas"]["EaselRead"];
export type EaselPass = components["schemas"]["EaselPassRead"];
export type Stride = components["schemas"]["StrideRead"];
export type Sittings = components["schemas"]["SittingsRead"];
export type WallStrip = components["schemas"]["WallStripRead"];
export type Observation = components["schemas"]["ObservationRead"];
export type Drill = components["schemas"]["DrillRead"];
export type DrillTold = components["schemas"]["DrillToldRead"];
export type DrillProgress = components["schemas"]["DrillProgressRead"];
export type Learning = components["schemas"]["LearningRead"];
export type Painter = components["schemas"]["PainterRead"];
export type Pairing = components["schemas"]["PairingRead"];
export type Code = components["schemas"]["CodeRead"];
export type Job = components["schemas"]["JobRead"];

/** What went wrong, in the server's words: what was wrong, what was kept, what to do. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    readonly detail: string,
  ) {
    super(detail);
  }
}

export const client = createClient<paths>({ baseUrl: "" });

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/**
 * The data of an answer, or a Problem thrown. Where a type is named, the answer is taken as that: the
 * client's own types lose the length of tuples.
 */
export function got<T>(answer: Answer<T>): T;
export function got<T>(answer: Answer<unknown>): T;
export function got({ data, error, response }: Answer<unknown>): unknown {
  if (data !== undefined && response.ok) return data;
  throw problemOf(error);
}

export function problemOf(error: unknown): Problem {
  const found = error as { code?: string; detail?: string } | undefined;
  return new Problem(
    found?.code ?? "unreachable",
    found?.detail ?? say("client-program-does-answer"),
  );
}

export async function bytes(url: string): Promise<Uint8Array> {
  const response = await fetch(url);
  if (!response.ok) throw problemOf(await response.json().catch(() => undefined));
  return new Uint8Array(await response.arrayBuffer());
}
