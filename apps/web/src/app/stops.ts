/** The stretches of the trail, from the shelf to the plate and back to what it taught: one list for the head of every page and for the first page. */
export const STOPS = [
  { to: '/', name: 'Today', key: 'today' },
  { to: '/shelf', name: 'Shelf', key: 'shelf' },
  { to: '/week', name: 'Week', key: 'week' },
  { to: '/scale', name: 'Scale', key: 'scale' },
  { to: '/shop', name: 'Shop', key: 'shop' },
  { to: '/evening', name: 'Evening', key: 'evening' },
  { to: '/cook', name: 'Cook', key: 'cook' },
  { to: '/put-away', name: 'Put away', key: 'putAway' },
  { to: '/eat', name: 'Eat', key: 'eat' },
  { to: '/look-back', name: 'Look back', key: 'lookBack' },
] as const;
