import { compareRevisions } from '@kestrel-ridge/core/recipe';
import type { RevisionState } from '@kestrel-ridge/core/formats';
import { App, Button, Select } from 'antd';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useRevisionsQuery } from '../api/api.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { Differences } from './Differences.tsx';
import './recipes.css';
import { counted } from '@kestrel-ridge/core/quantity';

export default function RevisionsPage() {
  return <WithKitchen>{(view) => <Revisions view={view} />}</WithKitchen>;
}

/** All revisions of a recipe, two of them compared; an older one can be taken up again. */
function Revisions({ view }: { view: KitchenView }) {
  const { id = '' } = useParams();
  const { data, isError } = useRevisionsQuery({ kitchen: view.kitchen.id, recipe: id });
  const recipe = view.recipes.find((each) => each.id === id);
  if (isError || !recipe)
    return (
      <main className="page">
        <Empty title="There is no such recipe here">
          <Link to="/recipes">To the recipes</Link>
        </Empty>
      </main>
    );
  if (!data) return <Loading />;
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {recipe.name}: {counted(data.length, 'revision')}
        </h1>
        <p>
          None of them ever changes. <Link to={`/recipes/${id}`}>Back to the recipe</Link>
        </p>
      </div>
      {data.length === 1 ? (
        <Empty title="It was never changed">
          <p>When it is edited, or learns from a batch, what changed stands here.</p>
          <Link to={`/recipes/${id}/edit`}>Edit it</Link>
        </Empty>
      ) : (
        <Compared view={view} revisions={data} recipe={id} />
      )}
    </main>
  );
}

function Compared({
  view,
  revisions,
  recipe,
}: {
  view: KitchenView;
  revisions: readonly RevisionState[];
  recipe: string;
}) {
  const [search, setSearch] = useSearchParams();
  const newest = revisions[0];
  const find = (name: string) => revisions.find((each) => each.number === Number(search.get(name)));
  const now = find('now') ?? newest;
  const was = find('was') ?? revisions[1];
  const send = useCommand();
  const navigate = useNavigate();
  const { modal } = App.useApp();
  if (!now || !was || !newest) return null;
  const options = revisions.map((each) => ({ value: each.number, label: revisionName(each) }));
  const choose = (name: 'was' | 'now') => (number: number) =>
    setSearch({ was: `${was.number}`, now: `${now.number}`, [name]: `${number}` }, { replace: true });
  const takeUp = () =>
    modal.confirm({
      title: `Take up revision ${was.number} again?`,
      content: 'It becomes the newest revision; the others stay as they are, and can be taken up again too.',
      okText: 'Take it up',
      onOk: async () => {
        const sent = await send({
          path: `recipes/${recipe}/revisions`,
          body: { follows: newest.number, document: was.document, why: `revision ${was.number} again` },
          touches: ['recipes', 'week'],
        });
        if (sent.ok) void navigate(`/recipes/${recipe}`);
      },
    });
  return (
    <>
      <div className="compare-head">
        <Select aria-label="The earlier one" value={was.number} options={options} onChange={choose('was')} />
        <span aria-hidden="true">→</span>
        <Select aria-label="The later one" value={now.number} options={options} onChange={choose('now')} />
      </div>
      <Differences
        differences={compareRevisions(was.document, now.document, view.foods)}
        was={`revision ${was.number}`}
        now={`revision ${now.number}`}
      />
      {was.number !== newest.number && (
        <Button style={{ marginTop: 20 }} onClick={() => void takeUp()}>
          Take up revision {was.number} again
        </Button>
      )}
    </>
  );
}

const revisionName = ({ number, madeAt, why, cooked }: RevisionState): string =>
  `${number} · ${new Date(madeAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })} · ${why}${cooked ? ' · cooked' : ''}`;
