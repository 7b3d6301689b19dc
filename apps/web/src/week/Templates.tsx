import type { TemplateState, TemplateWeek } from '@kestrel-ridge/core/formats';
import { addDays, weekday } from '@kestrel-ridge/core/quantity';
import { App, Button, Dropdown, Input, Modal } from 'antd';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import type { WeekChange } from '@kestrel-ridge/core/view';
import { templateWords } from './weekWords.ts';

/** Weeks that are used again: this one is kept under a name, a kept one is laid over these seven days, for what the shelf holds now. */
export function Templates({
  view,
  change,
}: {
  view: KitchenView;
  change: (change: WeekChange, text: string) => Promise<boolean>;
}) {
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('usual week');
  const send = useCommand();
  const { modal } = App.useApp();
  const { templates } = view.week;
  const keep = async () => {
    const same = templates.find((each) => each.name === name.trim());
    const sent = await send({
      path: 'templates',
      body: { id: same?.id ?? newId(), name: name.trim(), week: asTemplate(view), seen: seenTemplate(same) },
      touches: ['week'],
    });
    if (sent.ok) setNaming(false);
  };
  const lay = (id: string) => {
    const template = templates.find((each) => each.id === id);
    if (!template) return;
    const laid = fromTemplate(view, template.week);
    const missing = template.week.dishes.length - (laid.add?.length ?? 0) - (laid.size?.length ?? 0);
    void modal.confirm({
      title: `Use “${template.name}” for these seven days?`,
      content: templateWords(laid.slots?.length ?? 0, laid.add?.length ?? 0, laid.size?.length ?? 0, missing),
      okText: 'Use it',
      cancelText: 'Leave the week',
      onOk: () => change(laid, `Used the week “${template.name}”`),
    });
  };
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'keep', label: 'Keep this week to use again …', onClick: () => setNaming(true) },
            ...templates.flatMap((template) => {
              const { id, name: label } = template;
              return [
                { key: id, label: `Use “${label}”`, onClick: () => lay(id) },
                {
                  key: `forget ${id}`,
                  label: `Forget “${label}”`,
                  danger: true,
                  onClick: () =>
                    void modal.confirm({
                      title: `Forget “${label}”?`,
                      okText: 'Forget it',
                      onOk: () =>
                        send({
                          path: `templates/${id}/forget`,
                          body: { seen: seenTemplate(template) },
                          touches: ['week'],
                        }),
                    }),
                },
              ];
            }),
          ],
        }}
      >
        <Button>Usual weeks</Button>
      </Dropdown>
      <Modal
        open={naming}
        title="Keep this week to use again"
        okText="Keep it"
        okButtonProps={{ disabled: name.trim() === '' }}
        onOk={() => void keep()}
        onCancel={() => setNaming(false)}
      >
        <Input
          aria-label="Name of the week"
          maxLength={60}
          value={name}
          onChange={({ target }) => setName(target.value)}
          onPressEnter={() => void keep()}
        />
        <p className="soft">Its meals by day of the week, its dishes and their sizes.</p>
      </Modal>
    </>
  );
}

/** As the server compares it. */
const seenTemplate = (template: TemplateState | undefined) =>
  template ? { name: template.name, week: template.week } : null;

/** The seven days as they are, by day of the week. */
export function asTemplate({ week, batches, today }: KitchenView): TemplateWeek {
  return {
    slots: week.slots
      .filter(({ day }) => day >= today && day < addDays(today, 7))
      .map(({ day, ...slot }) => ({ ...slot, weekday: weekday(day) })),
    dishes: batches
      .filter(({ state }) => state.status === 'planned')
      .map(({ state }) => ({
        recipe: state.recipe,
        portions: Number(state.portions),
        freezePortions: Number(state.freezePortions),
      })),
  };
}

/** A kept week over these seven days: what is planned already gets its size, the rest is added; what the book no longer has is left out. */
export function fromTemplate({ week, batches, recipes, today }: KitchenView, template: TemplateWeek): WeekChange {
  const planned = batches.filter(({ state, session }) => state.status === 'planned' && session.status === 'planned');
  const known = template.dishes.filter(({ recipe }) => recipes.some(({ id }) => id === recipe));
  const components = new Set(recipes.map(({ document }) => document.component.id));
  const batchOf = (recipe: string) => planned.find(({ state }) => state.recipe === recipe)?.state;
  return {
    slots: template.slots
      .map(({ weekday: n, parts, ...slot }) => ({
        ...slot,
        parts: parts.filter(({ food }) => components.has(food)),
        day: addDays(today, (n - weekday(today) + 7) % 7),
      }))
      .filter((slot) => !week.slots.some(({ day, meal, locked }) => locked && day === slot.day && meal === slot.meal)),
    add: known.filter(({ recipe }) => !batchOf(recipe)),
    size: known.flatMap(({ recipe, portions, freezePortions }) => {
      const batch = batchOf(recipe);
      return batch && (Number(batch.portions) !== portions || Number(batch.freezePortions) !== freezePortions)
        ? [{ id: batch.id, portions, freezePortions }]
        : [];
    }),
  };
}
