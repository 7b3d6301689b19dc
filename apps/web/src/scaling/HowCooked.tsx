import { cookedAs, type Choice, type MildPart, type Revision } from '@kestrel-ridge/core/recipe';
import { Checkbox, Segmented } from 'antd';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { duration } from '../parts/times.ts';
import { recipeMinutes } from '../recipe/recipeMinutes.ts';

/** The value of the first way, which has no id of its own. */
const FIRST = '';

/** Where the recipe leaves a choice: by which method, in which version, eaten at once or heated again; each with what it takes. */
export function HowCooked({
  view,
  written,
  choice,
  choose,
  mild,
}: {
  view: KitchenView;
  written: Revision;
  choice: Choice;
  choose: (change: { readonly [K in 'method' | 'version' | 'eatenToday' | 'mild']?: Choice[K] | undefined }) => void;
  /** What would be taken out for those who eat mild. */
  mild?: MildPart | undefined;
}) {
  const { methods = [], versions = [] } = written;
  const short = written.steps.some((step) => step.kind === 'work' && step.stopAt !== undefined);
  const apart = choice.mild ?? mild;
  if (methods.length + versions.length === 0 && !short && !apart) return null;
  const minutes = (other: Choice) => {
    const { method: _m, version: _v, ...rest } = choice;
    return duration(recipeMinutes(cookedAs(written, { ...rest, ...other }, view.foods)));
  };
  const version = choice.version === undefined ? {} : { version: choice.version };
  const method = choice.method === undefined ? {} : { method: choice.method };
  return (
    <div className="how-cooked">
      {methods.length > 0 && (
        <Segmented<string>
          aria-label="How it is cooked"
          value={choice.method ?? FIRST}
          onChange={(id) => choose({ method: id === FIRST ? undefined : id })}
          options={[
            { value: FIRST, label: <Way name={written.methodName ?? 'as written'} takes={minutes(version)} /> },
            ...methods.map(({ id, name }) => ({
              value: id,
              label: <Way name={name} takes={minutes({ ...version, method: id })} />,
            })),
          ]}
        />
      )}
      {versions.length > 0 && (
        <Segmented<string>
          aria-label="Which version"
          value={choice.version ?? FIRST}
          onChange={(id) => choose({ version: id === FIRST ? undefined : id })}
          options={[
            { value: FIRST, label: <Way name={written.versionName ?? 'as written'} takes={minutes(method)} /> },
            ...versions.map(({ id, name }) => ({
              value: id,
              label: <Way name={name} takes={minutes({ ...method, version: id })} />,
            })),
          ]}
        />
      )}
      {short && (
        <Checkbox
          checked={choice.eatenToday ?? false}
          onChange={(event) => choose({ eatenToday: event.target.checked ? true : undefined })}
        >
          eaten at once: nothing is cooked short
        </Checkbox>
      )}
      {apart && (
        <Checkbox
          checked={choice.mild !== undefined}
          onChange={(event) => choose({ mild: event.target.checked ? apart : undefined })}
        >
          {apart.share} of it is taken out mild, for {apart.who.join(', ')}
        </Checkbox>
      )}
    </div>
  );
}

const Way = ({ name, takes }: { name: string; takes: string }) => (
  <span className="way">
    {name} <small>{takes}</small>
  </span>
);
