/**
 * Lines that were written before anybody looked how they are read, and are only counted. Whoever
 * teaches the reader a word never opens this file; `looked-at.ts` has others by the same writers.
 */
export const COUNTED: Readonly<Record<string, string>> = {
  'American blogs': String.raw`
1 ¾ cups (210 g) cake flour, scooped lightly and leveled => 1 3/4 cup flour-wheat-cake =210
2 cups + 2 tablespoons bread flour (270g), more for kneading => 2 1/8 cup flour-wheat-bread =270
½ cup (1 stick; 113g) salted butter, browned and cooled => 1/2 cup butter =113
1 cup packed light brown sugar — I use a bit less => 1 cup sugar-brown packed
1/3 cup (80ml) buttermilk, shaken => 1/3 cup buttermilk
2 large egg whites (save the yolks!) => 2 each egg-white
3 tbsp black cocoa or regular dutched cocoa => 3 tbsp cocoa
1 1/2 tsp pure almond extract => 1 1/2 tsp almond-extract
One 8-ounce package cream cheese, room temp => 1 each cream-cheese =226.8
1 (14-ounce) can sweetened condensed milk => 1 each milk-condensed-sweetened =396.9
1 heaped tsp ground cinnamon => 1 tsp cinnamon
a generous pinch of flaky salt on top => 1 pinch salt-coarse-light
¼ cup (50g) turbinado sugar for rolling, optional => 1/4 cup sugar-turbinado =50
3/4 c. sour cream (full fat please) => 3/4 cup cream-sour
1 cup fresh cranberries, roughly chopped => 1 cup cranberries-fresh
2 cups finely grated carrots (about 4 medium) => 2 cup carrot
1/2 cup crushed pineapple, drained well => 1/2 cup pineapple-crushed
1 cup toasted pecans, chopped, plus extra halves to decorate => 1 cup pecans
2 teaspoons instant espresso powder dissolved in 1 tablespoon hot water => 2 tsp espresso-powder && 1 tbsp water
4 Tbsp. (1/2 stick) unsalted butter => 4 tbsp butter
1.5 cups oat flour (certified GF if needed) => 1 1/2 cup flour-oat
1 scoop... ok, 1/4 cup vanilla protein powder => 1/4 cup protein-powder
2 T chia seeds soaked in 6 T water => 2 tbsp seeds-chia && 6 tbsp water
1 cup semi sweet chips, divided => 1 cup chocolate-chips
5 ripe bananas, 3 mashed and 2 sliced => 5 each banana
juice of half a lemon => 1/2 each juice-lemon
1 tablespoon orange zest (from about 1 large orange) => 1 tbsp zest-orange
2 cups white whole wheat flour => 2 cup flour-wheat-whole
¾ teaspoon fine sea salt => 3/4 tsp salt-table
1/2 cup honey (170 grams), warmed => 1/2 cup honey =170
3 1/2 cups old fashioned oats, not instant => 3 1/2 cup oats-rolled
1 cup mini marshmallows, frozen 1 hr => 1 cup marshmallows-mini
8 graham cracker sheets, crushed => 8 each crackers-graham
1/4 cup melted coconut oil, cooled a little => 1/4 cup oil-coconut
2 sticks (1 cup) butter at room temp => 2 stick butter
Nonstick spray for the pan => - - oil-vegetable
6 oz bittersweet chocolate, finely chopped (about 1 cup) => 6 oz chocolate-dark
2/3 c granulated sugar, plus 2 T for the topping => 2/3 cup sugar-granulated && 2 tbsp sugar-granulated
1 tsp each: cinnamon, ginger and nutmeg => 1 tsp cinnamon && 1 tsp ginger-ground && 1 tsp nutmeg
1 large egg plus 1 large egg yolk => 1 each egg-whole && 1 each egg-yolk
1/2 cup lukewarm whole milk (about 105°F) => 1/2 cup milk-whole
1 packet (¼ oz) active dry yeast => 1 packet yeast-active-dry =7.1
2 cups peeled, diced apples (Granny Smith work great) => 2 cup apple
3 Tbsp. cornstarch + 3 Tbsp. cold water, whisked => 3 tbsp starch-corn && 3 tbsp water
1 ½ cup powder sugar => 1 1/2 cup sugar-powdered
`,
  'old American books': String.raw`
1 cup butter and lard mixed => 1 cup butter
3 cupfuls of flour sifted three times => 3 cup flour-wheat-all-purpose
1 heaping teaspoonful of baking powder => 1 tsp baking-powder
2/3 cupful of sweet milk => 2/3 cup milk-whole
1 dessertspoonful ginger => 2 tsp ginger-ground
1/2 pt. thick cream, whipped stiff => 1/2 pint cream-heavy
the whites of 6 eggs beaten to a froth => 6 each egg-white
the yolks of two eggs => 2 each egg-yolk
1 tumbler of buttermilk => 1 cup buttermilk
1 tsp. soda dissolved in a little hot water => 1 tsp baking-soda
1 lb. of seeded raisins, floured => 1 lb raisins
4 oz. citron cut in thin strips => 4 oz peel-candied
1 small cake compressed yeast => 1 each yeast-fresh
butter, size of a walnut => 2 tbsp butter
1/2 nutmeg, grated => 1/2 each nutmeg
1 saltspoon salt => 1/4 tsp salt-table
2 squares of unsweetened chocolate, shaved and melted => 2 each chocolate-unsweetened
1 c. black walnut meats => 1 cup walnuts
2 c. sugar, 1 c. butter, 4 eggs => 2 cup sugar-granulated && 1 cup butter && 4 each egg-whole
1 c. hot coffee (strong) => 1 cup coffee-brewed
1 t. each of cloves and allspice => 1 tsp cloves-ground && 1 tsp allspice
flour to make a soft dough => - - flour-wheat-all-purpose
1 cup New Orleans molasses => 1 cup molasses
1 qt. scalded milk, cooled to lukewarm => 1 quart milk-whole
3 gills of water => 3/4 pint water
2 tablespoonfuls melted lard => 2 tbsp lard
juice of 2 lemons and grated rind of 1 => 2 each juice-lemon && 1 each zest-lemon
1 pkg. dates, pitted and cut => 1 packet dates
1 No. 2 can crushed pineapple => 1 each pineapple-crushed =567
1 cup corn meal scalded with 1 pint boiling water => 1 cup cornmeal-degermed && 1 pint water
a lump of butter as big as an egg => 4 tbsp butter
salt to taste => - - salt-table
1 1/4 c. Graham flour => 1 1/4 cup flour-wheat-whole
1 rounding tablespoon butter => 1 tbsp butter
2 eggs well beaten, added last => 2 each egg-whole
`,
  British: String.raw`
225g/8oz self-raising flour, sifted => 225 g flour-wheat-self-rising =225
170g/6oz softened butter, plus extra for the tin => 170 g butter =170
3 medium free-range eggs, lightly beaten => 3 each egg-whole
100g dark muscovado sugar => 100 g sugar-brown =100
1 level tsp mixed spice => 1 tsp mixed-spice
1 rounded tbsp black treacle => 1 tbsp molasses
50g golden syrup (about 2 tbsp) => 50 g syrup-golden =50
284ml carton buttermilk => 284 ml buttermilk
finely grated zest 2 oranges => 2 each zest-orange
½ a lemon, juice only => 1/2 each juice-lemon
150ml double cream, lightly whipped => 150 ml cream-heavy
2 heaped tbsp apricot jam, warmed and sieved => 2 tbsp jam
200g bar dark chocolate (70% cocoa solids), broken up => 200 g chocolate-dark =200
a knob of butter for frying => - - butter
a good grating of nutmeg => - - nutmeg
1 x 7g sachet fast action yeast => 1 packet yeast-instant =7
12 digestive biscuits, bashed to crumbs => 12 each crackers-graham
397g tin condensed milk, sweetened => 397 g milk-condensed-sweetened =397
85g ground almonds => 85 g almond-ground =85
1½ tbsp semi-skimmed milk => 1 1/2 tbsp milk-reduced-fat
300ml/½ pint full-fat milk => 300 ml milk-whole
2oz glacé cherries, rinsed, dried and quartered => 2 oz glace-cherries
4oz plain flour => 4 oz flour-wheat-all-purpose
pinch bicarb => 1 pinch baking-soda
500g strong white bread flour, plus more for dusting => 500 g flour-wheat-bread =500
10g fine sea salt => 10 g salt-table =10
320ml tepid water => 320 ml water
1 Bramley apple, about 200g, peeled and chopped => 1 each apple =200
75g porridge oats => 75 g oats-rolled =75
2 balls stem ginger, chopped, plus 1 tbsp of the syrup => 2 each ginger-crystallized && 1 tbsp syrup-golden
a few drops of vanilla essence => - - vanilla-extract
1 dsp cocoa => 2 tsp cocoa
225g mixed dried fruit soaked in 4 tbsp brandy => 225 g fruit-mixed-dried && 4 tbsp spirits
25g suet => 25 g suet =25
icing sugar, for dusting => - - sugar-powdered
`,
  'Australian and Canadian': String.raw`
2 1/4 cups (335g) self-raising flour => 2 1/4 cup flour-wheat-self-rising =335
3/4 cup (165g) firmly packed brown sugar => 3/4 cup sugar-brown =165
150g butter, melted, cooled slightly => 150 g butter =150
2 extra-large eggs => 2 each egg-whole
1 tbs (20ml) vanilla bean paste => 1 tbsp vanilla-paste
2 tbs golden syrup, warmed => 2 tbsp syrup-golden
1 cup (85g) shredded coconut, toasted => 1 cup coconut-desiccated =85
300g frozen raspberries => 300 g raspberries =300
1/2 cup (125ml) thickened cream => 1/2 cup cream-heavy
250g pkt plain biscuits, crushed => 250 g biscuits-plain =250
1 tsp bi-carb soda => 1 tsp baking-soda
1/4 cup pepitas => 1/4 cup seeds-pumpkin
1 cup sultanas soaked in 1/4 cup (60ml) rum => 1 cup raisins && 1/4 cup rum
2 bananas (about 300g unpeeled), mashed => 2 each banana
1 cup macadamias, coarsely chopped => 1 cup macadamias
395g can caramel filling => 395 g dulce-de-leche =395
2 cups quick oats => 2 cup oats-rolled
1 cup soft margarine => 1 cup margarine
1/2 cup maple syrup (the real stuff), divided => 1/2 cup syrup-maple
1 1/2 cups hard flour => 1 1/2 cup flour-wheat-bread
250 mL (1 cup) buttermilk => 250 ml buttermilk
5 mL (1 tsp) baking soda => 5 ml baking-soda
175 mL (3/4 cup) packed brown sugar => 175 ml sugar-brown packed
1 L whole milk => 1 l milk-whole
2 cups Saskatoon berries or blueberries => 2 cup blueberries
1 cup butter tart-style raisins => 1 cup raisins
1 pkg (250 g) brick cream cheese, softened => 1 packet cream-cheese =250
1/3 cup canola oil => 1/3 cup oil-vegetable
2 tsp double-acting baking powder => 2 tsp baking-powder
125 g unsalted butter, at room temp => 125 g butter =125
1 cup icing sugar, sifted, + 1 tbs extra for dusting => 1 cup sugar-powdered && 1 tbsp sugar-powdered
`,
  'Indian English': String.raw`
1 1/2 cup maida, sieved twice => 1 1/2 cup flour-wheat-all-purpose
1/2 tsp elaichi powder => 1/2 tsp cardamom-ground
3/4 cup thick curd (whisked) => 3/4 cup yogurt-plain
1/4 tsp meetha soda => 1/4 tsp baking-soda
2 tbsp besan, roasted lightly => 2 tbsp flour-chickpea
1 katori sugar => 125 ml sugar-granulated
1 cup grated jaggery (gur) => 1 cup jaggery
a few strands of kesar soaked in 1 tbsp warm milk => - - saffron && 1 tbsp milk-whole
2 tsp saunf, crushed => 2 tsp fennel-seed
200 gms khoya/mawa => 200 g khoya =200
10-12 kaju, chopped => 10..12 each cashews
1 cup fine sooji => 1 cup semolina
1/2 cup desi ghee, melted => 1/2 cup ghee
1 big pinch salt => 1 pinch salt-table
1 tsp fruit salt (plain) => 1 tsp fruit-salt
1 cup atta => 1 cup flour-wheat-whole
3 tbsp oil + for greasing => 3 tbsp oil-vegetable
1/2 cup dahi at room temp. => 1/2 cup yogurt-plain
1/2 tin condensed milk => 1/2 each milk-condensed-sweetened
100 gm unsalted butter (softened) => 100 g butter =100
1 tsp jeera => 1 tsp cumin-seed
1/2 cup powdered sugar or as per taste => 1/2 cup sugar-powdered
2 tbsp tutti frutti => 2 tbsp tutti-frutti
1 tbsp kasuri methi (crushed) => 1 tbsp fenugreek-leaves
1 cup paneer, crumbled => 1 cup paneer
1 1/4 cups water as required => 1 1/4 cup water
1/4 cup cocoa powder (unsweetened) sifted => 1/4 cup cocoa
1 tsp vinegar => 1 tsp vinegar-cider
1 green chilli, finely chopped => 1 each chillies-fresh
a handful coriander leaves, chopped => 1/4 cup coriander-leaves
`,
  German: String.raw`
375 g Dinkelmehl (Type 630) => 375 g flour-spelt =375
1 Pck. Backpulver => 1 packet baking-powder
1/2 TL Natron => 1/2 tsp baking-soda
2 EL Rum oder Wasser => 2 tbsp rum
4 Eiweiß, steif geschlagen => 4 each egg-white
3 Eigelb (Größe M) => 3 each egg-yolk
200 g gemahlene Haselnüsse => 200 g hazelnuts =200
1 Prise(n) Salz => 1 pinch salt-table
150 g weiche Butter + etwas für die Form => 150 g butter =150
250 g Magerquark, abgetropft => 250 g quark =250
100 g Zartbitterschokolade, gehackt => 100 g chocolate-dark =100
1 Vanilleschote, das Mark davon => 1 each vanilla-bean
abgeriebene Schale von 1 Bio-Zitrone => 1 each zest-lemon
Saft einer halben Zitrone => 1/2 each juice-lemon
500 g Äpfel (z. B. Boskop), geschält und entkernt => 500 g apple =500
1 gehäufter TL Zimt => 1 tsp cinnamon
2 gestr. EL Speisestärke => 2 tbsp starch-corn
1 Würfel frische Hefe => 1 each yeast-fresh
250 ml lauwarme Milch (3,5 %) => 250 ml milk-whole
75 g Puderzucker => 75 g sugar-powdered =75
1 Becher Schmand => 1 each cream-sour
1 Msp. Kardamom => 1 dash cardamom-ground
60 g Rosinen, in Rum eingelegt => 60 g raisins =60
1 Glas Sauerkirschen (Abtropfgewicht 350 g) => 1 each cherries-sour =350
ca. 100 g Mandelblättchen => 100 g almonds =100
3-4 EL Milch => 3..4 tbsp milk-whole
0,5 l Buttermilch => 1/2 l buttermilk
1 Ei (M) zum Bestreichen => 1 each egg-whole
5 Blatt Gelatine => 5 each gelatin-leaf
200 g Schlagrahm => 200 g cream-heavy =200
1 dl Rahm => 1 dl cream-heavy
30 g Vanillepuddingpulver => 30 g pudding-mix =30
1 TL abgeriebene Orangenschale => 1 tsp zest-orange
120 g brauner Zucker => 120 g sugar-brown =120
80 g kernige Haferflocken => 80 g oats-rolled =80
2 reife Bananen => 2 each banana
1 kg Zwetschgen, entsteint => 1 kg plums =1000
Mehl zum Ausrollen => - - flour-wheat-all-purpose
2 Tropfen Bittermandelaroma => 2 drop almond-extract
1/2 Fläschchen Rumaroma => 1/2 each rum-extract
`,
  French: String.raw`
200 g de farine de blé tamisée => 200 g flour-wheat-all-purpose =200
120 g de beurre demi-sel mou => 120 g butter =120
4 jaunes d'œufs => 4 each egg-yolk
3 blancs d'oeuf montés en neige => 3 each egg-white
1 c. à s. de fleur d'oranger => 1 tbsp orange-flower-water
1 c. à c. de cannelle moulue => 1 tsp cinnamon
1 cuillère à café rase de bicarbonate => 1 tsp baking-soda
1 gousse de vanille fendue en deux => 1 each vanilla-bean
le zeste d'une orange non traitée => 1 each zest-orange
le jus d'un demi-citron => 1/2 each juice-lemon
25 cl de lait entier => 250 ml milk-whole
10 cl de crème liquide entière => 100 ml cream-heavy
150 g de chocolat noir à 70 % => 150 g chocolate-dark =150
80 g de poudre d'amandes => 80 g almond-ground =80
1 sachet de levure => 1 packet baking-powder
100 g de sucre en poudre => 100 g sugar-granulated =100
50 g de sucre glace + un peu pour le décor => 50 g sugar-powdered =50
2 cuillerées à soupe de miel liquide => 2 tbsp honey
une pincée de fleur de sel => 1 pinch salt-coarse-light
6 pommes golden => 6 each apple
1 yaourt nature => 1 each yogurt-plain
2 pots de sucre => 2 each sugar-granulated
1/2 pot d'huile de tournesol => 1/2 each oil-vegetable
20 g de maïzena => 20 g starch-corn =20
1 rouleau de pâte feuilletée => 1 each pastry-puff
30 g de pépites de chocolat => 30 g chocolate-chips =30
un verre de lait => - - milk-whole
1 noix de beurre => 1 tbsp butter
5 feuilles de gélatine ramollies => 5 each gelatin-leaf
250 g de mascarpone bien froid => 250 g mascarpone =250
40 g de raisins secs trempés dans 2 c. à s. de rhum => 40 g raisins && 2 tbsp rum
125 g de framboises fraîches ou surgelées => 125 g raspberries =125
1 œuf battu pour la dorure => 1 each egg-whole
15 g de levure de boulanger fraîche => 15 g yeast-fresh =15
3 cs de sirop d'érable => 3 tbsp syrup-maple
farine pour le plan de travail => - - flour-wheat-all-purpose
12 cl d'eau tiède => 120 ml water
70 g de cassonade => 70 g sugar-brown =70
1 bâton de cannelle => 1 each cinnamon-stick
`,
  damaged: String.raw`
2cups all purpose flour => 2 cup flour-wheat-all-purpose
l/2 tsp.salt => 1/2 tsp salt-table
1 cuo sugar => 1 cup sugar-granulated
3 tbps butter => 3 tbsp butter
11/2 cups milk => 1 1/2 cup milk-whole
1 tsp vaniIla => 1 tsp vanilla-extract
2 eegs => 2 each egg-whole
½cup chopped wa1nuts => 1/2 cup walnuts
1 cup br0wn sugar => 1 cup sugar-brown
250g buter => 250 g butter =250
1 teaspon baking sodda => 1 tsp baking-soda
3 / 4 cup cocoa => 3/4 cup cocoa
1 cup  of   rolled oat => 1 cup oats-rolled
2 TB5P honey => 2 tbsp honey
1 c.flour,1 c.sugar => 1 cup flour-wheat-all-purpose && 1 cup sugar-granulated
- 1 tbsp  . vanilla extract => 1 tbsp vanilla-extract
* 2 c. p0wdered sugar => 2 cup sugar-powdered
3eggs => 3 each egg-whole
1 1 / 4 tsp cinammon => 1 1/4 tsp cinnamon
8oz cream chesse => 8 oz cream-cheese
1 C. BUTTER OR OLEO => 1 cup butter
2 tsp bakingpowder => 2 tsp baking-powder
1cup(240ml)milk => 1 cup milk-whole
4oz.choc chips => 4 oz chocolate-chips
1 tbsp. com starch => 1 tbsp starch-corn
`,
  'pages and chats': String.raw`
- [ ] 2 cups flour => 2 cup flour-wheat-all-purpose
1) 200g sugar => 200 g sugar-granulated =200
🧈 115 g butter => 115 g butter =115
Flour: 3 cups => 3 cup flour-wheat-all-purpose
sugar....1 cup => 1 cup sugar-granulated
eggs x2 => 2 each egg-whole
Butter — 100 g => 100 g butter =100
milk (1/2 cup) => 1/2 cup milk-whole
Salt | 1 tsp => 1 tsp salt-table
2 c flour <br> => 2 cup flour-wheat-all-purpose
&frac12; cup sugar => 1/2 cup sugar-granulated
1&nbsp;cup&nbsp;milk => 1 cup milk-whole
honey 2 tbsp => 2 tbsp honey
yeast - 7g => 7 g yeast-active-dry =7
3 eggs (L) => 3 each egg-whole
**1 cup** sugar => 1 cup sugar-granulated
Vanilla extract, 1 tsp => 1 tsp vanilla-extract
for the dough: 500 g bread flour => 500 g flour-wheat-bread =500
optional: 1/2 cup raisins => 1/2 cup raisins
cocoa powder 30g, sifted => 30 g cocoa =30
`,
};
