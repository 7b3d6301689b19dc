import { Link } from 'react-router';
import { showKitchen } from '../app/rememberedKitchen.ts';
import { OpenKitchen } from './OpenKitchen.tsx';

/** One more kitchen beside the one that is shown. */
export default function OpenPage() {
  return <OpenKitchen opened={showKitchen} back={<Link to="/kitchen">Back to the kitchen that is shown</Link>} />;
}
