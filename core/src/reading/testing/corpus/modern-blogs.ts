/** Lines in the manner of modern blogs. */
export const MODERN_BLOGS = String.raw`
1/2 cup (1 stick) unsalted butter, softened => 1/2 cup butter pressed
1/2 cup (115 g; 1 stick) unsalted butter, melted and cooled => 1/2 cup butter pressed =115.0 g; order-after
1 and 3/4 cups (220g) all-purpose flour (spooned & leveled) => 1 3/4 cup flour-wheat-all-purpose spooned =220.0 g
2/3 cup (135g) packed light or dark brown sugar => 2/3 cup sugar-brown packed =135.0 g; alternative
1 large egg, at room temperature => 1 each egg-whole (large) count
1 teaspoon pure vanilla extract => 1 tsp vanilla-extract poured
1/4 teaspoon salt => 1/4 tsp salt-table level; assumed-kind
1 cup (180g) semi-sweet chocolate chips, plus a few more for the tops => 1 cup chocolate-chips level =180.0 g; extra
2 and 1/4 teaspoons instant or active dry yeast (1 standard packet) => 2 1/4 tsp yeast-instant level; alternative
3 tablespoons (45ml) milk => 3 tbsp milk-whole poured; assumed-kind
3 tablespoons to 4 tablespoons milk => 3..4 tbsp milk-whole poured; assumed-kind
between 2 and 3 tablespoons milk => 2..3 tbsp milk-whole poured; assumed-kind
~2 cups flour => 2 cup flour-wheat-all-purpose spooned; assumed-kind
1 c. milk or 1/2 c. cream => 1 cup milk-whole poured; alternative assumed-kind
1 cup sugar, brown, packed => 1 cup sugar-brown packed
2 cups flour, all-purpose => 2 cup flour-wheat-all-purpose spooned
1 tbsp yeast, active dry => 1 tbsp yeast-active-dry level
1 cup almonds, ground => 1 cup almonds (whole) level; order-after
1/2 tsp each cinnamon, ginger and nutmeg => 1/2 tsp cinnamon level && 1/2 tsp ginger-ground level; assumed-kind && 1/2 tsp nutmeg level
1/2 tsp each of cinnamon and nutmeg => 1/2 tsp cinnamon level && 1/2 tsp nutmeg level
eggs x 3 => 3 each egg-whole (large) count; assumed-kind
Eggs - 3 => 3 each egg-whole (large) count; assumed-kind
Flour 00 => - - flour-wheat-all-purpose; assumed-kind no-amount
two onions, sliced => 2 each onion count
1/2 cup (2 oz/60g) walnuts => 1/2 cup walnuts (halves) level =60.0 g
600 ml bottle milk => 600 ml milk-whole poured; assumed-kind
1 cup fine or medium cornmeal => 1 cup cornmeal-degermed level; kind-ambiguous
1 cup vegetable or canola oil => 1 cup oil-vegetable poured; alternative
1 cup honey/maple syrup => 1 cup honey poured; alternative
**2 cups** flour => 2 cup flour-wheat-all-purpose spooned; assumed-kind
- 1 cup [almond flour](https://x.invalid/a) => 1 cup almond-ground spooned
1¹⁄₂ cups sugar => 1 1/2 cup sugar-granulated level; assumed-kind
1 cup milk (or water) => 1 cup milk-whole poured; alternative assumed-kind
raisins soaked in rum => - - raisins; no-amount
1 cup raisins soaked in rum => 1 cup raisins level
1 ³⁄₄ cups milk => 1 3/4 cup milk-whole poured; assumed-kind
1³⁄₄ cups milk => 1 3/4 cup milk-whole poured; assumed-kind
²⁄₃ cup sugar => 2/3 cup sugar-granulated level; assumed-kind
1½ cups* plain flour => 1 1/2 cup flour-wheat-all-purpose spooned
Optional: 1/2 cup walnuts => 1/2 cup walnuts (halves) level; optional
(optional) 1 tbsp honey => 1 tbsp honey poured; optional
1 cup sour milk => 1 cup milk-whole poured; assumed-kind
1 teaspoon each baking powder and salt => 1 tsp baking-powder level && 1 tsp salt-table level; assumed-kind
½ c brown sugar, pressed down => 1/2 cup sugar-brown packed; assumed-kind
1 cup granulated sugar (200g), plus 1 tablespoon for topping => 1 cup sugar-granulated level =200.0 g && 1 tbsp sugar-granulated level; place
3/4 cup (1 1/2 sticks; 170 grams) unsalted butter => 3/4 cup butter pressed =170.0 g
1 cup (5 ounces/142 grams) all-purpose flour => 1 cup flour-wheat-all-purpose spooned =142.0 g
1⅓ cups/170 grams all-purpose flour (see Tip) => 1 1/3 cup flour-wheat-all-purpose spooned =170.0 g
1 teaspoon kosher salt => 1 tsp salt-coarse-light level; kind-ambiguous
2 teaspoons flaky sea salt, for finishing => 2 tsp salt-coarse-light level; kind-ambiguous place
½ cup/120 milliliters buttermilk => 1/2 cup buttermilk poured
½ cup/120 ml plus 1 tablespoon whole milk => 9/16 cup milk-whole poured
6 tablespoons/85 grams unsalted butter, melted and slightly cooled => 6 tbsp butter pressed =85.0 g; order-after
1 large egg plus 1 large egg yolk => 1 each egg-whole (large) count && 1 each egg-yolk (large) count
1 packed cup (7½ ounces) dark brown sugar => 1 cup sugar-brown packed =212.6 g
1 packed cup brown sugar => 1 cup sugar-brown packed
2 packed tablespoons brown sugar => 2 tbsp sugar-brown packed
2 c. sifted all purpose flour => 2 cup flour-wheat-all-purpose sifted; order-before
2 cups all-purpose flour, sifted before measuring => 2 cup flour-wheat-all-purpose sifted; order-before
1 cup sifted powdered sugar => 1 cup sugar-powdered sifted; order-before
1 cup powdered sugar, sifted => 1 cup sugar-powdered spooned; order-after
1¼ cups lukewarm water (about 40 °C) => 1 1/4 cup water poured
1 cup water at 110°F => 1 cup water poured
1 cup warm water (105 to 115 degrees F) => 1 cup water poured
1 cup warm water (110 degrees F/45 degrees C) => 1 cup water poured
2 cups flour (more if needed) => 2 cup flour-wheat-all-purpose spooned; assumed-kind
3 to 3 1/2 cups flour => 3..3 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
3-3½ cups flour => 3..3 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
3 – 3 ½ cups flour => 3..3 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
2 1/2 to 3 cups all-purpose flour, divided => 2 1/2..3 cup flour-wheat-all-purpose spooned
2½–3 lbs. apples => 2 1/2..3 lb apple =1247.4 g
one 1/4-ounce package yeast => 1 packet yeast-active-dry (packet) =7.1 g; kind-ambiguous
two (1/4 oz.) envelopes active dry yeast => 2 packet yeast-active-dry (packet) =14.2 g
1 envelope unflavored gelatin => 1 packet gelatin (envelope)
1 envelope (7 g) gelatin => 1 packet gelatin (envelope) =7.0 g
1 tsp vanilla => 1 tsp vanilla-extract poured
1 tsp. van. => 1 tsp vanilla-extract poured
1 t. vanilla extract => 1 tsp vanilla-extract poured
1 T vanilla => 1 tbsp vanilla-extract poured
1 tsp baking pwdr => 1 tsp baking-powder level
1 tsp. b. soda => 1 tsp ?; unknown-ingredient
2 c. br. sugar, packed => 2 cup sugar-brown packed
1/2 c. oleo => 1/2 cup margarine pressed
1 c. chopped nuts => 1 cup walnuts (chopped) level; kind-ambiguous order-before
1 sm. can evaporated milk => 1 each milk-evaporated
2 c. flour (sifted) => 2 cup flour-wheat-all-purpose spooned; assumed-kind order-after
2 beaten eggs => 2 each egg-whole (large) count; assumed-kind
2 eggs, beaten => 2 each egg-whole (large) count; assumed-kind
3 egg whites, stiffly beaten => 3 each egg-white (large) count; assumed-kind
1 egg white beaten to stiff peaks => 1 each egg-white (large) count; assumed-kind
`;
