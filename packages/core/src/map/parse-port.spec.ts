import { parsePins } from './parse-port';

const read = (text: string, connector = 'd-sub-9') => {
  const parsed = parsePins(text, connector);
  if (!parsed.ok) throw new Error(parsed.problems.map(({ reason }) => reason).join('\n'));
  return parsed.contacts.map(({ contact, signal }) => [contact, signal]);
};
const refused = (text: string, connector = 'd-sub-9') => {
  const parsed = parsePins(text, connector);
  return parsed.ok
    ? []
    : parsed.problems.map(({ line, column, reason }) => `${line}:${column} ${reason}`);
};

describe('a pasted pin table', () => {
  it('is read in the shapes that people have it in', () => {
    const wanted = [
      ['2', 'RXD'],
      ['3', 'TXD'],
      ['5', 'Signal ground'],
    ];
    expect(read('2 RXD\n3 TXD\n5 Signal ground')).toEqual(wanted);
    expect(read('2: RXD\r\n3: TXD\r\n5: Signal ground\r\n')).toEqual(wanted);
    expect(read('RXD 2\nTXD 3\nSignal ground 5')).toEqual(wanted);
    expect(read('RXD\t2\nTXD\t3\nSignal ground\t5')).toEqual(wanted);
    expect(read('Signal;Pin no.\nRXD;2\nTXD;3\n"Signal ground";5')).toEqual(wanted);
  });

  it('takes direction, level, volts and current from its columns', () => {
    const parsed = parsePins(
      'Pin,Name,Dir,Level,Voltage,Current\n1,+5V,in,,5 V,200 mA\n2,TXD,O,ttl-5,,\n3,GND,,,,',
      'header-3',
    );
    if (!parsed.ok) throw new Error('refused');
    const [supply, data, ground] = parsed.contacts;
    expect([supply?.role, supply?.direction, supply?.volts, supply?.currentA]).toEqual([
      'supply',
      'in',
      5,
      0.2,
    ]);
    expect([data?.role, data?.direction, data?.level]).toEqual(['signal', 'out', 'ttl-5']);
    expect([ground?.role, ground?.direction]).toEqual(['ground', 'passive']);
  });

  it('takes the levels of a data sheet, all five or none', () => {
    const heads = 'pin,signal,dir,VOL,VOH,VIL,VIH,max';
    const parsed = parsePins(`${heads}\n1,TXD,out,0.4,2.6,0.7,2,3.6\n2,GND,,,,,,`, 'header-2');
    const [first, second] = parsed.ok ? parsed.contacts : [];
    expect([first?.thresholds?.outHighMinV, first?.thresholds?.inMaxV]).toEqual([2.6, 3.6]);
    expect(second?.thresholds).toBeUndefined();
    expect(refused(`${heads}\n1,TXD,out,0.4,2.6,,2,3.6`, 'header-2')[0]).toContain(
      '2:6 Levels of its own need all of VOL',
    );
  });

  it('knows a ground by its last word, unless it is the frame’s', () => {
    const parsed = parsePins('1 Audio GND\n2 Video return\n3 Chassis ground\n4 Audio', 'header-4');
    const roles = parsed.ok ? parsed.contacts.map(({ role }) => role) : [];
    expect(roles).toEqual(['ground', 'ground', 'shield', 'signal']);
  });

  it('finds the pairs that the names tell', () => {
    const parsed = parsePins('1 TX+\n2 TX-\n3 RX+\n4 RX-', 'terminal-4');
    expect(parsed.ok && parsed.contacts.map(({ partner }) => partner)).toEqual([
      '2',
      '1',
      '4',
      '3',
    ]);
  });

  it('says where it can’t be read and what to write', () => {
    expect(refused('')[0]).toContain('1:1 There is nothing in it');
    expect(refused('2 RXD\n12 TXD')[0]).toContain('2:1 This connector has no contact 12');
    expect(refused('2 RXD\n2 TXD')[0]).toContain('2:1 Contact 2 stands in line 1 already');
    expect(refused('pin,signal,dir\n2,RXD,sideways')[0]).toContain(
      '2:3 ‘sideways’ is no direction',
    );
    expect(refused('pin,signal,volts\n2,VCC,five')[0]).toContain(
      '2:3 ‘five’ is not a number of volts',
    );
    expect(refused('pin,signal,partner\n2,A,7')[0]).toContain('2:3 The partner 7');
    expect(refused('hello there\nworld')[0]).toContain('No column holds the contacts');
    expect(refused('\u0000\u0001PNG')[0]).toContain('No column');
  });
});
