import { parseMeasured, writeMeasured } from './measured-text';

describe('measured cores as they are typed', () => {
  it('are near before far, once where they are alike', () => {
    const parsed = parseMeasured('r>br bk, W-BL>w-bl.2');
    expect(parsed).toEqual({
      ok: true,
      cores: [
        { near: 'R', far: 'BR' },
        { near: 'BK', far: 'BK' },
        { near: 'W-BL', far: 'W-BL.2' },
      ],
    });
    expect(parsed.ok && writeMeasured(parsed.cores)).toBe('R>BR BK W-BL>W-BL.2');
    expect(parseMeasured(' ')).toEqual({ ok: true, cores: [] });
  });

  it('are refused with the word that is wrong', () => {
    const reason = (text: string) => {
      const parsed = parseMeasured(text);
      return parsed.ok ? '' : parsed.reason;
    };
    expect(reason('R reddish')).toContain('‘REDDISH’ is no core');
    expect(reason('R>BR>G')).toContain('‘R>BR>G’ is no core');
    expect(reason('R>BR BK>BR')).toContain('BR stands twice at the far end');
  });
});
