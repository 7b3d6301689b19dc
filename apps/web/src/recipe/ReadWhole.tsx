import { renamed, type RecipeText } from '@kestrel-ridge/core/formats';
import type { Revision } from '@kestrel-ridge/core/recipe';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { portionsText } from '@kestrel-ridge/core/quantity';

/** A text that this program wrote and nobody has changed: the recipe is all in it, and nothing has to be asked. */
export function ReadWhole({
  words,
  recipe,
  fault,
  busy,
  keep,
}: {
  words: RecipeText;
  recipe: Revision;
  fault: string | undefined;
  busy: boolean;
  keep: (recipe: Revision) => void;
}) {
  const [name, setName] = useState(recipe.name);
  return (
    <div>
      <label>
        <span className="soft">name</span>
        <Input
          size="large"
          aria-label="Name of the recipe"
          value={name}
          onChange={(event) => setName(event.target.value)}
          status={name.trim() ? '' : 'error'}
        />
      </label>
      <p className="soft">
        Written by a kitchen like this one and unchanged since: {portionsText(recipe.portions)}, with every step, soak
        and time as it was kept there. Change a word of it and it is read like any other text.
      </p>
      <ol className="read-lines" aria-label="Ingredients as understood">
        {words.ingredients.map((line, n) => (
          <li key={`${n} ${line}`}>{line}</li>
        ))}
      </ol>
      <ol className="read-steps" aria-label="Method as understood">
        {words.method.map((step, n) => (
          <li key={`${n} ${step}`}>{step}</li>
        ))}
      </ol>
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
      <Button
        type="primary"
        size="large"
        loading={busy}
        disabled={name.trim() === ''}
        onClick={() => keep(renamed(recipe, name.trim()))}
        style={{ marginTop: 14, minWidth: 200 }}
      >
        Keep the recipe
      </Button>
    </div>
  );
}
