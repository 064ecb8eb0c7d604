/** Lines as Canadian cooks write them, with cups and millilitres side by side. */
export const CANADIAN_COOKS = String.raw`
2 cups (500 mL) all-purpose flour => 2 cup flour-wheat-all-purpose
1 cup/250 mL granulated sugar => 1 cup sugar-granulated
1/2 cup (125 mL) butter, softened => 1/2 cup butter
1 tsp (5 mL) baking powder => 1 tsp baking-powder
250 mL (1 cup) milk => 250 ml milk-whole
500 mL all-purpose flour => 500 ml flour-wheat-all-purpose
5 mL vanilla => 5 ml vanilla-extract
2 mL salt => 2 ml salt-table
1 mL ground nutmeg => 1 ml nutmeg
15 mL baking powder => 15 ml baking-powder
125 mL packed brown sugar => 125 ml sugar-brown packed
¾ cup (175 mL) maple syrup, preferably dark => 3/4 cup syrup-maple
1 1/4 cups (300 mL) quick-cooking rolled oats => 1 1/4 cup oats-rolled
1/3 cup (75 mL) canola oil => 1/3 cup oil-vegetable
2 tbsp (30 mL) lemon juice => 2 tbsp juice-lemon
1 can (398 mL) pumpkin purée => 398 ml pumpkin-puree
1 can (300 mL) sweetened condensed milk => 300 ml milk-condensed-sweetened
1 can (370 mL) evaporated milk => 370 ml milk-evaporated
1 can (400 mL) coconut milk => 400 ml milk-coconut-canned
1 can (19 oz/540 mL) black beans, drained and rinsed => 1 each black-beans =538.6
1 pkg (250 g) cream cheese => 1 packet cream-cheese =250
1 pkg (8 g) quick-rise instant yeast => 1 packet yeast-instant =8
1 tub (500 g) ricotta => 1 each ricotta =500
1 cup (250 mL) 35% whipping cream => 1 cup cream-heavy
1/2 cup 10% cream => 1/2 cup half-and-half
1 cup 2% milk => 1 cup milk-reduced-fat
1 cup (250 mL) 3.25% milk => 1 cup milk-whole
454 g butter => 454 g butter =454
1 lb (450 g) rhubarb, chopped => 1 lb rhubarb =450
1 L all-purpose flour => 1 l flour-wheat-all-purpose
1 1/2 cups (375 mL) whole wheat flour => 1 1/2 cup flour-wheat-whole
1/4 cup (60 mL) fancy molasses => 1/4 cup molasses
1/2 cup (125 mL) chopped pecans => 1/2 cup pecans
1 cup (250 mL) fresh or frozen wild blueberries => 1 cup blueberries
1 tsp. (5 ml) cinnamon => 1 tsp cinnamon
1/2 tsp. (2.5 ml) salt => 1/2 tsp salt-table
1/4 tsp (1 mL) ground cloves => 1/4 tsp cloves-ground
2/3 cup (150 mL) sour cream => 2/3 cup cream-sour
4 oz (125 g) semisweet chocolate, chopped => 4 oz chocolate-dark =125
6 squares (1 oz/30 g each) semi-sweet chocolate => 6 each chocolate-dark =180
2 eggs => 2 each egg-whole
1 egg yolk => 1 each egg-yolk
1 cup (250 mL) icing sugar => 1 cup sugar-powdered
1/2 cup (125 mL) golden corn syrup => 1/2 cup syrup-corn-light
1 cup (250 ml) old-fashioned oats (large flake) => 1 cup oats-rolled
1 tbsp. (15 ml) cornstarch => 1 tbsp starch-corn
3/4 cup lard, cold, cut in pieces => 3/4 cup lard
5 1/2 cups pastry flour => 5 1/2 cup flour-wheat-pastry
1 tbsp white vinegar => 1 tbsp vinegar-white
175 mL buttermilk => 175 ml buttermilk
1 1/2 cups (375 mL) warm water (about 105°F/40°C) => 1 1/2 cup water
2 1/4 tsp (11 mL) active dry yeast => 2 1/4 tsp yeast-active-dry
50 mL liquid honey => 50 ml honey
75 mL vegetable shortening => 75 ml shortening
1 cup (250 mL) butterscotch chips => 1 cup chips-butterscotch
3 cups (750 mL) rice cereal => 3 cup rice-crisped
1/2 cup (125 mL) seedless raisins => 1/2 cup raisins
1/2 cup dried cranberries => 1/2 cup cranberries-dried
1 cup (250 mL) shredded old cheddar => 1 cup cheddar
1 tsp (5 mL) dry mustard => 1 tsp mustard-powder
2 medium apples, peeled and grated => 2 each apple
1 large orange, zest and juice => 1 each zest-orange && 1 each juice-orange count
2 tbsp (30 ml) ground flaxseed => 2 tbsp flax-meal
1/2 cup (125 mL) natural bran => 1/2 cup wheat-bran
1/4 cup (60 mL) skim milk powder => 1/4 cup milk-powder-nonfat
1 cup (250 mL) unsweetened applesauce => 1 cup applesauce
3 ripe bananas, mashed (about 1-1/2 cups/375 mL) => 3 each banana
2-1/2 cups all purpose flour => 2 1/2 cup flour-wheat-all-purpose
1-1/3 cups (325 mL) graham cracker crumbs => 1 1/3 cup crumbs-biscuit
1/2 c. margarine or butter => 1/2 cup margarine
1 envelope (7 g) unflavoured gelatin => 1 packet gelatin =7
1 1/2 tsp (7 mL) baking soda => 1 1/2 tsp baking-soda
pinch each salt and nutmeg => 1 pinch salt-table && 1 pinch nutmeg level
¼ cup (50 mL) maple sugar => 1/4 cup sugar-maple
1 cup (250 mL) large-flake oats => 1 cup oats-rolled
1 3/4 cups + 2 tbsp flour => 1 7/8 cup flour-wheat-all-purpose
`;
