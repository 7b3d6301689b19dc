import { Button } from 'antd';

/** A text of several recipes: they are read one after the other, each kept by itself. */
export function SeveralRecipes({
  names,
  choose,
  asOne,
}: {
  names: readonly string[];
  choose: (n: number) => void;
  asOne: () => void;
}) {
  return (
    <section className="read-several" aria-label="Recipes in this text">
      <p>Each is read and kept by itself. Which one first?</p>
      <ul>
        {names.map((name, n) => (
          <li key={`${n} ${name}`}>
            <Button size="large" type={n === 0 ? 'primary' : 'default'} onClick={() => choose(n)}>
              {name}
            </Button>
          </li>
        ))}
      </ul>
      <Button type="text" onClick={asOne}>
        No, all of it is one dish
      </Button>
    </section>
  );
}
