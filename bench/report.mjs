/** The value below which a share of the values lies. */
export const quantile = (values, share) => [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))];

/** Prints a figure beside its bar. */
export const row = (what, figure, bar) => console.log(`${what.padEnd(58)} ${figure.padStart(18)}   bar ${bar}`);
