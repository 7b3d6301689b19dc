import type { Revision } from '@kestrel-ridge/core/recipe';
import { Button, Checkbox, Input } from 'antd';
import { Changes } from './Changes.tsx';
import type { Edit } from './editRevision.ts';
import type { Option } from './LineRow.tsx';

/** Named choices of amounts in one recipe: soup or stew, from dry or from tins. */
export function Versions({
  recipe,
  foods,
  dispatch,
}: {
  recipe: Revision;
  foods: readonly Option[];
  dispatch: (edit: Edit) => void;
}) {
  const versions = recipe.versions ?? [];
  return (
    <section className="edit-section">
      <h2>Versions</h2>
      {versions.length > 0 && (
        <label className="edit-inline">
          <span>as it is written above it is called</span>
          <Input
            aria-label="Name of the first version"
            value={recipe.versionName ?? ''}
            placeholder="as a soup"
            onChange={(event) =>
              dispatch({ did: 'recipe changed', change: { versionName: event.target.value || undefined } })
            }
            style={{ maxWidth: 260 }}
          />
        </label>
      )}
      {versions.map((version) => {
        const change = (what: Extract<Edit, { did: 'version changed' }>['change']) =>
          dispatch({ did: 'version changed', version: version.id, change: what });
        return (
          <div key={version.id} className="edit-version">
            <div className="edit-inline">
              <Input
                aria-label="Name of the version"
                value={version.name}
                onChange={(event) => change({ name: event.target.value })}
                style={{ maxWidth: 260 }}
              />
              <Button type="link" onClick={() => dispatch({ did: 'version removed', version: version.id })}>
                remove this version
              </Button>
            </div>
            <Changes
              lines={recipe.lines}
              changes={version.lines}
              foods={foods}
              change={(lines) => change({ lines })}
              without={version.without}
              setWithout={(without) => change({ without })}
            />
            <Checkbox.Group
              className="edit-skips"
              value={recipe.steps.filter((step) => !version.skips.includes(step.id)).map((step) => step.id)}
              options={recipe.steps.map((step, n) => ({ value: step.id, label: `${n + 1}. ${step.name}` }))}
              onChange={(kept) =>
                change({ skips: recipe.steps.map((step) => step.id).filter((id) => !kept.includes(id)) })
              }
            />
          </div>
        );
      })}
      <Button onClick={() => dispatch({ did: 'version added' })}>Another version</Button>
    </section>
  );
}
