import { awgAreaMm2, coreOhm } from '../../catalogue';
import { wiringOf, type Job, type Link, type Wiring } from '../../link';
import { PLAIN_LAMPS, type LampParts } from './lamp-circuit';
import { PLAIN_ELECTRICS, type Electrics } from './link-circuit';

/** What has to be known of a link besides how it was made, to say what a tester shows of it. */
export interface Bench {
  readonly wiring: Wiring;
  readonly electrics: Electrics;
  readonly lamps: LampParts;
  /** Of a coaxial cable; its terminator's. */
  readonly impedanceOhm: number;
}

/** What is known of a link's cable for its resistances. */
export interface CableFacts {
  /** Null while nobody knows. */
  readonly lengthM: number | null;
  readonly gaugeAwg: number;
  readonly temperatureC: number;
}

const NOMINAL_OHM = 100;

/** A wiring on the bench; where the length is not known, a generic one stands in. */
export function plainBench(
  wiring: Wiring,
  facts: CableFacts | null = null,
  impedanceOhm: number | null = null,
): Bench {
  const electrics: Electrics =
    facts && facts.lengthM !== null && facts.lengthM > 0
      ? {
          ...PLAIN_ELECTRICS,
          coreOhm: coreOhm(facts.lengthM, awgAreaMm2(facts.gaugeAwg), facts.temperatureC),
        }
      : PLAIN_ELECTRICS;
  return { wiring, electrics, lamps: PLAIN_LAMPS, impedanceOhm: impedanceOhm ?? NOMINAL_OHM };
}

/** What a link is tested at where no temperature is told. */
const ROOM_C = 20;

/** What of a link decides how testers see it. */
type Tested = Pick<Link, 'near' | 'far' | 'cable' | 'schools' | 'pinout' | 'lengthM'>;

/** A link on the bench. */
export function benchOf(link: Tested, job: Job, temperatureC = ROOM_C): Bench {
  const cable = job.catalogue.cable(link.cable);
  return plainBench(
    wiringOf(link, job),
    { lengthM: link.lengthM, gaugeAwg: cable.gaugeAwg, temperatureC },
    cable.impedanceOhm,
  );
}

/** How a cord is made: a short link whose ends have no place. */
export interface CordMake extends Pick<Link, 'cable' | 'lengthM'> {
  readonly near: Omit<Link['near'], 'place'>;
  readonly far: Omit<Link['far'], 'place'>;
}

/** A cord on the bench. */
export const cordBenchOf = (
  { near, far, cable, lengthM }: CordMake,
  job: Job,
  temperatureC = ROOM_C,
): Bench =>
  benchOf(
    { near: { ...near, place: '' }, far: { ...far, place: '' }, cable, lengthM, schools: {} },
    job,
    temperatureC,
  );
