export { GIVEN_AT, temperatureDoubt, temperatureFactor, USUAL_Q10 } from "./temperature.ts";
