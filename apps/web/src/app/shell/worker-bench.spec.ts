import { WorkerBench, type Question, type Sent } from './worker-bench';

type Work = { readonly double: { readonly ask: number; readonly answer: number } };

/** A worker that answers when it is told to. */
class Told extends EventTarget {
  readonly questions: Question<Work>[] = [];
  ended = false;
  postMessage(question: Question<Work>): void {
    this.questions.push(question);
  }
  terminate(): void {
    this.ended = true;
  }
  send(data: Sent): void {
    this.dispatchEvent(new MessageEvent('message', { data }));
  }
  fail(): void {
    this.dispatchEvent(new Event('error'));
  }
}

describe('WorkerBench', () => {
  function bench() {
    const workers: Told[] = [];
    const started = new WorkerBench<Work>(() => {
      const worker = new Told();
      workers.push(worker);
      return worker as unknown as Worker;
    });
    return { started, workers };
  }
  const refused = (asked: Promise<number>) =>
    asked.then(
      () => false,
      () => true,
    );

  it('starts a worker with the first question, and one only', () => {
    const { started, workers } = bench();
    expect(workers.length).toBe(0);
    void started.ask('double', 1);
    void started.ask('double', 2);
    expect(workers.length).toBe(1);
    expect(workers[0]?.questions.map(({ ask }) => ask)).toEqual([1, 2]);
  });

  it('gives each question its own answer, in whatever order they come', async () => {
    const { started, workers } = bench();
    const asked = [started.ask('double', 1), started.ask('double', 2)];
    const [first, second] = workers[0]?.questions ?? [];
    workers[0]?.send({ id: second?.id ?? 0, answer: 4 });
    workers[0]?.send({ id: first?.id ?? 0, answer: 2 });
    expect(await Promise.all(asked)).toEqual([2, 4]);
  });

  it('tells the share that is done until the answer', async () => {
    const { started, workers } = bench();
    const shares: number[] = [];
    const asked = started.ask('double', 1, (share) => shares.push(share));
    const id = workers[0]?.questions[0]?.id ?? 0;
    workers[0]?.send({ id, share: 0.3 });
    workers[0]?.send({ id, share: 0.7 });
    workers[0]?.send({ id, answer: 2 });
    workers[0]?.send({ id, share: 1 });
    expect(await asked).toBe(2);
    expect(shares).toEqual([0.3, 0.7]);
  });

  it('refuses all that is waited for when it is let go, and starts anew when asked again', async () => {
    const { started, workers } = bench();
    const asked = started.ask('double', 1);
    started.drop();
    expect(workers[0]?.ended).toBeTrue();
    expect(await refused(asked)).toBeTrue();
    const again = started.ask('double', 3);
    workers[1]?.send({ id: workers[1].questions[0]?.id ?? 0, answer: 6 });
    expect(await again).toBe(6);
  });

  it('refuses when the worker fails, instead of waiting for ever', async () => {
    const { started, workers } = bench();
    const asked = started.ask('double', 1);
    workers[0]?.fail();
    expect(await refused(asked)).toBeTrue();
  });
});
