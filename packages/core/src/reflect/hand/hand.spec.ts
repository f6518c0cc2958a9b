import { partOf, pyramidOf, snapToEdge } from '.';

describe('A part of a trace', () => {
  const volts = Float64Array.from({ length: 20_000 }, (_, n) =>
    n === 12_345 ? 5 : Math.sin(n / 900),
  );
  const pyramid = pyramidOf(volts);

  it('is its own samples where there are few, each at its place', () => {
    const part = partOf(pyramid, 12_340, 12_350, 400);
    expect(part.map(({ sample }) => sample)).toEqual(
      Array.from({ length: 10 }, (_, n) => 12_340 + n),
    );
    for (const { sample, volt } of part) expect(volt).toBe(volts[sample] as number);
  });

  it('loses no spike where there are many, in no more points than two a column', () => {
    const part = partOf(pyramid, 0, 20_000, 300);
    expect(part.length).toBeLessThanOrEqual(600);
    const top = part.reduce((most, one) => (one.volt > most.volt ? one : most));
    expect(top.volt).toBe(5);
    expect(Math.abs(top.sample - 12_345)).toBeLessThan(20_000 / 300);
    expect(partOf(pyramid, 30_000, 31_000, 10)).toEqual([]);
  });
});

describe('A cursor that snaps', () => {
  const edge = (n: number) => 1 / (1 + Math.exp(-n / 3));
  const trace = (at: number) => ({
    volts: Float64Array.from({ length: 1000 }, (_, n) => edge(n - at)),
    intervalS: 1e-9,
    fromS: -50e-9,
  });
  const snap = (at: number, nearS: number, reachS = 40e-9) =>
    snapToEdge(trace(at), 0.002, 6e-9, nearS, reachS);

  it('goes to the steepest place within its reach, to a part of a sample', () => {
    const found = snap(300.4, 240e-9);
    expect(found?.atS.value).toBeCloseTo(250.4e-9, 10);
    expect(found?.sigmas).toBeGreaterThan(50);
    expect(snap(300.4, 150e-9)).toBeNull();
  });

  it('looks no further than the record goes', () => {
    expect(snap(300, 949e-9, 200e-9)).toBeNull();
    expect(snap(990, 945e-9)?.atS.value).toBeCloseTo(940e-9, 9);
  });
});
