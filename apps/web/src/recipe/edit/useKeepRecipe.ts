import type { RecipeState } from '@kestrel-ridge/core/formats';
import { faultsOf, type Revision } from '@kestrel-ridge/core/recipe';
import { App } from 'antd';
import { useState } from 'react';
import { useCommand } from '../../app/useCommand.ts';
import { newId } from '../../parts/newId.ts';

/** Keeping a draft: a new recipe, or the next revision of one. `kept`: where it stands then. */
export function useKeepRecipe(recipe: RecipeState | undefined) {
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [kept, setKept] = useState<string>();
  const send = useCommand();
  const { message } = App.useApp();

  const keep = async (draft: Revision, why: string) => {
    const [wrong] = faultsOf(draft);
    if (wrong) return setFault(`${wrong.fault} ${wrong.remedy}`);
    setBusy(true);
    const id = recipe?.id ?? newId();
    const sent = recipe
      ? await send<{ followed: number }>({
          path: `recipes/${id}/revisions`,
          body: { follows: recipe.number, document: draft, why },
          touches: ['recipes', 'week'],
          quiet: true,
        })
      : await send<{ followed?: number }>({
          path: 'recipes',
          body: { id, document: draft },
          touches: ['recipes'],
          quiet: true,
        });
    setBusy(false);
    if (sent.ok) {
      if (sent.value.followed) void message.success('Kept. The batch that is planned follows it.');
      return setKept(`/recipes/${id}`);
    }
    setFault(
      sent.problem.code === 'stale'
        ? 'Somebody changed this recipe meanwhile. Your changes are still here: look at the recipe in another window, then keep yours or leave.'
        : sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail,
    );
  };
  return { keep, kept, busy, fault };
}
