import { Pipe, type PipeTransform } from '@angular/core';
import { keyName, type KeyId } from './keys';

/** The key of a deed as it is printed on a keyboard: beside a button that it presses. */
@Pipe({ name: 'keyOf' })
export class KeyOf implements PipeTransform {
  transform(does: KeyId): string {
    return keyName(does);
  }
}
