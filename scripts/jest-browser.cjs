const { TestEnvironment } = require("jest-environment-jsdom");

/** A page with what every browser has and jsdom leaves out: fetch's classes, structured clones, text coders. */
class Browser extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      Request,
      Response,
      Headers,
      FormData,
      fetch,
      structuredClone,
      TextEncoder,
      TextDecoder,
    });
  }
}

// With faults planted, StrykerJS has to know which tests come by which.
module.exports = process.env.STRYKER_MUTATOR_WORKER
  ? require("@stryker-mutator/jest-runner").mixinJestEnvironment(Browser)
  : Browser;
