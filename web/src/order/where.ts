import type { Pass, Plan } from "../api/client";
import type { Lit } from "../parts/lit";
import type { Maps } from "./lookup";

/** What a pass does to a mass: nothing, paint it, paint across it, or paint round it. */
export const [NOTHING, PAINTED, ACROSS, ROUND] = [0, 1, 2, 3] as const;

const DARK = 0xa8141414;
const LIGHT = 0xa8f4f4f4;
/** How strong a border is drawn: as that of what is painted, of what is lit, of what is marked. */
const [PLAIN, LIT, MARKED] = [1, 2, 3];
const FULL_DARK = 0xff141414;
const FULL_LIGHT = 0xfff4f4f4;
/** Distances of hatching in units: fine, wide, and between dots. */
const [FINE, WIDE, DOTS] = [8, 22, 9];

/** The picture's own part of where things are: made once, so that a step only looks things up. */
export interface Ground {
  width: number;
  height: number;
  /** Canvas pixels of the thinnest line. */
  unit: number;
  /** The mass of every pixel by its place in the plan. */
  owners: Uint16Array;
  /** Two bits a hatching: 1 where its dark line runs, 2 for the light one beside it. */
  hatches: Uint8Array;
  /** Pixels that have another mass at their right or below. */
  borders: Uint32Array;
}

export function groundOf(maps: Maps, plan: Plan): Ground {
  const { width, height, first } = maps;
  const unit = Math.max(1, Math.round(width / 500));
  const owner = Uint16Array.from(plan.view.patchMass);
  const owners = new Uint16Array(first.length);
  for (let i = 0; i < owners.length; i++) owners[i] = owner[first[i] as number] as number;
  const borders: number[] = [];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1, i = y * width + 1; x < width - 1; x++, i++)
      if (owners[i] !== owners[i + 1] || owners[i] !== owners[i + width]) borders.push(i);
  const hatches = hatchesOf(width, height, unit);
  return { width, height, unit, owners, hatches, borders: Uint32Array.from(borders) };
}

/** Every hatching everywhere: upward lines, wide downward ones, dots. */
function hatchesOf(width: number, height: number, unit: number): Uint8Array {
  const [fine, wide, dots] = [FINE * unit, WIDE * unit, DOTS * unit];
  const line = (step: number) => (step < unit ? 1 : step < 2 * unit ? 2 : 0);
  const found = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0, i = y * width; x < width; x++, i++)
      found[i] =
        line((x + y) % fine) |
        (line((x - y + wide * height) % wide) << 2) |
        ((y % dots < unit ? line(x % dots) : 0) << 4);
  return found;
}

/** What a pass does to each mass, by its place in the plan. */
export function rolesOf(plan: Plan, done: Pass | undefined): Uint8Array {
  const { painted = [], across = [], round = [] } = done?.places ?? {};
  const role = new Map<string, number>();
  for (const id of across) role.set(id, ACROSS);
  for (const id of painted) role.set(id, PAINTED);
  for (const id of round) role.set(id, ROUND);
  return Uint8Array.from(plan.document.masses, ({ id }) => role.get(id) ?? NOTHING);
}

/** The edges that a pass marks in any case: where to stop. */
export const seamsOf = (done: Pass | undefined) =>
  (done?.minds ?? []).flatMap((mind) => (mind.marks ?? []).flatMap((mark) => mark.edges ?? []));

export interface Where {
  roles: Uint8Array;
  lit: Uint8Array;
  /** Pairs of places of masses, smaller × count + larger, whose common edge is drawn. */
  edges: ReadonlySet<number>;
}

/** What is lit and what is marked, by places of masses. */
export function litIn(plan: Plan, lit: Lit, seams: readonly (readonly [string, string])[]) {
  const { masses } = plan.document;
  const at = new Map(masses.map((mass, k) => [mass.id, k]));
  const shown = new Uint8Array(masses.length);
  for (const id of lit.masses) shown[at.get(id) ?? masses.length] = 1;
  const edges = new Set<number>();
  for (const [one, other] of [...lit.edges, ...seams]) {
    const [a, b] = [at.get(one), at.get(other)];
    if (a !== undefined && b !== undefined) edges.add(pairOf(a, b, masses.length));
  }
  return { lit: shown, edges };
}

const pairOf = (a: number, b: number, count: number) => Math.min(a, b) * count + Math.max(a, b);

/**
 * Draws where a pass is painted into clear pixels: hatched finely, what it is painted across hatched wider,
 * what it goes round dotted, all in a dark line beside a light one, so that it shows on any value. What is lit
 * has a stronger outline, edges a line of dashes.
 */
export function drawWhere(pixels: Uint32Array, ground: Ground, where: Where): void {
  const { owners, hatches, borders, width } = ground;
  const { roles, lit, edges } = where;
  pixels.fill(0);
  for (let i = 0; i < owners.length; i++) {
    const role = roles[owners[i] as number] as number;
    if (!role) continue;
    const ink = ((hatches[i] as number) >> (2 * role - 2)) & 3;
    if (ink) pixels[i] = ink === 1 ? DARK : LIGHT;
  }
  const strength = (a: number, b: number) => {
    if (a === b) return 0;
    if (edges.size && edges.has(pairOf(a, b, roles.length))) return MARKED;
    if (lit[a] || lit[b]) return LIT;
    return roles[a] === PAINTED || roles[b] === PAINTED ? PLAIN : 0;
  };
  for (let k = 0; k < borders.length; k++) {
    const i = borders[k] as number;
    const own = owners[i] as number;
    const strong = Math.max(
      strength(own, owners[i + 1] as number),
      strength(own, owners[i + width] as number),
    );
    if (strong) stroke(pixels, ground, i, strong);
  }
}

/** A dab on a border: a light one round a dark one, so that it shows on any value. */
function stroke(pixels: Uint32Array, ground: Ground, at: number, strong: number): void {
  const { width, height, unit } = ground;
  const [x, y] = [at % width, Math.floor(at / width)];
  const reach = strong === PLAIN ? 1 : strong === LIT ? unit : 2 * unit;
  const core = strong === PLAIN ? 0 : Math.floor(reach / 2);
  const dash = strong === MARKED && (x + y) % (10 * unit) < 5 * unit;
  for (let row = Math.max(0, y - reach); row <= Math.min(height - 1, y + reach); row++)
    for (let column = Math.max(0, x - reach); column <= Math.min(width - 1, x + reach); column++) {
      const i = row * width + column;
      if (Math.abs(column - x) <= core && Math.abs(row - y) <= core)
        pixels[i] = dash ? FULL_LIGHT : FULL_DARK;
      else if (pixels[i] !== FULL_DARK) pixels[i] = strong === PLAIN ? LIGHT : FULL_LIGHT;
    }
}
