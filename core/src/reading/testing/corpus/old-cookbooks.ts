/** Lines in the manner of old cookbooks. */
export const OLD_COOKBOOKS = String.raw`
Butter the size of an egg => 4 tbsp butter pressed; nominal-size
butter the size of a walnut => 2 tbsp butter pressed; nominal-size
1 teacupful of sugar => 1/2 cup sugar-granulated level; assumed-kind nominal-size
one breakfast cup of flour => 1 cup flour-wheat-all-purpose spooned; assumed-kind nominal-size
1 teacup sour milk => 1/2 cup milk-whole poured; assumed-kind nominal-size
juice and zest of 2 limes => 2 each juice-lime (of one fruit) count; nominal-size && 2 each zest-orange (of one fruit) count; nominal-size
Zest and juice of 1 large orange => 1 each zest-orange (of one fruit) count; nominal-size && 1 each juice-orange (of one fruit) count; nominal-size
the whites of 4 eggs, beaten stiff => 4 each egg-white (large) count; assumed-kind
yolks of two eggs, well beaten => 2 each egg-yolk (large) count; assumed-kind
Sugar, one cup => 1 cup sugar-granulated level; assumed-kind
half a pound of butter => 1/2 lb butter =226.8 g
a quarter of a pound of butter => 1/4 lb butter =113.4 g
quarter of a pound of butter => 1/4 lb butter =113.4 g
3/4 of a cup of milk => 3/4 cup milk-whole poured; assumed-kind
half a teaspoon of soda => 1/2 tsp baking-soda level; assumed-kind
1 lump of butter the size of a walnut => 2 tbsp butter pressed; nominal-size
A piece of butter the size of an egg, melted => 4 tbsp butter pressed; nominal-size order-after
1 wineglassful of brandy => 1/4 cup rum poured; nominal-size
six ounces of flour => 6 oz flour-wheat-all-purpose =170.1 g; assumed-kind ounce-read-as
flour to make a stiff dough => - - flour-wheat-all-purpose; assumed-kind no-amount
2 heaping teaspoonfuls of baking powder => 2 tsp baking-powder level +heaped; nominal-size
Flour enough to roll out => - - flour-wheat-all-purpose; assumed-kind no-amount place
4 oz. of candied peel, finely cut => 4 oz peel-candied =113.4 g; ounce-read-as
1 quart of sifted flour => 1 quart flour-wheat-all-purpose sifted; assumed-kind order-before
1 quart flour, sifted => 1 quart flour-wheat-all-purpose spooned; assumed-kind order-after
1/2 pint new milk => 1/2 pint milk-whole poured; assumed-kind
3 ounces loaf sugar, pounded => 3 oz sugar-granulated =85.0 g; ounce-read-as
1 tablespoonful brewer's yeast => 1 tbsp ?; unknown-ingredient
A pinch of salt and a little nutmeg => 1 pinch salt-table level; assumed-kind nominal-size && - - nutmeg; no-amount
The juice of half a lemon => 1/2 each juice-lemon (of one fruit) count; nominal-size
A little grated lemon rind => - - zest-lemon; no-amount
half a teacupful of molasses => 1/4 cup molasses poured; nominal-size
2 eggs well beaten => 2 each egg-whole (large) count; assumed-kind
1 cup sweet milk => 1 cup milk-whole poured; assumed-kind
1 cup butter and lard mixed => 1 cup butter pressed && - - lard; no-amount
3 cups flour sifted three times => 3 cup flour-wheat-all-purpose spooned; assumed-kind order-after
3 cups flour (measured after sifting) => 3 cup flour-wheat-all-purpose sifted; assumed-kind order-before
one and one-half cupfuls of sugar => 1 1/2 cup sugar-granulated level; assumed-kind
3 teaspoonfuls, level, of baking powder => 3 tsp baking-powder level
two-thirds of a cup of milk => 2/3 cup milk-whole poured; assumed-kind
1 scant teaspoon soda dissolved in 1 tablespoon hot water => 1 tsp baking-soda level +scant; assumed-kind nominal-size && 1 tbsp water poured
Grated rind of 1 orange => 1 each zest-orange (of one fruit) count; nominal-size
1 cup chopped raisins => 1 cup raisins level
1 cup raisins, chopped => 1 cup raisins level
1 cup English walnut meats => 1 cup walnuts (halves) level
1 cup walnut pieces => 1 cup walnuts (chopped) level
1/4 cup shortening (part butter) => 1/4 cup shortening pressed
1 sq. chocolate, melted => 1 each chocolate-dark (square) count; assumed-kind
2 squares unsweetened chocolate => 2 each chocolate-unsweetened (square) count
2 ounces (2 squares) unsweetened chocolate, grated => 2 oz chocolate-unsweetened =56.7 g; ounce-read-as
1 yeast cake => 1 each yeast-fresh (cake) count; assumed-kind
1 cake compressed yeast => 1 each yeast-fresh (cake) count
1/2 cake yeast, crumbled => 1/2 each yeast-fresh (cake) count
2 good-sized eggs => 2 each egg-whole (large) count; assumed-kind
1 cup walnut meats, broken => 1 cup walnuts (halves) level
`;
