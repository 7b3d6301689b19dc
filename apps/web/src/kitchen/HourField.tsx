import { Skeleton } from 'antd';
import { lazy, Suspense } from 'react';

/** Comes with the first field that asks for an hour. */
const HourPicker = lazy(async () => ({ default: (await import('../parts/WhenPicker.tsx')).HourPicker }));

/** A field of a form for an hour of a day, as "18:30"; on the kitchen's own clock, with the one picker of all pages. Nothing: none is said. */
export function HourField({
  label,
  placeholder,
  id,
  value,
  onChange,
}: {
  label: string;
  placeholder: string;
  id?: string;
  value?: string;
  onChange?: (value: string | undefined) => void;
}) {
  return (
    <Suspense fallback={<Skeleton.Input />}>
      <HourPicker
        label={label}
        placeholder={placeholder}
        {...(id === undefined ? {} : { id })}
        value={value ?? ''}
        onChange={(hour) => onChange?.(hour === '' ? undefined : hour)}
      />
    </Suspense>
  );
}
