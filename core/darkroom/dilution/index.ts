export { dilutionWords, type Mixed, mixStock, mixVolume, parseDilution } from "./dilution.ts";
