import { upcast, versionOf } from '../src/facts/upcast';

describe('A body of an earlier form', () => {
  // As when a kind of fault is renamed, and later one is told beside its end.
  const steps = {
    reading: [
      (body: Readonly<Record<string, unknown>>) => ({
        ...body,
        fault: body['fault'] === 'swap' ? 'transposed' : body['fault'],
      }),
      (body: Readonly<Record<string, unknown>>) => ({ ...body, end: 'near' }),
    ],
  };

  it('is read as what it has become, step by step from the form that it was written in', () => {
    expect(upcast('reading', 1, { fault: 'swap' }, steps)).toEqual({
      fault: 'transposed',
      end: 'near',
    });
    expect(upcast('reading', 2, { fault: 'swap' }, steps)).toEqual({ fault: 'swap', end: 'near' });
    expect(upcast('reading', 3, { fault: 'swap' }, steps)).toEqual({ fault: 'swap' });
  });

  it('is written in the newest; what has never changed has its first', () => {
    expect([versionOf('reading', steps), versionOf('tick', steps)]).toEqual([3, 1]);
    expect(upcast('tick', 1, { key: 'crimp' }, steps)).toEqual({ key: 'crimp' });
  });
});
