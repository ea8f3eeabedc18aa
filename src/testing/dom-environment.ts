import { TestEnvironment } from 'jest-environment-jsdom';

/** jsdom with the few globals of a browser that it lacks. */
export default class DomEnvironment extends TestEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    Object.assign(this.global, { structuredClone, TextEncoder, TextDecoder });
  }
}
