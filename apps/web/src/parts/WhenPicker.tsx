import { DatePicker, TimePicker } from 'antd';
import dayjs from 'dayjs';
import updateLocale from 'dayjs/plugin/updateLocale';
import './when.css';

// As on every other page a week begins with its Monday.
dayjs.extend(updateLocale);
dayjs.updateLocale('en', { weekStart: 1 });

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
      showTime={{ format: 'HH:mm', minuteStep: 5 }}
      format="ddd D MMM, HH:mm"
      allowClear={false}
      needConfirm={false}
      status={at === null ? 'error' : ''}
      value={at}
      onChange={(next: dayjs.Dayjs | null) => next && onChange(next.format('YYYY-MM-DDTHH:mm'))}
    />
  );
}

/** An hour of a day, as "18:30"; empty: none. */
export function HourPicker({ label, value, onChange }: PickerProps) {
  return (
    <TimePicker
      aria-label={label}
      className="hour-picker"
      format="HH:mm"
      minuteStep={5}
      needConfirm={false}
      value={value === '' ? null : dayjs(`2000-01-01T${value}`)}
      onChange={(next: dayjs.Dayjs | null) => onChange(next ? next.format('HH:mm') : '')}
    />
  );
}
