/** The hole stands so high over the ground outdoors, mm. */
export const STAND = 1000;
