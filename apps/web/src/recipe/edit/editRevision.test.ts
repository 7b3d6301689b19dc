import fc from 'fast-check';
import { compareRevisions, faultsOf, STARTER_RECIPES, type Revision } from '@kestrel-ridge/core/recipe';
import { BOOK } from '@kestrel-ridge/core/food';
import { editRevision, unused, wayOf, type Edit } from './editRevision.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const millet = STARTER_RECIPES.find((recipe) => recipe.methods);
if (!millet) throw new Error('no recipe with methods');
const edited = (...edits: readonly Edit[]): Revision => edits.reduce(editRevision, millet);

/** Edits that a cook can do to any recipe, by what is in it. */
const anEdit = (recipe: Revision): fc.Arbitrary<Edit> => {
  const line = fc.constantFrom(...recipe.lines.map(({ id }) => id));
  const way = fc.constantFrom(undefined, ...(recipe.methods ?? []).map(({ id }) => id));
  const by = fc.constantFrom<-1 | 1>(-1, 1);
  return fc.oneof(
    fc.record({ did: fc.constant('line moved' as const), line, by }),
    way.chain((id) =>
      fc.record({
        did: fc.constant('step moved' as const),
        way: fc.constant(id),
        step: fc.constantFrom(...wayOf(recipe, id).steps.map((step) => step.id)),
        by,
      }),
    ),
    way.map((id): Edit => ({ did: 'step added', way: id })),
    fc.constant<Edit>({ did: 'method added' }),
    fc.constant<Edit>({ did: 'version added' }),
  );
};

test('law: moving and adding never makes a fault but the nameless step that is added', () =>
  fc.assert(
    fc.property(fc.array(fc.nat(), { maxLength: 8 }), (seeds) => {
      let recipe = millet;
      for (const seed of seeds) {
        const [edit] = fc.sample(anEdit(recipe), { seed, numRuns: 1 });
        if (edit) recipe = editRevision(recipe, edit);
      }
      expect(faultsOf(recipe).filter(({ fault }) => fault !== 'A step says nothing.')).toEqual([]);
    }),
  ));

test('law: there and back is where it was', () => {
  const there: Edit = { did: 'line moved', line: 'millet', by: 1 };
  expect(edited(there, { ...there, by: -1 })).toEqual(millet);
  expect(edited({ did: 'method added' }, { did: 'method removed', method: 'method-3' })).toEqual(millet);
});

test('a step that is removed hands on what went into it, in its own way only', () => {
  const after = edited({ did: 'step removed', way: 'hob', step: 'rinse' });
  expect(after.steps).toEqual(millet.steps);
  expect(wayOf(after, 'hob').lines.find((line) => line.id === 'millet')?.into).toEqual([{ step: 'press', share: '1' }]);
  expect(after.lines).toEqual(millet.lines);
  expect(faultsOf(after)).toEqual([]);
});

test('where an ingredient goes is told by the way that is edited', () => {
  const into = [{ step: 'loosen', share: '1' }];
  const inHob = edited({ did: 'line sent', way: 'hob', line: 'salt', into });
  expect(inHob.lines).toEqual(millet.lines);
  expect(wayOf(inHob, 'hob').lines.find((line) => line.id === 'salt')).toMatchObject({ into });
  expect(wayOf(inHob, 'hob').lines.find((line) => line.id === 'water')?.form).toBe('boiling');
  const first = edited({ did: 'line sent', way: undefined, line: 'salt', into });
  expect(compareRevisions(millet, first, foods)).toMatchObject([{ of: 'salt', what: 'goes into' }]);
});

test('an ingredient that is removed leaves no trace in methods and versions', () => {
  const after = edited(
    { did: 'version added' },
    { did: 'version changed', version: 'version-1', change: { without: ['water'] } },
    { did: 'line removed', line: 'water' },
  );
  expect(JSON.stringify({ methods: after.methods, versions: after.versions })).not.toContain('"water"');
});

test('a field that is emptied is gone', () => {
  const after = edited({ did: 'line changed', line: 'millet', change: { form: undefined } });
  expect('form' in (after.lines[0] ?? {})).toBe(false);
});

test('a new id is never one that is taken', () =>
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 30 })), (numbers) => {
      const taken = numbers.map((n) => `step-${n}`);
      expect(taken).not.toContain(unused('step', taken));
    }),
  ));
