import { Visitor } from './driver';

/**
 * A journey that fails once is made once more from its beginning, and its first failure is printed: on a busy machine
 * a page can be slower than any sensible patience. A fault of the product fails both times.
 */
jest.retryTimes(1, { logErrorsBeforeRetry: true });

afterEach(() => Visitor.leave());
