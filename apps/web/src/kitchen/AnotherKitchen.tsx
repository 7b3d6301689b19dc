import { Select } from 'antd';
import { useKitchensQuery } from '../api/api.ts';
import { rememberKitchen } from '../app/rememberedKitchen.ts';

/** Where a server has several kitchens: which of them this device shows. */
export function AnotherKitchen({ kitchen }: { kitchen: string }) {
  const { data } = useKitchensQuery();
  if (!data || data.length < 2) return null;
  return (
    <label className="another-kitchen">
      <span className="soft">this device shows</span>
      <Select
        aria-label="Which kitchen this device shows"
        value={kitchen}
        options={data.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id: string) => {
          rememberKitchen(id);
          // All that was fetched and tried belongs to the other kitchen.
          location.assign('/');
        }}
        style={{ minWidth: 220 }}
      />
    </label>
  );
}
