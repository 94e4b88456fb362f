/*
 * Checks of single fields that several DTOs share.
 */
import { Matches, registerDecorator } from 'class-validator';
import { isLocalDay } from '@loyal-mane/core';

/** A local day that the calendar has, YYYY-MM-DD: the 30th of February is none. */
export function IsDay(): PropertyDecorator {
  return (target, propertyKey) =>
    registerDecorator({
      name: 'isDay',
      target: target.constructor,
      propertyName: String(propertyKey),
      validator: {
        validate: (value: unknown) => typeof value === 'string' && isLocalDay(value),
        defaultMessage: () => 'a day is a date of the calendar, written YYYY-MM-DD',
      },
    });
}

/** Text on one line with something to read in it: no control characters, not only blanks. */
export function IsReadable(): PropertyDecorator {
  return Matches(/^(?=.*\S)[^\p{Cc}\p{Zl}\p{Zp}]*$/u, {
    message: 'must have something to read in it, on one line and without control characters',
  });
}
