import { Button, Drawer } from 'antd';
import { useNavigate } from 'react-router';
import { KEYS_EVERYWHERE, helpFor } from './helpTexts.ts';
import { WALK, walkBegun } from './walkSlice.ts';
import { useAppDispatch } from '../app/store.ts';
import './help.css';

/** What this page is for, one thing done on it, and its keys. */
export function HelpDrawer({ pathname, close }: { pathname: string; close: () => void }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { name, what, example, keys = [] } = helpFor(pathname);
  return (
    <Drawer open title={name} size={420} onClose={close}>
      <p>{what}</p>
      <h3 className="help-head">For example</h3>
      <p>{example}</p>
      <h3 className="help-head">Keys</h3>
      <dl className="help-keys">
        {[...keys, ...KEYS_EVERYWHERE].map(({ key, does }) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <Button
        size="large"
        onClick={() => {
          dispatch(walkBegun());
          close();
          void navigate(WALK[0]);
        }}
      >
        Show me round
      </Button>
    </Drawer>
  );
}
