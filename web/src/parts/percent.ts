import { figure } from "../words/say";
/** A share in per cent: more digits for small ones, so that what is there is never told as nothing. */
export function percent(share: number): string {
  const digits = share < 0.01 ? 2 : share < 0.1 ? 1 : 0;
  return `${figure(100 * share, digits)} %`;
}
