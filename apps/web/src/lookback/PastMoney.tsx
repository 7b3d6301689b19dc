import { moneyText } from '@kestrel-ridge/core/cost';
import type { WeekThatWas } from '@kestrel-ridge/core/view';
import { Link } from 'react-router';
import { Why } from '../parts/Why.tsx';
import { priceWords } from './lookBackWords.ts';
import { paidBecause, portionBecause } from './pastFigures.ts';

/** What the days cost: a portion, what was paid, what is left of the budget, what was thrown away, and which prices moved. */
export function PastMoney({ week, currency }: { week: WeekThatWas; currency: string }) {
  const { cooked, paidMinor, budgetMinor, prices, thrownMinor } = week;
  const money = (minor: number) => moneyText(Math.round(minor), currency);
  return (
    <section aria-label="Money">
      <h2>What it cost</h2>
      <dl className="past-figures">
        {cooked.portions > 0 && (
          <>
            <dt>a portion, of what went in</dt>
            <dd className="number">
              <Why because={portionBecause(week, 'usedMinor', currency)}>
                {money(cooked.usedMinor / cooked.portions)}
              </Why>
            </dd>
            {cooked.garnishMinor > 0 && (
              <>
                <dt>its garnish beside it, if all of it goes in</dt>
                <dd className="number">
                  <Why because={portionBecause(week, 'garnishMinor', currency)}>
                    {money(cooked.garnishMinor / cooked.portions)}
                  </Why>
                </dd>
              </>
            )}
            {thrownMinor > 0 && (
              <>
                <dt>a portion, with what was thrown away</dt>
                <dd className="number">{money((cooked.usedMinor + thrownMinor) / cooked.portions)}</dd>
              </>
            )}
            <dt>a portion, of the packs it came from</dt>
            <dd className="number">
              <Why because={portionBecause(week, 'tillMinor', currency)}>
                {money(cooked.tillMinor / cooked.portions)}
              </Why>
            </dd>
          </>
        )}
        <dt>paid</dt>
        <dd className="number">
          {paidMinor > 0 ? <Why because={paidBecause(week, currency)}>{money(paidMinor)}</Why> : money(paidMinor)}
        </dd>
        {budgetMinor !== undefined && (
          <>
            <dt>{paidMinor > budgetMinor ? 'over the budget' : 'left of the budget'}</dt>
            <dd className={paidMinor > budgetMinor ? 'number cannot' : 'number'}>
              {money(Math.abs(budgetMinor - paidMinor))}
            </dd>
          </>
        )}
        {thrownMinor > 0 && (
          <>
            <dt>thrown away</dt>
            <dd className="number cannot">{money(thrownMinor)}</dd>
          </>
        )}
      </dl>
      {prices.length > 0 && (
        <p>
          {prices.slice(0, 5).map((change, n) => (
            <span key={`${change.food} ${change.on}`}>
              {n > 0 && ', '}
              {priceWords(change)}
            </span>
          ))}{' '}
          than the time before. <Link to="/prices">Prices</Link>
        </p>
      )}
    </section>
  );
}
