/** Twenty lines of the kinds that recipes are made of. */
export const TWENTY_LINES = `3 cups rolled oats
1 1/2 cups all-purpose flour
1 cup packed brown sugar
1 cup butter, melted
1/3 cup golden syrup
1/2 cup raisins
1/2 cup walnuts, chopped
1/4 cup sunflower seeds
1 teaspoon cinnamon
1/2 teaspoon baking soda
1/2 teaspoon salt
1 teaspoon vanilla extract
4 cups bread flour
1 1/4 cups milk, lukewarm
1/2 cup sugar
2 1/4 teaspoons active dry yeast
1 1/2 teaspoons ground cardamom
1 teaspoon fine sea salt
1 large egg
6 tablespoons butter, softened`;
