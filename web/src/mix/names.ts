import type { Board, Meeting, Pass, Pile, Plan } from "../api/client";
import { shortName } from "../parts/masses";
import { say } from "../words/say";

/** A pile with its place on the board. */
export interface Own {
  pile: Pile;
  index: number;
}

/** The piles of one pass. */
export const ownOf = (board: Board, done: Pass): Own[] =>
  board.piles.map((pile, index) => ({ pile, index })).filter(({ pile }) => pile.pass === done.id);

/** What a pile is for: its largest mass, or one end of it, and how many more. */
export function nameOf(plan: Plan, pile: Pile | undefined): string {
  const first = plan.document.masses.find((m) => m.id === pile?.masses[0]);
  const more = (pile?.masses.length ?? 1) - 1;
  const mass = first ? shortName(first) : "";
  const named = pile?.end ? say("names-one-side", { mass, side: pile.end }) : mass;
  return more > 0 ? say("names-and-more", { named, count: more }) : named;
}

/** Which two piles meet, or both ends of one mass. */
export function meetingWords(plan: Plan, board: Board, { one, other }: Meeting): string {
  const [first, second] = [board.piles[one], board.piles[other]];
  const mass = plan.document.masses.find((m) => m.id === first?.masses[0]);
  if (mass && first?.end && first.masses[0] === second?.masses[0]) {
    return say("names-where-both-meet", { mass: shortName(mass) });
  }
  return say("names-where-meets-wet", { one: nameOf(plan, first), other: nameOf(plan, second) });
}
