import {
  BUILT_IN,
  CONNECTORS,
  DEFAULT_SCHOOLS,
  assignCores,
  conductor,
  type SchemeId,
} from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR, taskFor } from '../testing/tasks';
import { foldedMm } from './cuts';
import { judgeMeasure } from './measure';
import { fillOf } from './fill';
import { tell } from './messages';
import { operation, wordingOf, type Operation } from './operation';
import { OPERATIONS } from './operations';
import { planTermination as planIn } from './plan-termination';
import type { TerminationTask } from './task';
import { solveOrder } from './solve-order';

const planTermination = (row: TerminationTask) => inEnglish(planIn(row, BUILT_IN));
const task = taskFor;
const wiringRows = (scheme: SchemeId) =>
  assignCores(
    BUILT_IN.cable('cat6-uutp-solid'),
    BUILT_IN.connector('keystone-tool-less'),
    scheme,
    DEFAULT_SCHOOLS,
  );
const everyTask = EVERY_PAIR.flatMap((row) =>
  (['bare', 'made'] as const).map((otherEnd) => ({ ...row, otherEnd })),
);

describe('planTermination', () => {
  it('either makes an end or refuses it with reasons, for every cable and connector', () => {
    let made = 0;
    for (const row of everyTask) {
      const plan = planTermination(row);
      const name = `${row.cable.id} ${row.connector.id}`;
      expect(plan.fit.ok)
        .withContext(name)
        .toBe(plan.steps.length > 0);
      expect(plan.fit.ok)
        .withContext(name)
        .toBe(plan.fit.problems.length === 0);
      for (const problem of plan.fit.problems)
        expect(
          [problem.what, problem.have, problem.need, problem.suggestion].every(Boolean),
        ).toBeTrue();
      if (plan.fit.ok) made += 1;
    }
    expect(made).toBeGreaterThan(400);
  });

  it('fills in every size and name that a step speaks of', () => {
    for (const row of everyTask)
      for (const { id, instruction, why, checks, tools } of planTermination(row).steps) {
        const said = [instruction, why, ...tools, ...checks.map(({ text }) => text)].join(' ');
        const where = `${row.connector.id} on ${row.cable.id}: ${id}`;
        expect(said)
          .withContext(where)
          .not.toMatch(/[{}]|undefined|NaN| {2}|: \.|, \./);
      }
  });

  it('trims a crimped plug’s braid while it lies flat, before the dielectric is cut', () => {
    const ids = planTermination(
      task({ cable: 'rg-58', connector: 'bnc-crimp-50-rg-58' }),
    ).steps.map(({ id }) => id);
    const order = ['strip-jacket', 'cut-braid', 'strip-dielectric', 'flare-braid', 'insert-body'];
    expect(ids.filter((id) => order.includes(id))).toEqual(order);
    expect(ids).not.toContain('fold-braid');
  });

  it('leaves tape and a telephone call for the site, after the end is made', () => {
    const of = (cable: string, connector: string) =>
      planTermination(task({ cable, connector, environment: 'outdoor' }));
    const crimp = of('rg-6-outdoor', 'bnc-crimp-75-rg-6');
    expect(crimp.afterwards.join()).toContain('On site, once it is mated: wrap');
    expect(crimp.steps.map(({ operation: kind }) => kind)).not.toContain('wrap');
    expect(
      planTermination(
        task({ cable: 'telephone-2-pair', connector: 'telephone-socket-master' }),
      ).afterwards.join(),
    ).toContain('listen for the tone');
    expect(planTermination(task()).afterwards).toEqual([]);
  });

  it('strips coax in one turn or layer by layer, with the cuts of each', () => {
    const of = (strip: string) =>
      planTermination(
        task({
          cable: 'rg-6',
          connector: 'f-compression-rg-6',
          schools: { ...DEFAULT_SCHOOLS, strip },
        }),
      );
    const told = (strip: string) =>
      of(strip).cuts.map(({ layer, fromEndMm }) => [layer, fromEndMm]);
    expect(told('two-blade')).toEqual([
      ['jacket', 12.7],
      ['to-centre', 6.4],
    ]);
    expect(told('layer-by-layer')).toEqual([
      ['jacket', 12.7],
      ['dielectric', 6.4],
    ]);
    const folded = (strip: string) =>
      foldedMm(BUILT_IN.connector('f-compression-rg-6'), of(strip).cuts);
    expect(folded('two-blade')).toBeCloseTo(6.3, 6);
    expect(folded('layer-by-layer')).toBe(12.7);
    for (const strip of ['two-blade', 'layer-by-layer'])
      expect(of(strip).steps.map(({ id }) => id)).toContain('fold-braid');
  });

  it('lays a tool-less jack as its slots are drawn, ties it before the upper pairs, and pulls on nothing after', () => {
    for (const scheme of ['T568A', 'T568B'] as const) {
      const plan = planTermination(task({ connector: 'keystone-tool-less', scheme }));
      const ids = plan.steps.map(({ id }) => id);
      const order = ['lay-lower', 'tie-rear', 'lay-upper', 'trim-flush', 'press-lid'];
      expect(ids.filter((id) => order.includes(id))).toEqual(order);
      const rows = new Map(
        wiringRows(scheme).map(({ contact, core }) => [contact, conductor(core ?? '').name]),
      );
      for (const row of ['upper', 'lower'] as const) {
        const drawn = BUILT_IN.connector('keystone-tool-less')
          .slots.filter((slot) => slot.row === row)
          .map(({ contact }) => rows.get(contact));
        expect(plan.steps.find(({ id }) => id === `lay-${row}`)?.instruction).toContain(
          drawn.join(', '),
        );
      }
    }
  });

  it('lets a pass-through plug be stripped long: it is cut flush', () => {
    const measure = (connector: string) =>
      planIn(task({ connector }), BUILT_IN).steps.find(({ id }) => id === 'strip-jacket')?.measure;
    const verdict = (connector: string, mm: number) => {
      const held = measure(connector);
      return held ? judgeMeasure(held, mm).fits : null;
    };
    expect(verdict('plug-8p8c-pass-through', 70)).toBe('in');
    expect(verdict('plug-8p8c', 70)).toBe('over');
  });

  it('says of each telephone socket how it rings, by its kind and the job’s school', () => {
    const rings = (kind: string, ringing: string) =>
      planTermination(
        task({
          cable: 'telephone-2-pair',
          connector: `telephone-socket-${kind}`,
          schools: { ...DEFAULT_SCHOOLS, ringing },
        }),
      )
        .steps.filter(({ id }) => /^check-(capacitor|bell-wire)/.test(id))
        .flatMap(({ checks }) => checks.map(({ text }) => text));
    expect(rings('master', 'capacitor').join()).toContain('capacitor is seen on this master');
    expect(rings('secondary', 'capacitor').join()).toContain('stays silent');
    expect(rings('extension', 'bell-wire').join()).toContain('contact 3 of the socket before it');
    const told = ['master', 'secondary', 'extension'].flatMap((kind) =>
      ['capacitor', 'bell-wire'].map((school) => rings(kind, school).join()),
    );
    expect(new Set(told).size).toBe(6);
  });

  it('says by how much a cable does not fit, and what would', () => {
    const { fit } = planTermination(task({ cable: 'cat6a-uutp-solid' }));
    expect(fit.problems[0]).toEqual({
      code: 'jacket',
      what: 'Jacket against the entry',
      have: '7.6 mm',
      need: '4.8 mm to 6.5 mm',
      off: '1.1 mm too thick',
      suggestion: 'Use “8P8C plug, large entry”.',
    });
  });

  it('stops for a check right before every crimp and punch', () => {
    for (const row of everyTask)
      planTermination(row).steps.forEach((step, index, steps) => {
        if (
          /^(crimp|press|compress)$/.test(step.operation) &&
          !/pin|contacts/.test(step.part ?? '')
        )
          expect(steps[index - 1]?.checks.length).toBeGreaterThan(0);
      });
  });

  it('says why the boot goes on now, only while it can’t come from the other end', () => {
    const why = (otherEnd: 'bare' | 'made') =>
      planTermination(task({ otherEnd })).steps.find((step) => step.part === 'boot')?.why;
    expect(why('made')).toMatch(/After “Crimp with one full stroke” it can’t go on any more/);
    expect(why('bare')).not.toMatch(/can’t go on any more/);
  });

  it('cuts the conductors 13 mm from the jacket', () => {
    const [jacket, conductors] = planTermination(task()).cuts;
    expect((jacket?.fromEndMm ?? 0) - (conductors?.fromEndMm ?? 0)).toBe(13);
    expect(jacket?.fromDatumMm).toBe(13);
  });

  it('reads a pass-through plug at its nose before the crimp, and trims it after', () => {
    const plan = planTermination(task({ connector: 'plug-8p8c-pass-through' }));
    const ids = plan.steps.map((step) => step.id);
    expect(ids.indexOf('read-before-crimp')).toBe(ids.indexOf('crimp') - 1);
    expect(ids.indexOf('trim-nose')).toBeGreaterThan(ids.indexOf('crimp'));
    expect(ids).not.toContain('trim-square');
    expect(plan.cuts.length).toBe(1);
  });

  it('ties a tool-less jack and trims its ends before the lid is pressed', () => {
    const ids = planTermination(task({ connector: 'keystone-tool-less' })).steps.map(
      ({ id }) => id,
    );
    for (const before of ['cut-spline', 'tie-rear', 'trim-flush', 'read-before-lid'])
      expect(ids.indexOf(before)).withContext(before).toBeLessThan(ids.indexOf('press-lid'));
    expect(ids).not.toContain('punch');
  });

  it('takes a direct-burial cable apart layer by layer, and squeezes a thick jacket', () => {
    const ids = planTermination(
      task({ cable: 'cat6-futp-solid-burial', connector: 'plug-8p8c-outdoor' }),
    ).steps.map(({ id }) => id);
    const order = [
      'strip-jacket',
      'strip-inner-jacket',
      'fold-foil',
      'wipe-gel',
      'inspect-insulation',
    ];
    expect(ids.filter((id) => order.includes(id))).toEqual(order);
    expect(ids.indexOf('squeeze-jacket')).toBeLessThan(ids.indexOf('insert-plug'));
  });

  it('keeps braid and pair foil of an S/FTP cable where the connector needs them', () => {
    const ids = (connector: string) =>
      planTermination(task({ cable: 'cat6a-sftp-solid', connector })).steps.map(({ id }) => id);
    const shell = ids('keystone-tool-less-shielded');
    expect(shell.indexOf('fold-braid')).toBeLessThan(shell.indexOf('peel-pair-foil'));
    expect(shell).toContain('close-hood');
    expect(ids('keystone-tool-less')).toContain('cut-braid');
    expect(ids('keystone-tool-less')).not.toContain('fold-braid');
  });

  it('warns at the knife, and of bonding and cleaners only where there is cause', () => {
    const told = (cable: string, connector: string) =>
      planTermination(task({ cable, connector }))
        .steps.flatMap((step) => step.cautions)
        .join(' ');
    const indoor = told('cat6-uutp-solid', 'plug-8p8c');
    expect(indoor).toMatch(/Cut away from your hand/);
    expect(indoor).not.toMatch(/surge|Cleaners/);
    const outdoor = told('cat6-uutp-solid-outdoor', 'plug-8p8c-large');
    expect(outdoor).toMatch(/bonding and surge protection/);
    expect(outdoor).toMatch(/Cleaners burn/);
  });

  it('makes a splice as its connector says, whatever the job’s school of joints is', () => {
    const ids = (connector: string, joint: string) =>
      planTermination(
        task({ cable: 'alarm-4', connector, schools: { ...DEFAULT_SCHOOLS, joint } }),
      ).steps.map(({ id }) => id);
    for (const joint of ['solder', 'sleeve', 'twist']) {
      expect(ids('splice-twist', joint)).toContain('twist-joints');
      expect(ids('splice-twist', joint)).not.toContain('solder-joints');
      expect(ids('splice-sleeve', joint)).toContain('heat-sleeves');
      expect(ids('splice-solder', joint)).not.toContain('heat-sleeves');
    }
    expect(ids('splice-solder', 'solder')[0]).toBe('check-area');
  });

  it('deals with the foil as the connector needs it', () => {
    const kinds = (cable: string, connector: string) =>
      planTermination(task({ cable, connector })).steps.map((step) => step.id);
    expect(kinds('cat5e-futp-solid', 'plug-8p8c-shielded')).toContain('fold-foil');
    expect(kinds('cat5e-futp-solid', 'plug-8p8c')).toContain('cut-foil');
    expect(kinds('cat5e-uutp-solid', 'plug-8p8c')).not.toContain('cut-foil');
  });
});

