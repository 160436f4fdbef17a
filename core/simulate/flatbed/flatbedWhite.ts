/** Light of an unexposed sheet under the made-up flatbed, linear. From memory of white papers under scanners. */
export const FLATBED_WHITE: number = 0.84;
