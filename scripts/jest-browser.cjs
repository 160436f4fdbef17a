const { TestEnvironment } = require("jest-environment-jsdom");

/** A page with what every browser has and jsdom leaves out: fetch's classes, structured clones, text coders. */
module.exports = class Browser extends TestEnvironment {
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
};
