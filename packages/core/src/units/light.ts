/** Speed of light in vacuum, m/s: exact by the definition of the metre (SI). */
export const LIGHT_M_S = 299_792_458;
