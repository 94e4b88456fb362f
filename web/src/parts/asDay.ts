/*
 * A day in a form: a calendar's day on the screen, `YYYY-MM-DD` in what is saved.
 */
import dayjs from 'dayjs';

/** How a form item reads and gives a day; spread into `Form.Item` around a `DayField`. */
export const asDay = {
  getValueProps: (value: string | undefined) => ({ value: value === undefined ? null : dayjs(value) }),
  getValueFromEvent: (value: dayjs.Dayjs | null) => value?.format('YYYY-MM-DD'),
};
