import type { Touchstone } from '../touchstone';

/** A one- or two-port in Touchstone 1.1: hertz, real and imaginary parts. */
export function writeTouchstone({ ports, referenceOhm, points }: Touchstone): string {
  const number = (value: number) => value.toExponential(8);
  const rows = points.map(({ hz, s }) => {
    // Two ports are written S11 S21 S12 S22.
    const order = ports === 2 ? [s[0]?.[0], s[1]?.[0], s[0]?.[1], s[1]?.[1]] : s.flat();
    return [
      String(hz),
      ...order.flatMap((one) => [number(one?.re ?? 0), number(one?.im ?? 0)]),
    ].join(' ');
  });
  return [`# HZ S RI R ${referenceOhm}`, ...rows, ''].join('\n');
}
