import { Modal } from 'antd';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { AddLot } from './AddLot.tsx';
import './shelf.css';

const toLine = (open: boolean) => {
  if (open) document.getElementById('add-line')?.focus();
};

/** The one line over any page: it stays open for the next thing until it is closed. */
export function LineDialog({ close }: { close: () => void }) {
  return (
    <Modal
      open
      title="What came in?"
      footer={null}
      width={720}
      onCancel={close}
      destroyOnHidden
      afterOpenChange={toLine}
    >
      <WithKitchen>{(view) => <AddLot view={view} />}</WithKitchen>
    </Modal>
  );
}
