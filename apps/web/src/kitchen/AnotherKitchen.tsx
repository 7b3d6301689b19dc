import { Select } from 'antd';
import { Link } from 'react-router';
import { useKitchensQuery } from '../api/api.ts';
import { showKitchen } from '../app/rememberedKitchen.ts';

/** Which of the server's kitchens this device shows, and the way to one more. */
export function AnotherKitchen({ kitchen }: { kitchen: string }) {
  const { data = [] } = useKitchensQuery();
  return (
    <div className="another-kitchen">
      {data.length > 1 && (
        <label>
          <span className="soft">this device shows</span>{' '}
          <Select
            aria-label="Which kitchen this device shows"
            value={kitchen}
            options={data.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={showKitchen}
            style={{ minWidth: 220 }}
          />
        </label>
      )}
      <Link to="/kitchen/open">Open another kitchen</Link>
    </div>
  );
}
