/** Units across the washboard, and where its chart begins and ends: chart, ridges and rows share them. */
export const WIDE = 640;
export const LEFT = 34;
export const RIGHT = 462;
