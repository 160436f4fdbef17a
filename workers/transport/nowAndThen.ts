/** Tells shares of a way only where they have grown by a hundredth: every word wakes the page. */
export function nowAndThen(report: (share: number) => void): (share: number) => void {
  let last = Number.NEGATIVE_INFINITY;
  return (share) => {
    if (share < 1 && share - last < 0.01) return;
    if (share === last) return;
    last = share;
    report(share);
  };
}