describe('the tables of operations', () => {
  const tables = Object.entries(OPERATIONS);

  it('need only what some operation makes, and are blocked only by what their own table makes', () => {
    const anywhere = new Set(tables.flatMap(([, rows]) => rows.flatMap((row) => row.makes)));
    for (const [family, rows] of tables) {
      const made = new Set(rows.flatMap((row) => row.makes));
      for (const row of rows) {
        for (const fact of row.needs)
          expect(anywhere.has(fact)).withContext(`${family} ${row.id}: ${fact}`).toBeTrue();
        for (const fact of row.blockedBy)
          expect(made.has(fact)).withContext(`${family} ${row.id}: ${fact}`).toBeTrue();
      }
      expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
    }
  });

  it('say what to do and why, and stop before what can’t be undone', () => {
    for (const [family, rows] of tables)
      for (const row of rows) {
        const step = wordingOf(row);
        const fill = fillOf(taskFor());
        for (const words of [tell('instruction', { step, fill }), tell('why', { step, fill })])
          expect(inEnglish(words))
            .withContext(row.id)
            .toMatch(/^[A-Z].*[.]$/);
        expect(row.seconds).toBeGreaterThan(0);
        if (row.kind === 'thread-on' || row.blockedBy.length > 0)
          expect(inEnglish(tell('way-back-of', { step })))
            .withContext(`${family} ${row.id}`)
            .not.toBe('');
      }
  });

  it('have a row for every connector of the catalogue', () => {
    for (const { family } of CONNECTORS) expect(OPERATIONS[family].length).toBeGreaterThan(8);
  });
});

