import type { NonNullableFormBuilder } from '@angular/forms';
import type { School } from '@near-spoke/core/catalogue';

/** A choice and its reason for each of some schools, as form fields. */
export function schoolFields(
  build: NonNullableFormBuilder,
  schools: readonly School[],
  first: (school: School) => string,
) {
  return build.record(
    Object.fromEntries(
      schools.map((school) => [school.id, build.group({ choice: first(school), reason: '' })]),
    ),
  );
}
