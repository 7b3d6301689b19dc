import { DatePicker, TimePicker } from 'antd';
import dayjs from 'dayjs';
import updateLocale from 'dayjs/plugin/updateLocale';
import { onWrites, writesNow } from './writes.ts';
import './when.css';

dayjs.extend(updateLocale);
onWrites(({ weekFrom }) => dayjs.updateLocale('en', { weekStart: weekFrom === 'Sunday' ? 0 : 1 }));

const twelve = (): boolean => writesNow().clock === '12 h';
const hourFormat = (): string => (twelve() ? 'h:mm a' : 'HH:mm');
const dayFormat = (): string => (writesNow().date === 'month first' ? 'ddd MMM D' : 'ddd D MMM');

interface PickerProps {
  readonly label: string;
  /** Empty: nobody knows, or none. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A day and an hour on the kitchen's clock, as "2026-03-11T18:30" keeps them; shown as the rest of the pages shows days and hours. */
export default function WhenPicker({ label, value, onChange }: PickerProps) {
  const at = value === '' ? null : dayjs(value);
  return (
    <DatePicker
      aria-label={label}
      className="when-picker"
      showTime={{ format: hourFormat(), minuteStep: 5, use12Hours: twelve() }}
      format={`${dayFormat()}, ${hourFormat()}`}
      allowClear={false}
      needConfirm={false}
      status={at === null ? 'error' : ''}
      value={at}
      onChange={(next: dayjs.Dayjs | null) => next && onChange(next.format('YYYY-MM-DDTHH:mm'))}
    />
  );
}

/** An hour of a day, as "18:30"; empty: none. */
export function HourPicker({
  label,
  value,
  onChange,
  id,
  placeholder,
}: PickerProps & { readonly id?: string; readonly placeholder?: string }) {
  return (
    <TimePicker
      aria-label={label}
      className="hour-picker"
      {...(id === undefined ? {} : { id })}
      {...(placeholder === undefined ? {} : { placeholder })}
      format={hourFormat()}
      use12Hours={twelve()}
      minuteStep={5}
      needConfirm={false}
      value={value === '' ? null : dayjs(`2000-01-01T${value}`)}
      onChange={(next: dayjs.Dayjs | null) => onChange(next ? next.format('HH:mm') : '')}
    />
  );
}
