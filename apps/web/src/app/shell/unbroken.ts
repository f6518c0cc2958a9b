import { Pipe, type PipeTransform } from '@angular/core';

const UNITS = /(\d) (?=(?:%|mm|cm|km|m|ft|in|ps|ns|s|mV|V|mA|kΩ|Ω|dB|MHz)(?!\w))/g;

/** A value beside its unit and its uncertainty, wherever a line ends. */
@Pipe({ name: 'unbroken' })
export class Unbroken implements PipeTransform {
  transform(text: string): string {
    return text.replace(/ ± /g, '\u00a0±\u00a0').replace(UNITS, '$1\u00a0');
  }
}
