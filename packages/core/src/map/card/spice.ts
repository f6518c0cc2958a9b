import { SHIELD, awgAreaMm2, coreOhm, type Contact } from '../../catalogue';
import type { End } from '../../link';
import type { Solution } from '../solution';
import type { MapTask } from '../solve';

const safe = (text: string): string =>
  text.replace(/[^A-Za-z0-9]+/g, '_').replace(/^_+|_+$/g, '') || 'adapter';

/**
 * The joined nets as a SPICE subcircuit: a resistor for each core from gauge, length and temperature, and
 * 0 V sources for joints without resistance. Nodes are near_1, far_3 and so on. Shield resistance is not
 * known, so the shield is a joint.
 */
export function spiceSubcircuit(
  name: string,
  { nets }: Pick<Solution, 'nets'>,
  { cable, options }: MapTask,
): string {
  const node = (end: End, contact: Contact) => `${end}_${safe(contact)}`;
  const nodes = nets.flatMap((net) => [
    ...net.near.map((contact) => node('near', contact)),
    ...net.far.map((contact) => node('far', contact)),
  ]);
  const ohm =
    cable && options.lengthM !== null
      ? coreOhm(options.lengthM, awgAreaMm2(cable.gaugeAwg), options.temperatureC)
      : null;
  const elements = nets.flatMap((net, index) => {
    const at = index + 1;
    const bridge = (end: End) =>
      net[end]
        .slice(1)
        .map(
          (contact, place) =>
            `V${end}${at}_${place + 1} ${node(end, net[end][0] ?? '')} ${node(end, contact)} 0`,
        );
    const [near, far] = [net.near[0], net.far[0]];
    const through =
      near === undefined || far === undefined
        ? []
        : ohm === null || net.core === undefined || net.core === SHIELD
          ? [`Vnet${at} ${node('near', near)} ${node('far', far)} 0`]
          : [
              `Rnet${at} ${node('near', near)} ${node('far', far)} ${Number((ohm / (1 + (net.more?.length ?? 0))).toPrecision(4))}`,
            ];
    return [
      `* ${net.signal.replace(/[^\x20-\x7e]/g, ' ')}${net.core ? `, core ${net.core}` : ''}`,
      ...through,
      ...bridge('near'),
      ...bridge('far'),
    ];
  });
  return [
    `* ${name.replace(/[^\x20-\x7e]/g, ' ')}`,
    ohm === null
      ? '* Cable or length not stated: cores are joined without resistance.'
      : `* Cores: ${cable?.gaugeAwg} AWG copper, ${options.lengthM} m, ${options.temperatureC} C.`,
    `.SUBCKT ${safe(name)} ${nodes.join(' ')}`,
    ...elements,
    `.ENDS ${safe(name)}`,
    '',
  ].join('\n');
}
