import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bricolage-grotesque/wght.css';
import './app/tokens.css';
import './app/shell.css';
import { App as AntApp, ConfigProvider } from 'antd';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { router } from './app/router.tsx';
import { store } from './app/store.ts';
import { themeFor } from './app/theme.ts';
import { useLook, useTouched } from './app/useLook.ts';
import { keepOffline } from './offline/keepOffline.ts';

function Root() {
  const look = useLook();
  const touched = useTouched();
  return (
    <ConfigProvider theme={themeFor(look, touched)} button={{ autoInsertSpace: false }}>
      <AntApp message={{ top: 12, maxCount: 3 }}>
        <RouterProvider router={router} />
      </AntApp>
    </ConfigProvider>
  );
}

const home = document.getElementById('root');
if (home)
  createRoot(home).render(
    <StrictMode>
      <Provider store={store}>
        <Root />
      </Provider>
    </StrictMode>,
  );
keepOffline();
