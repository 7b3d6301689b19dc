import {
  NOTHING_SAID,
  askedOf,
  asRevision,
  fromJsonLd,
  indexFoods,
  isData,
  readIngredientLine,
  readPaste,
  readRecipeText,
  recipesIn,
  saysMore,
  wholeRecipe,
  withoutWhole,
  type RecipeText,
  type SaidOfText,
} from '@kestrel-ridge/core/formats';
import { remembered, counted, portionsText } from '@kestrel-ridge/core/quantity';
import { faultsOf, type Revision } from '@kestrel-ridge/core/recipe';
import { Button, Input } from 'antd';
import { Fragment, useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { gramsText } from '../parts/gramsText.ts';
import { Stepper } from '../parts/Stepper.tsx';
import { MethodRead } from './MethodRead.tsx';
import { ReadLine } from './ReadLine.tsx';
import { ReadWhole } from './ReadWhole.tsx';
import { oddPortionWords, pasteHead, restWords } from './pasteWords.ts';
import { SeveralRecipes } from './SeveralRecipes.tsx';
import './recipes.css';

export default function PastePage() {
  return <WithKitchen>{(view) => <Paste view={view} />}</WithKitchen>;
}

const EXAMPLE = `Swede and split-pea stew
Serves 6
250 g split peas
1 swede, in cubes
2 leeks
34 cup rapeseed oil
salt to taste
Cut swede and leeks.
Sweat the leeks in the oil for 8 minutes.
Add everything and 1 L water, simmer 35 minutes.`;

interface Said extends SaidOfText {
  readonly name?: string;
  readonly portions?: number;
  /** A text that looks like several recipes is one dish. */
  readonly asOne?: true;
}

/** A recipe from pasted text: read as it is typed, doubtful lines asked and mended in place. */
function Paste({ view }: { view: KitchenView }) {
  const [text, setText] = useState('');
  const [said, setSaid] = useState<Said>(NOTHING_SAID);
  // Of a text of several recipes: those that are still to be read, and those that are kept.
  const [later, setLater] = useState<readonly string[]>([]);
  const [kept, setKept] = useState<readonly { readonly id: string; readonly name: string }[]>([]);
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const navigate = useNavigate();
  const typed = useDeferredValue(text);
  const foods = useMemo(() => indexFoods([...view.foods.values()]), [view.foods]);
  const read = useMemo(() => readPasted(typed), [typed]);
  const words: RecipeText | undefined = 'code' in read ? undefined : read;
  const parts = useMemo(() => recipesIn(typed), [typed]);
  const several = parts.length > 1 && !said.asOne;
  const whole = useMemo(() => wholeRecipe(typed, [...view.foods.values()]), [typed, view.foods]);
  const { units } = view.kitchen.equipment;
  const readLine = useMemo(() => remembered((line) => readIngredientLine(line, foods, units)), [foods, units]);
  const asRead = useMemo(
    () => words && readPaste(words, said, foods, readLine, units),
    [words, said, foods, readLine, units],
  );
  const asked = asRead ? askedOf(asRead) : { lines: 0, method: 0 };
  // A text that does not say for how many would be for four in silence.
  const unsaid = words !== undefined && words.portions === undefined && said.portions === undefined;
  // The head of a sheet, or a greeting, would be the name in silence.
  const nameUnsure = asRead?.nameUnsure === true && said.name === undefined;
  // Pieces taken for portions, or grams for kilos, would stay unseen.
  const oddPortion = said.portions === undefined ? asRead?.oddPortion : undefined;
  const open =
    asked.lines + asked.method + (unsaid ? 1 : 0) + (nameUnsure ? 1 : 0) + (oddPortion === undefined ? 0 : 1);
  const name = said.name ?? words?.name ?? '';
  const portions = said.portions ?? words?.portions ?? 4;
  const lines = asRead?.lines ?? [];

  const mend = (key: string, line: string) => setSaid({ ...said, lines: { ...said.lines, [key]: line } });
  const change = (next: string) => {
    setText(next);
    setSaid(NOTHING_SAID);
    setFault(undefined);
  };

  const keep = async (document: Revision) => {
    const [wrong] = faultsOf(document);
    if (wrong) return setFault(`${wrong.fault} ${wrong.remedy}`);
    setBusy(true);
    const id = newId();
    const sent = await send({ path: 'recipes', body: { id, document }, touches: ['recipes'], quiet: true });
    setBusy(false);
    if (sent.ok) {
      const [next, ...rest] = later;
      if (next === undefined) return void navigate(`/recipes/${id}`);
      setKept([...kept, { id, name: document.name }]);
      setLater(rest);
      change(next);
    } else setFault(sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {pasteHead({
            recipes: several ? parts.length : 1,
            whole: whole?.name,
            lines: lines.length,
            asked,
            portionsUnsaid: unsaid,
            nameUnsure,
            portionsOdd: oddPortion !== undefined,
          })}
        </h1>
        {kept.length > 0 ? (
          <p role="status">
            Kept:{' '}
            {kept.map(({ id, name: of }, n) => (
              <Fragment key={id}>
                {n > 0 && ', '}
                <Link to={`/recipes/${id}`}>{of}</Link>
              </Fragment>
            ))}
            . {restWords(later.length)}
          </p>
        ) : (
          <p>
            Plain text as it is written, or a page’s recipe data (schema.org). It is read as you type; nothing is kept
            before you say so.
          </p>
        )}
      </div>
      <div className="paste-grid">
        <div>
          <Input.TextArea
            aria-label="The recipe’s text"
            autoSize={{ minRows: 16, maxRows: 34 }}
            placeholder={EXAMPLE}
            value={text}
            onChange={(event) => change(event.target.value)}
            autoFocus
          />
          {text === '' && (
            <Button style={{ marginTop: 10 }} onClick={() => change(EXAMPLE)}>
              Try it with an example
            </Button>
          )}
          {'code' in read && (
            <p className="cannot" role="alert" style={{ marginTop: 10 }}>
              {read.what} {read.remedy}
            </p>
          )}
        </div>
        {several && (
          <SeveralRecipes
            names={parts.map((part, n) => nameOfPart(part, n))}
            choose={(n) => {
              setLater([...parts.slice(n + 1), ...parts.slice(0, n), ...later]);
              change(parts[n] ?? '');
            }}
            asOne={() => setSaid({ ...said, asOne: true })}
          />
        )}
        {!several && words && whole && (
          <ReadWhole
            words={words}
            recipe={whole}
            fault={fault}
            busy={busy}
            key={typed}
            keep={(recipe) => void keep(recipe)}
          />
        )}
        {!several && words && asRead && !whole && lines.length + words.method.length > 0 && (
          <div>
            <div className="paste-head">
              <label style={{ flex: 1 }}>
                <span className="soft">name</span>
                <Input
                  size="large"
                  aria-label="Name of the recipe"
                  value={name}
                  onChange={(event) => setSaid({ ...said, name: event.target.value })}
                  status={name.trim() ? '' : 'error'}
                />
              </label>
              <label>
                <span className="soft">portions</span>
                <Stepper
                  label="Portions of the recipe"
                  value={Math.round(portions)}
                  least={1}
                  most={100}
                  onChange={(n) => setSaid({ ...said, portions: n })}
                />
              </label>
            </div>
            {nameUnsure && (
              <div className="read-doubt">
                <span>Is the dish called that? If not, write its name above.</span>
                <Button size="small" onClick={() => setSaid({ ...said, name })}>
                  Yes, that is its name
                </Button>
              </div>
            )}
            {unsaid && (
              <div className="read-doubt">
                <span>The text does not say how many portions it makes.</span>
                <Button size="small" onClick={() => setSaid({ ...said, portions })}>
                  {portionsText(portions)}
                </Button>
              </div>
            )}
            {oddPortion !== undefined && (
              <div className="read-doubt">
                <span>{oddPortionWords(portions, gramsText(oddPortion))}</span>
                <Button size="small" onClick={() => setSaid({ ...said, portions })}>
                  Yes, {portionsText(portions)}
                </Button>
              </div>
            )}
            <ol className="read-lines" aria-label="Ingredients as understood">
              {lines.map(({ key, line, ready, written }, n) => (
                <ReadLine
                  key={`${key} ${written}`}
                  line={line}
                  ready={ready}
                  known={view.foods}
                  mend={(next) => mend(key, next)}
                  {...(n === 0 && words.name === ''
                    ? { asTitle: () => change(`${line.text}\n\n${text.replace(line.text, '')}`) }
                    : {})}
                />
              ))}
              {asRead.linesLeftOut.map(({ key, written }) => (
                <li key={`out ${key}`} className="left-out">
                  <div className="read-line">
                    <span>
                      {written}
                      <small>, left out</small>
                    </span>
                    <Button
                      size="small"
                      type="text"
                      aria-label={`Put back: ${written}`}
                      onClick={() => mend(key, written)}
                    >
                      Put back
                    </Button>
                  </div>
                </li>
              ))}
            </ol>
            <MethodRead
              read={asRead}
              mend={(key, step) => setSaid({ ...said, steps: { ...said.steps, [key]: step } })}
              saySoak={(soak) => setSaid({ ...said, soak })}
              sayTimes={() => setSaid({ ...said, times: true })}
              sayPlace={(place) => setSaid({ ...said, places: [...said.places, place] })}
            />
            {words.notes && (
              <details className="read-notes" open={words.notes.some(saysMore)}>
                <summary>
                  {counted(words.notes.length, 'line is', 'lines are')} neither bought nor done, and left out
                </summary>
                {words.notes.map((note) => (
                  <p key={note}>{note}</p>
                ))}
              </details>
            )}
            {lines.length === 0 && (
              <p className="cannot" role="status">
                No ingredient was found. Write each on a line of its own, with its amount: 250 g split peas.
              </p>
            )}
            {fault && (
              <p className="cannot" role="alert">
                {fault}
              </p>
            )}
            <Button
              type="primary"
              size="large"
              loading={busy}
              disabled={open > 0 || name.trim() === '' || lines.length === 0}
              onClick={() =>
                void keep(
                  asRevision({
                    name: name.trim(),
                    portions,
                    lines: lines.map(({ line }) => line),
                    method: asRead.method,
                  }),
                )
              }
              style={{ marginTop: 14, minWidth: 200 }}
            >
              Keep the recipe
            </Button>
            {open > 0 && <p className="soft">Put what is marked right first: answer, or write it anew.</p>}
          </div>
        )}
      </div>
    </main>
  );
}

/** What a part of a text is called; one without a name by its number. */
function nameOfPart(part: string, n: number): string {
  const read = readPasted(part);
  return ('code' in read ? '' : read.name) || `Recipe ${n + 1}`;
}

function readPasted(text: string) {
  if (!isData(text)) return readRecipeText(withoutWhole(text));
  const outcome = fromJsonLd(text);
  return outcome.ok ? outcome.value : outcome.problem;
}