describe('solveOrder', () => {
  const step = (id: string, rest: Partial<Operation> = {}): Operation =>
    operation({ id, kind: 'check', seconds: 0, depth: 0, ...rest });
  const ids = (operations: Operation[]) => solveOrder(operations)?.map((row) => row.id);

  it('puts a part on before what blocks it, whatever the order of the rows', () => {
    const crimp = step('crimp');
    const boot = step('boot', { blockedBy: ['crimp'], depth: 3 });
    expect(ids([crimp, boot])).toEqual(['boot', 'crimp']);
    expect(ids([boot, crimp])).toEqual(['boot', 'crimp']);
  });

  it('works from the outer layer in, and keeps a tool in the hand', () => {
    const cutter = { tools: ['cutter'] };
    const order = ids([
      step('a', { ...cutter, depth: 1 }),
      step('b', { tools: ['pliers'], depth: 1 }),
      step('c', { ...cutter, depth: 1 }),
      step('outer', { depth: 0 }),
    ]);
    expect(order?.[0]).toBe('outer');
    expect(Math.abs((order?.indexOf('a') ?? 0) - (order?.indexOf('c') ?? 0))).toBe(1);
  });

  it('knows when there is no order', () => {
    const a = step('a', { needs: ['b'] });
    const b = step('b', { needs: ['a'] });
    expect(solveOrder([a, b])).toBeNull();
  });
});
