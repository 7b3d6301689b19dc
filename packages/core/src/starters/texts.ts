/** Recipes as a cook would paste them. */
export const TEXTS: readonly string[] = [
  `Leek and split-pea soup
Serves 4
300 g split peas
2 leeks, in rings
2 carrots, in small cubes
1 tbsp rapeseed oil
1 bay leaf
1 tsp marjoram
1.6 L water
salt to taste
Wash the split peas.
Cut leeks and carrots small.
Sweat the leeks and carrots in the oil for 8 to 10 minutes, stirring.
Add split peas, bay leaf, marjoram and water and simmer for 40 to 50 minutes.
Season with salt, take the bay out.`,
  `Buckwheat with fried onions
Serves 6
2 cups buckwheat groats
3 onions, in rings
3 tbsp sunflower oil
850 mL water
2 tsp salt
Slice the onions.
Toast the buckwheat in a dry pan for 4 minutes, stirring.
Add water and salt and simmer for 12 to 15 minutes.
Fry the onions in the oil for 15 minutes, stirring.
Fork the onions through.`,
  `Swede and carrot mash
Serves 6
1 kg swede, in cubes
400 g carrots, in coins
2 tbsp rapeseed oil
1/4 tsp nutmeg
salt to taste
Peel and cut swede and carrots.
Boil swede and carrots in plenty of water for 20 to 25 minutes.
Drain and mash with oil, nutmeg and salt.`,
  `Kohlrabi and apple salad
Serves 6
3 kohlrabi, in fine sticks
2 apples, in fine sticks
2 tbsp cider vinegar
2 tbsp rapeseed oil
1 tsp mustard
50 g hazelnuts, chopped (optional)
salt to taste
Peel the kohlrabi, cut kohlrabi and apples into sticks.
Stir vinegar, oil, mustard and salt, and turn the salad in it.
Scatter the hazelnuts over it.`,
  `Hazelnut and parsley sauce
Makes 8 portions
120 g hazelnuts
40 g parsley
2 cloves garlic
5 tbsp rapeseed oil
2 tbsp cider vinegar
120 mL water
3/4 tsp salt
Toast the hazelnuts in a pan for 6 minutes, stirring.
Blend everything smooth with the water.`,
  `Parsnip and caraway fritters
Makes 4 portions
800 g parsnips, grated
1 onion, grated
80 g chickpea flour
2 tbsp ground flax
6 tbsp water
2 tsp caraway
1 1/4 tsp salt
3 tbsp sunflower oil
Stir the ground flax into the water and leave for 10 minutes.
Grate parsnips and onion.
Mix parsnips, onion, chickpea flour, flax, caraway and salt.
Fry spoonfuls in the oil for 14 minutes, turning once.`,
  `Black-eyed peas with chard
Serves 6
400 g black-eyed peas
500 g chard, in strips
1 onion, chopped
3 cloves garlic
2 tbsp rapeseed oil
1.4 L water
1 tbsp cider vinegar
salt to taste
Chop onion and garlic, cut the chard.
Simmer the black-eyed peas in the water for 45 to 60 minutes.
Sweat onion and garlic in the oil for 8 minutes, stirring.
Add the chard and the black-eyed peas and simmer for 6 minutes.
Season with vinegar and salt.`,
  `Celeriac baked in the tray
Serves 6
1.2 kg celeriac, in slices
3 tbsp rapeseed oil
1 tsp thyme
1 tsp salt
Peel the celeriac and cut it into slices.
Turn the slices in oil, thyme and salt.
Bake at 190 °C for 35 to 45 minutes.`,
  `Red cabbage with apple
Serves 8
1 red cabbage, finely shredded
2 apples, in pieces
1 onion, chopped
2 tbsp rapeseed oil
4 tbsp cider vinegar
2 tbsp sugar
4 juniper berries
200 mL water
2 tsp salt
Shred the cabbage, cut apples and onion.
Sweat the onion in the oil for 5 minutes, stirring.
Add everything else and simmer for 45 to 60 minutes.`,
  `Oat and apple breakfast
Serves 4
2 cups rolled oats
1 L oat milk
2 apples, grated
1 tsp cinnamon
1 pinch salt
Simmer the oats in the oat milk for 8 minutes, stirring.
Stir in apples, cinnamon and salt.`,
  `Farro with mushrooms
Serves 6
2 cups pearled farro
400 g mushrooms, sliced
1 onion, chopped
2 tbsp rapeseed oil
1 tsp thyme
800 mL water
2 tsp salt
Chop the onion, slice the mushrooms.
Fry onion and mushrooms in the oil for 10 minutes, stirring.
Add farro, thyme, water and salt and simmer for 25 to 30 minutes.`,
];
