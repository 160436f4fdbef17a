// The order of the browser tests: the longest first, so that none is alone at the end. Jest itself knows only how large files are.
const Sequencer = require("@jest/test-sequencer").default;

const SLOW = ["barriers", "proof", "backup", "faults/storage", "sun", "bench", "dark"];

module.exports = class extends Sequencer {
  sort(tests) {
    const placeOf = ({ path }) => {
      const place = SLOW.findIndex((name) => path.endsWith(`/e2e/${name}.test.ts`));
      return place < 0 ? SLOW.length : place;
    };
    return super.sort(tests).sort((a, b) => placeOf(a) - placeOf(b));
  }
};
