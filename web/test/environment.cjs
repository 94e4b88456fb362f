/* jsdom with the requests and answers of the platform, which it lacks; there is no server behind them unless a test makes one. */
const { TestEnvironment } = require('jest-environment-jsdom');

/** Addresses without a host are the page's own, as in a browser. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost') : input, init);
  }
}

class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      Request: PageRequest,
      Response,
      Headers,
      fetch: () => Promise.reject(new TypeError('there is no server in this test')),
    });
  }
}

module.exports = PageEnvironment;
