import { BUILT_IN } from '../catalogue';
import { PORTS } from './ports';
import { PLAIN_OPTIONS } from './solution';
import { solveMap } from './solve';
import { adapterStanding, type AdapterDeed, type AdapterFact } from './standing';

const portOf = (id: string) => {
  const found = PORTS.find((port) => port.id === id);
  if (!found) throw new Error(id);
  return found;
};
const task = {
  near: portOf('ttl-serial-board'),
  far: portOf('ttl-serial-device'),
  cable: BUILT_IN.cable('usb-2'),
  options: PLAIN_OPTIONS,
};
const solution = solveMap(task);
const factsOf = (...deeds: AdapterDeed[]): AdapterFact[] =>
  deeds.map((deed, index) => ({ id: String(index), deed }));

/** Probes a lead whose near contact goes to this far one. */
function probed(farOf: Readonly<Record<string, string>>): AdapterDeed[] {
  const deeds: AdapterDeed[] = [];
  for (;;) {
    const { next } = adapterStanding(task, solution, factsOf(...deeds)).buzz.contacts.buzzed;
    if (!next) return deeds;
    const beep = next.kind === 'pair' && farOf[next.near] === next.far;
    deeds.push({ kind: 'probe', subject: 'contacts', probe: { ...next, beep } });
  }
}

const right = { 1: '1', 2: '3', 3: '2', 4: '4' };

describe('where an adapter stands', () => {
  it('finds nothing to say of a lead that is as drawn, with one probe a core', () => {
    const deeds = probed(right);
    const { buzz, remarks } = adapterStanding(task, solution, factsOf(...deeds));
    expect(buzz.contacts.over).toBeTrue();
    expect(remarks).toEqual([]);
    expect(deeds.filter((deed) => deed.kind === 'probe' && deed.probe.kind === 'pair').length).toBe(
      4,
    );
  });

  it('keeps a difference with the note that it was accepted with', () => {
    const deeds = probed({ ...right, 2: '2', 3: '3' });
    const [found] = adapterStanding(task, solution, factsOf(...deeds)).buzz.contacts.differences;
    expect(found?.kind).toBe('swapped');
    const accepted: AdapterDeed = {
      kind: 'difference',
      differenceId: found?.id ?? '',
      decision: 'accepted',
      note: 'Old board, straight.',
    };
    const { remarks } = adapterStanding(task, solution, factsOf(...deeds, accepted));
    expect(remarks.length).toBe(1);
    expect(remarks[0]).toContain('Old board, straight.');
  });

  const allPassed = (over: typeof task) => {
    const solved = solveMap(over);
    const { steps } = adapterStanding(over, solved, []).tests;
    return steps.map(({ step }): AdapterDeed => ({
      kind: 'test',
      stepId: step.id,
      pass: true,
      readV: null,
    }));
  };
  const mayClose = (over: typeof task, deeds: readonly AdapterDeed[]) =>
    adapterStanding(over, solveMap(over), factsOf(...deeds)).tests.shellMayClose;

  it('lets the shell be closed when all passed, but not while a difference waits', () => {
    const passed = allPassed(task);
    expect(mayClose(task, passed)).toBeTrue();
    const swapped = probed({ ...right, 2: '2', 3: '3' });
    expect(mayClose(task, [...passed, ...swapped])).toBeFalse();
    const decide = (decision: 'accepted' | 'to-correct'): AdapterDeed => ({
      kind: 'difference',
      differenceId:
        adapterStanding(task, solution, factsOf(...swapped)).buzz.contacts.differences[0]?.id ?? '',
      decision,
      note: '',
    });
    expect(mayClose(task, [...passed, ...swapped, decide('to-correct')])).toBeFalse();
    expect(mayClose(task, [...passed, ...swapped, decide('accepted')])).toBeTrue();
    const remarks = (...deeds: AdapterDeed[]) =>
      adapterStanding(task, solution, factsOf(...swapped, ...deeds)).remarks.join(' ');
    expect(remarks()).toMatch(/^Found: /);
    expect(remarks(decide('to-correct'))).toMatch(/^To correct: /);
    expect(remarks(decide('accepted'))).toMatch(/^Found and accepted: /);
  });

  it('keeps the shell open over a stop and over a question, whatever was measured', () => {
    // The board gives 0.1 A.
    const hungry = task.far.contacts.map((row) =>
      row.contact === '1' ? { ...row, currentA: 0.3 } : row,
    );
    const weak = { ...task, far: { ...task.far, contacts: hungry } };
    expect(solveMap(weak).findings.some(({ severity }) => severity === 'stop')).toBeTrue();
    expect(mayClose(weak, allPassed(weak))).toBeFalse();
    const asked = { ...task, near: portOf('eia-422-terminal'), far: portOf('eia-485-terminal') };
    expect(mayClose(asked, allPassed(asked))).toBeFalse();
  });

  it('is not over without its last probe, and begins anew after soldering', () => {
    const deeds = probed(right);
    const fewer = factsOf(...deeds.slice(0, -1));
    expect(adapterStanding(task, solution, fewer).buzz.contacts.over).toBeFalse();
    const anew = factsOf(...deeds, { kind: 'restart', subject: 'contacts' });
    expect(adapterStanding(task, solution, anew).buzz.contacts.labels).toEqual([]);
  });

  it('names the cores of a walk by their colours', () => {
    const cores = task.cable.cores.map(({ id }) => id);
    const { walkPlan } = adapterStanding(task, solution, []).buzz.cores;
    const far = walkPlan?.nearTies ?? [];
    const first: AdapterDeed = { kind: 'walk', subject: 'cores', far, near: null };
    const { walked } = adapterStanding(task, solution, factsOf(first)).buzz.cores;
    const second: AdapterDeed = { ...first, near: walked.farTies };
    const { labels, over } = adapterStanding(task, solution, factsOf(first, second)).buzz.cores;
    expect(over).toBeTrue();
    expect(labels.map(({ near, far: to }) => [near, to])).toEqual(cores.map((id) => [id, id]));
  });
});
