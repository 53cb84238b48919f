/** Lines closer than this have their words moved apart. */
const APART = 17;

/** Heights for the words of lines, top first, none closer than can be read. */
export function spread(heights: number[]): number[] {
  const order = heights.map((h, i) => ({ h, i })).sort((a, b) => a.h - b.h);
  const places = [...heights];
  let last = Number.NEGATIVE_INFINITY;
  for (const { h, i } of order) {
    last = Math.max(h, last + APART);
    places[i] = last;
  }
  return places;
}
