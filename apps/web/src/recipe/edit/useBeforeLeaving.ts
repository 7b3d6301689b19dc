import { App } from 'antd';
import { useEffect } from 'react';
import { useBlocker } from 'react-router';

/** While something is changed and not kept, leaving the page is asked about first. */
export function useBeforeLeaving(changed: boolean, forget: () => void): void {
  const { modal } = App.useApp();
  const blocker = useBlocker(changed);
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    modal.confirm({
      title: 'Leave without keeping?',
      content: 'What was changed here is lost.',
      okText: 'Leave',
      cancelText: 'Stay',
      onOk: () => {
        forget();
        blocker.proceed();
      },
      onCancel: () => blocker.reset(),
    });
  }, [blocker, modal, forget]);
}
