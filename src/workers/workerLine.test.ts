import { failureWords, workerLine, type Helper } from './workerLine';

interface Work {
  readonly double: (n: number) => Promise<number>;
}
type Listener = (event: Event) => void;

/** A worker of a test: `answer` is what it does when asked. */
function stand(answer: (n: number) => Promise<number>) {
  const listeners = new Map<string, Listener>();
  const thread = {
    terminate: jest.fn(),
    addEventListener: (name: string, listener: Listener) => void listeners.set(name, listener),
  };
  return {
    helper: { thread, remote: { double: answer } } as unknown as Helper<Work>,
    thread,
    break: (name: string) => listeners.get(name)?.({ preventDefault: () => {} } as Event),
  };
}
const never = (): Promise<number> => new Promise(() => {});

describe('a line to a worker', () => {
  it('gives the result, and starts one worker for many questions', async () => {
    const start = jest.fn(() => stand(async (n) => n * 2).helper);
    const line = workerLine(start);
    expect(await line.ask((remote) => remote.double(4))).toEqual({ ok: true, value: 8 });
    expect(await line.ask((remote) => remote.double(5))).toEqual({ ok: true, value: 10 });
    expect(start).toHaveBeenCalledTimes(1);
  });
  it('settles when the worker cannot be made', async () => {
    const line = workerLine<Work>(() => {
      throw new Error('no workers here');
    });
    expect(await line.ask((remote) => remote.double(1))).toMatchObject({ ok: false, why: 'cannot start' });
  });
  it('settles all questions when its script cannot be loaded, and starts anew for the next', async () => {
    const first = stand(never);
    const second = stand(async (n) => n * 2);
    const starts = [first, second];
    const line = workerLine<Work>(() => starts.shift()!.helper);
    const asked = [line.ask((remote) => remote.double(1)), line.ask((remote) => remote.double(2))];
    first.break('error');
    expect(await Promise.all(asked)).toMatchObject([
      { ok: false, why: 'cannot start' },
      { ok: false, why: 'cannot start' },
    ]);
    expect(first.thread.terminate).toHaveBeenCalled();
    expect(await line.ask((remote) => remote.double(3))).toEqual({ ok: true, value: 6 });
  });
  it('tells a worker that died from one that never started', async () => {
    let answers = 0;
    const worker = stand(async (n) => ((answers += 1) === 1 ? n : new Promise<number>(() => {})));
    const line = workerLine<Work>(() => worker.helper);
    await line.ask((remote) => remote.double(1));
    const asked = line.ask((remote) => remote.double(2));
    worker.break('messageerror');
    expect(await asked).toMatchObject({ ok: false, why: 'died' });
  });
  it('says when the work itself failed', async () => {
    const line = workerLine<Work>(() => stand(() => Promise.reject(new Error('odd'))).helper);
    expect(await line.ask((remote) => remote.double(1))).toMatchObject({ ok: false, why: 'failed' });
  });
  it('gives up a worker that says nothing, but not one that tells it is alive', async () => {
    jest.useFakeTimers();
    const line = workerLine<Work>(() => stand(never).helper);
    const settled: unknown[] = [];
    let tell = (): void => {};
    void line
      .ask((remote, alive) => {
        tell = alive;
        return remote.double(1);
      }, 1000)
      .then((answer) => settled.push(answer));
    await jest.advanceTimersByTimeAsync(900);
    tell();
    await jest.advanceTimersByTimeAsync(900);
    expect(settled).toEqual([]);
    await jest.advanceTimersByTimeAsync(200);
    expect(settled).toMatchObject([{ ok: false, why: 'timed out' }]);
    jest.useRealTimers();
  });
  it('answers cancelled when it is stopped, which needs no words', async () => {
    const worker = stand(never);
    const line = workerLine<Work>(() => worker.helper);
    const asked = line.ask((remote) => remote.double(1));
    line.stop();
    expect(await asked).toMatchObject({ ok: false, why: 'cancelled' });
    expect(worker.thread.terminate).toHaveBeenCalled();
    expect(failureWords('cancelled')).toBeNull();
    expect(failureWords('died')).toMatch(/stopped/);
  });
});
