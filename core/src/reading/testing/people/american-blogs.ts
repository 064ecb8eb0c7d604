/** Lines as American food blogs write them today, in US cups. */
export const AMERICAN_BLOGS = String.raw`
▢ 2 ½ cups all-purpose flour (spooned & leveled) => 2 1/2 cup flour-wheat-all-purpose spooned
☐ 1 teaspoon baking soda => 1 tsp baking-soda
◻︎ ¾ cup unsalted butter, softened to room temperature => 3/4 cup butter
✓ 1 large egg + 1 egg yolk, at room temperature => 1 each egg-whole && 1 each egg-yolk count
• 1 cup (200g) packed light or dark brown sugar => 1 cup sugar-brown packed =200
▢ 1 Tablespoon (15ml) pure vanilla extract => 1 tbsp vanilla-extract
2 teaspoons cornstarch* => 2 tsp starch-corn
1 and 1/4 cups (225g) semi-sweet chocolate chips, plus a few more for the tops => 1 1/4 cup chocolate-chips =225
½ teaspoon kosher salt (use ¼ teaspoon if using table salt) => 1/2 tsp salt-coarse-light
3-4 very ripe large spotty bananas, mashed (about 1 ½ cups) => 3..4 each banana
1/3 cup neutral oil, like avocado or grapeseed => 1/3 cup oil-vegetable
2/3 cup full-fat plain Greek yogurt (not nonfat!) => 2/3 cup yogurt-plain
1 c. old-fashioned rolled oats, NOT quick => 1 cup oats-rolled
1 1/2 sticks (12 tbsp) cold unsalted butter, cubed => 1 1/2 stick butter
2 tbsp milk of choice, more if needed => 2 tbsp milk-whole
1 (15 oz) can pure pumpkin puree (NOT pumpkin pie filling) => 1 each pumpkin-puree =425.2
8 oz block full-fat brick-style cream cheese, softened => 8 oz cream-cheese
3 cups powdered sugar, sifted if lumpy => 3 cup sugar-powdered
1-2 Tbsp heavy cream, as needed => 1..2 tbsp cream-heavy
1 heaping cup fresh or frozen blueberries (do not thaw) => 1 cup blueberries
zest of 1 medium lemon (about 1 tablespoon) => 1 each zest-lemon
1/4 cup fresh squeezed lemon juice (from about 2 lemons) => 1/4 cup juice-lemon
1 T. ground flaxseed + 3 T. water (flax egg) => 1 tbsp flax-meal && 3 tbsp water poured
1/2 cup creamy natural peanut butter (the drippy kind) => 1/2 cup peanut-butter
½ c maple syrup or honey => 1/2 cup syrup-maple
2 ¼ tsp instant yeast (1 packet or 7 grams) => 2 1/4 tsp yeast-instant =7
3 ½ to 4 cups bread flour, divided => 3 1/2..4 cup flour-wheat-bread
1 cup + 2 Tbsp superfine blanched almond flour => 1 1/8 cup almond-ground
1/2 tsp espresso powder (optional but recommended) => 1/2 tsp espresso-powder
flaky sea salt, for sprinkling => - - salt-coarse-light
cooking spray => - - oil-vegetable
1/4 cup unsweetened natural or dutch-process cocoa powder => 1/4 cup cocoa
4 oz. high-quality bittersweet chocolate (60-70%), chopped => 4 oz chocolate-dark =113.4
1 cup chopped walnuts or pecans, toasted (optional) => 1 cup walnuts
2 eggs, lightly beaten with a fork => 2 each egg-whole
3 Tbs granulated sugar for rolling => 3 tbsp sugar-granulated
1/8 tsp (a pinch) ground cloves => 1/8 tsp cloves-ground
2 cups shredded zucchini (about 1 large zucchini), squeezed dry => 2 cup zucchini
1 ½ cups finely grated carrots, loosely packed => 1 1/2 cup carrot
½ cup crushed pineapple, well drained => 1/2 cup pineapple-crushed
1 box (3.4 oz) instant vanilla pudding mix => 1 each pudding-mix
1/3 cup mini semisweet chocolate chips => 1/3 cup chocolate-chips
1 tsp pumpkin pie spice blend => 1 tsp pumpkin-spice
2 cups gluten free 1:1 baking flour => 2 cup flour-gluten-free
1/2 cup melted and cooled coconut oil => 1/2 cup oil-coconut
1 cup warm whole milk, about 110°F => 1 cup milk-whole
½ cup unsalted butter (1 stick), browned and cooled => 1/2 cup butter
1¼ cups buttermilk, well shaken => 1 1/4 cup buttermilk
Heaping 1/4 teaspoon fine sea salt => 1/4 tsp salt-table
1 scant cup sugar => 1 cup sugar-granulated
two large egg whites, room temp => 2 each egg-white
1/2 cup sprinkles (jimmies work best), plus extra => 1/2 cup sprinkles
10 Tablespoons (145g) unsalted butter, melted & slightly cooled => 10 tbsp butter =145
3/4 cup (75 grams) Dutch-processed cocoa powder => 3/4 cup cocoa =75
6 tablespoons / 85 grams unsalted butter => 6 tbsp butter =85
2 cups / 240 g all-purpose flour => 2 cup flour-wheat-all-purpose =240
1 cup caramel sauce (homemade or store-bought) => 1 cup sauce-caramel
24 soft caramels, unwrapped => 24 each caramels
10 oz bag mini marshmallows => 10 oz marshmallows-mini =283.5
6 cups crispy rice cereal => 6 cup rice-crisped
1 1/2 c. graham cracker crumbs (about 10 full sheets) => 1 1/2 cup crumbs-biscuit
1 (14-ounce) can sweetened condensed milk => 1 each milk-condensed-sweetened =396.9
1 teaspoon lemon extract, if you like => 1 tsp lemon-extract
1/3 cup hot brewed coffee (or hot water) => 1/3 cup coffee-brewed
2 tablespoons refined coconut oil, melted => 2 tbsp oil-coconut
5 tablespoons ice water, plus more by the teaspoon => 5 tbsp water
¼ cup sour cream or plain yogurt => 1/4 cup cream-sour
3 pounds tart apples (about 6), peeled, cored and sliced => 3 lb apple =1360.8
2 Tbsp turbinado sugar, for that crunchy top => 2 tbsp sugar-turbinado
1 egg white whisked with 1 Tbsp water => 1 each egg-white && 1 tbsp water poured
9 graham crackers => 9 each crackers-graham
For the frosting: => heading
1 tablespoon meringue powder => 1 tbsp meringue-powder
3 tbsp chia seeds => 3 tbsp seeds-chia
½ cup pitted medjool dates, packed (about 6) => 1/2 cup dates
1 can full fat coconut milk (13.5 oz), refrigerated overnight => 13 1/2 fl-oz milk-coconut-canned
1 cup active sourdough starter (100% hydration) => 1 cup sourdough-starter
100g bubbly, active starter => 100 g sourdough-starter =100
350 grams (1 ½ cups) warm water => 350 g water =350
10 grams (2 teaspoons) salt => 10 g salt-table =10
½ cup sugar* (see notes for substitutions) => 1/2 cup sugar-granulated
2 C. AP flour + 2 Tbsp for dusting => 2 cup flour-wheat-all-purpose && 2 tbsp flour-wheat-all-purpose
1/4 c butter, melted (I use salted) => 1/4 cup butter
1 LARGE egg => 1 each egg-whole
3/4 tsp cream of tartar => 3/4 tsp cream-of-tartar
`;
