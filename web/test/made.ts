import type { Mass, Pass, Plan } from "../src/api/client";

/** A mass with everything a test does not name left plain. */
export function mass(id: string, given: Partial<Mass> = {}): Mass {
  return {
    id,
    label: Number(id.slice(1)),
    kind: "flat",
    name: null,
    called: `the mass ${id}`,
    light: true,
    value: 5,
    targetValue: 5,
    share: 0.25,
    centre: [0.5, 0.5],
    ...given,
  } as Mass;
}

/** A table of bytes as the server tells it. */
export const told = (table: readonly unknown[]) =>
  btoa(String.fromCharCode(...(table.flat(Number.POSITIVE_INFINITY) as number[])));

/** A pass of some minutes and a wait after it. */
export function pass(id: string, minutes: number, waitMinutes = 0): Pass {
  return { id, title: id, minutes, waitMinutes, operations: [] } as unknown as Pass;
}

/**
 * A plan of two masses in two passes on white: the first lays 6 over both, the second 3 over the
 * second one. Each mass has one patch; greys are its values × 25.5.
 */
export function plan(): Plan {
  const values = [
    [9.5, 9.5],
    [6, 6],
    [6, 3],
  ];
  const grey = (value: number) => Math.round(value * 25.5);
  const both = (value: number) => [grey(value), grey(value)];
  const colour = (value: number) => [1, 2].map(() => [grey(value), grey(value), grey(value)]);
  return {
    document: {
      masses: [mass("m1", { share: 0.75 }), mass("m2", { share: 0.25 })],
      passes: [pass("p1", 15, 20), pass("p2", 8)],
      predicted: { values },
    },
    view: {
      width: 2,
      height: 2,
      colours: told(values.map((row) => row.map(colour))),
      greys: told(values.map((row) => row.map(both))),
      patchMass: [0, 1],
    },
  } as unknown as Plan;
}
