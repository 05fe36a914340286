/** A colour as the server sends it, in Lab, for a style: the browser turns it into light. */
export const css = ([l, a, b]: readonly number[]) => `lab(${l} ${a} ${b})`;
