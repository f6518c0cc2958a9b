import { unionFind } from '../link';
import { PORTS } from './ports';
import { PLAIN_OPTIONS, type Net, type Spot } from './solution';
import { solveMap } from './solve';
import { neighbours } from './neighbours';
import { planTests, type TestStep } from './test-plan';
import { testState, voltsPass } from './test-state';

const portOf = (id: string) => {
  const found = PORTS.find((port) => port.id === id);
  if (!found) throw new Error(id);
  return found;
};

function adapter(near: string, far: string) {
  const ports = { near: portOf(near), far: portOf(far) };
  const solution = solveMap({ ...ports, cable: null, options: PLAIN_OPTIONS });
  return { ports, solution, steps: planTests(solution, ports) };
}

const key = ({ end, contact }: Spot) => `${end} ${contact}`;
type Wires = readonly (readonly [Spot, Spot])[];

const wiresOf = (nets: readonly Net[]): [Spot, Spot][] =>
  nets.flatMap((net) => {
    const spots = [
      ...net.near.map((contact): Spot => ({ end: 'near', contact })),
      ...net.far.map((contact): Spot => ({ end: 'far', contact })),
    ];
    return spots.slice(1).map((spot): [Spot, Spot] => [spots[0] ?? spot, spot]);
  });

/** Whether some step of the unpowered stage does not come out as written, on this copper. */
function caught(steps: readonly TestStep[], wires: Wires): boolean {
  const { root, join } = unionFind<string>();
  for (const [a, b] of wires) join(key(a), key(b));
  return steps.some(
    (step) =>
      (step.kind === 'beep' || step.kind === 'silence') &&
      (root(key(step.probes[0])) === root(key(step.probes[1]))) !== (step.kind === 'beep'),
  );
}

const PAIRS = [
  ['dte-de9', 'dte-de9'],
  ['dte-de9', 'dce-db25'],
  ['console-8p8c', 'dte-de9'],
  ['ttl-serial-board', 'ttl-serial-device'],
  ['camera', 'monitor'],
] as const;

describe('test plan', () => {
  it('passes an adapter that is as drawn, and finds every single open, bridge and swap', () => {
    for (const [near, far] of PAIRS) {
      const { solution, steps, ports } = adapter(near, far);
      const wires = wiresOf(solution.nets);
      expect(caught(steps, wires)).withContext(`${near} ${far}`).toBeFalse();
      wires.forEach((wire, gone) => {
        expect(
          caught(
            steps,
            wires.filter((_, index) => index !== gone),
          ),
        )
          .withContext(wire.map(key).join())
          .toBeTrue();
      });
      const pieces = unionFind<string>();
      for (const [a, b] of wires) pieces.join(key(a), key(b));
      const carries = new Set([
        ...wires.flat().map(key),
        ...(['near', 'far'] as const).flatMap((end) =>
          solution.unmatched[end].map((contact) => key({ end, contact })),
        ),
      ]);
      for (const end of ['near', 'far'] as const)
        for (const [a, b] of neighbours(ports[end].connector)) {
          const bridge: [Spot, Spot] = [
            { end, contact: a },
            { end, contact: b },
          ];
          const [one, two] = bridge.map(key);
          if (!carries.has(one ?? '') || !carries.has(two ?? '')) continue;
          if (pieces.root(one ?? '') === pieces.root(two ?? '')) continue;
          expect(caught(steps, [...wires, bridge]))
            .withContext(`${one} ${two}`)
            .toBeTrue();
          const swapped = wires.map((wire) =>
            wire.map((spot) =>
              key(spot) === one
                ? { end, contact: b }
                : key(spot) === two
                  ? { end, contact: a }
                  : spot,
            ),
          );
          expect(caught(steps, swapped as unknown as Wires))
            .withContext(`${one} for ${two}`)
            .toBeTrue();
        }
    }
  });

  it('has no measurement to spare: without any one of them some open or bridge passes', () => {
    const { solution, steps, ports } = adapter('dte-de9', 'dte-de9');
    const wires = wiresOf(solution.nets);
    const slips: Wires[] = wires.map((_, gone) => wires.filter((__, index) => index !== gone));
    for (const end of ['near', 'far'] as const)
      for (const [a, b] of neighbours(ports[end].connector))
        slips.push([
          ...wires,
          [
            { end, contact: a },
            { end, contact: b },
          ],
        ]);
    const found = slips.filter((slip) => caught(steps, slip));
    for (const step of steps.filter(
      ({ stage, kind }) => stage === 'unpowered' && kind !== 'works',
    )) {
      const fewer = steps.filter((one) => one !== step);
      expect(found.every((slip) => caught(fewer, slip)))
        .withContext(step.sentence)
        .toBeFalse();
    }
  });

  it('asks for silence between supply and ground even where they stand apart', () => {
    const { steps } = adapter('ttl-serial-board', 'ttl-serial-device');
    const silent = steps.filter(({ kind }) => kind === 'silence').map(({ id }) => id);
    expect(silent[0]).toBe('silence near 1 near 4');
  });

  it('knows at what voltage a line rests', () => {
    const { steps } = adapter('dte-de9', 'dte-de9');
    const idle = steps.find(({ id }) => id.startsWith('idle near 2'));
    if (idle?.kind !== 'volts') throw new Error('no idle step');
    expect(voltsPass(idle, -9)).toBeTrue();
    expect(voltsPass(idle, 9)).toBeFalse();
    const supply = adapter('ttl-serial-board', 'ttl-serial-device').steps.find(
      ({ stage }) => stage === 'supply',
    );
    expect(supply && voltsPass(supply, 5)).toBeTrue();
    expect(supply && voltsPass(supply, -5)).toBeFalse();
  });
});

describe('results', () => {
  const { steps } = adapter('ttl-serial-board', 'ttl-serial-device');
  const pass = steps.map(({ id }) => ({ stepId: id, pass: true }));

  it('lets nobody power up, nor close the shell, before everything has passed', () => {
    expect(testState(steps, []).stage).toBe('unpowered');
    const unpowered = pass.filter(({ stepId }) => /^(beep|silence)/.test(stepId));
    expect(testState(steps, unpowered.slice(1)).stage).toBe('unpowered');
    expect(testState(steps, unpowered).stage).toBe('supply');
    expect(testState(steps, pass.slice(0, -1)).shellMayClose).toBeFalse();
    expect(testState(steps, pass).shellMayClose).toBeTrue();
    expect(testState([], []).shellMayClose).toBeFalse();
  });

  it('wants again what was measured before a repair at the same contact', () => {
    const [first] = pass;
    const failed = { stepId: first?.stepId ?? '', pass: false };
    const later = testState(steps, [...pass, failed]);
    expect(later.next?.id).toBe(first?.stepId);
    const repaired = testState(steps, [...pass, failed, { ...failed, pass: true }]);
    expect(repaired.shellMayClose).toBeFalse();
    expect(repaired.steps.some(({ state }) => state === 'stale')).toBeTrue();
    expect(testState(steps, [...pass, failed, ...pass]).shellMayClose).toBeTrue();
  });
});
