// The towns that a place can be chosen from, with their time zones: what is needed of city-timezones (MIT), so that the
// browser fetches a tenth of it. The output is not committed.
import { mkdir, writeFile } from "node:fs/promises";
import cities from "city-timezones";

const { cityMapping } = cities;
const folder = new URL("../workers/generated/", import.meta.url);
const places = cityMapping
  .filter(({ timezone }) => timezone)
  .sort((a, b) => b.pop - a.pop)
  .map(({ city, city_ascii, country, province, lat, lng, timezone }) => [
    city,
    city_ascii === city ? "" : city_ascii,
    [province, country].filter(Boolean).join(", "),
    Math.round(lat * 1e4) / 1e4,
    Math.round(lng * 1e4) / 1e4,
    timezone,
  ]);
await mkdir(folder, { recursive: true });
await writeFile(new URL("towns.json", folder), JSON.stringify(places));
console.log(`took ${places.length} towns`);
