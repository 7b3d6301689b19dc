import { Link } from 'react-router';
import { rememberKitchen } from '../app/rememberedKitchen.ts';
import { OpenKitchen } from './OpenKitchen.tsx';

/** One more kitchen beside the one that is shown. */
export default function OpenPage() {
  return (
    <OpenKitchen
      opened={(id) => {
        rememberKitchen(id);
        // All that was fetched and tried belongs to the kitchen before.
        location.assign('/');
      }}
      back={<Link to="/kitchen">Back to the kitchen that is shown</Link>}
    />
  );
}
