/** Lines of all sorts, written after the rules were: they show what the rules had missed. */
export const UNSORTED = String.raw`
2¼ cups (281 grams) unbleached all-purpose flour => 2 1/4 cup flour-wheat-all-purpose spooned =281.0 g
¾ cup plus 1 tablespoon (165 grams) granulated sugar => 13/16 cup sugar-granulated level =165.0 g
1½ teaspoons instant yeast => 1 1/2 tsp yeast-instant level
1 stick plus 2 tablespoons butter, at room temperature => 1 1/4 stick butter (stick) block
Two and a half cups of flour => 2 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
One teaspoonful of cream of tartar => 1 tsp cream-of-tartar level
4 ounces (1 stick) unsalted butter, cut into pieces => 4 oz butter =113.4 g; ounce-read-as
1 pint strawberries, hulled => 1 pint strawberries level
1 bunch parsley => 1 each parsley-fresh
8 tbsp. (1 stick) butter => 8 tbsp butter pressed
1/3 cup buttermilk or soured milk => 1/3 cup buttermilk poured; alternative
1 cup sugar, less 1 tablespoon => 15/16 cup sugar-granulated level; assumed-kind
1 c. sugar - 2 T => 7/8 cup sugar-granulated level; assumed-kind
1 cup sugar minus 2 tbsp => 7/8 cup sugar-granulated level; assumed-kind
1 cup (8 oz) milk => 1 cup milk-whole poured; assumed-kind ounce-read-as
200 g ginger nuts => 200 g biscuits-spiced =200.0 g
3 tbsp lukewarm milk (or as needed) => 3 tbsp milk-whole poured; assumed-kind
Pinch nutmeg => 1 pinch nutmeg level; nominal-size
1 scoop ice cream => 1 each ?; unknown-ingredient
3 ripe medium bananas, mashed (about 1 1/2 cups) => 3 each banana (medium) count
2 cups all purpose flour + more for rolling => 2 cup flour-wheat-all-purpose spooned
2 cups AP flour => 2 cup flour-wheat-all-purpose spooned
½ c. packed light-brown sugar => 1/2 cup sugar-brown packed
2 lg eggs, lightly beaten => 2 each egg-whole (large) count
1 lb confectioners' sugar, sifted (about 4 cups) => 1 lb sugar-powdered =453.6 g
1 cup confectioners’ sugar => 1 cup sugar-powdered spooned
5-6 cups bread flour => 5..6 cup flour-wheat-bread spooned
1 Tablespoon Baking Powder => 1 tbsp baking-powder level
SALT 1 TSP => 1 tsp salt-table level; assumed-kind
3 C Flour => 3 cup flour-wheat-all-purpose spooned; assumed-kind
250 millilitres of whole milk => 250 ml milk-whole poured
quarter cup of cocoa => 1/4 cup cocoa spooned
a quarter teaspoon of cloves => 1/4 tsp cloves-ground level
a third of a cup of honey => 1/3 cup honey poured
1 and 1/2 tsp. vanilla => 1 1/2 tsp vanilla-extract poured
1 1/2-2 cups powdered sugar => 1 1/2..2 cup sugar-powdered spooned
1.5 cups oats => 1 1/2 cup oats-rolled level; assumed-kind
0.5 tsp salt => 1/2 tsp salt-table level; assumed-kind
2 cups minus 2 tablespoons sifted cake flour => 1 7/8 cup flour-wheat-cake sifted; order-before
1 cup (scant) sugar => 1 cup sugar-granulated level +scant; assumed-kind nominal-size
1 cup heaping flour => 1 cup flour-wheat-all-purpose spooned +heaped; assumed-kind nominal-size
2 tablespoons (heaped) cocoa powder => 2 tbsp cocoa spooned +heaped; nominal-size
100g (about 3/4 cup) walnuts => 100 g walnuts =100.0 g
100 g butter (room temperature) => 100 g butter =100.0 g
100g soft butter => 100 g butter =100.0 g
150 g Greek yogurt => 150 g yogurt-plain =150.0 g
1 small pot (150g) natural yogurt => 1 each yogurt-plain =150.0 g
1 tin (397g) condensed milk => 1 each milk-condensed-sweetened =397.0 g
2 egg whites => 2 each egg-white (large) count; assumed-kind
white of 1 egg => 1 each egg-white (large) count; assumed-kind
Zest of 2 oranges, 1/4 cup juice => 2 each zest-orange (of one fruit) count; nominal-size && 1/4 cup juice-orange poured
1 egg yolk for glazing => 1 each egg-yolk (large) count; assumed-kind place
1 egg, separated => 1 each egg-whole (large) count; assumed-kind
1 egg + 1 tsp water for egg wash => 1 each egg-whole (large) count; assumed-kind && 1 tsp water poured; place
zest of one lemon => 1 each zest-lemon (of one fruit) count; nominal-size
juice of half a lemon => 1/2 each juice-lemon (of one fruit) count; nominal-size
2 tablespoons freshly squeezed lemon juice => 2 tbsp juice-lemon poured
1 teaspoon lemon zest, finely grated => 1 tsp zest-lemon level
1 orange, zested => 1 each zest-orange (of one fruit) count; nominal-size
grated peel of 1 orange => 1 each zest-orange (of one fruit) count; nominal-size
1 apple, peeled and grated => 1 each apple (medium) count; assumed-kind
2 pears, cored and sliced => 2 each pear (medium) count; assumed-kind
200g carrots, peeled and grated => 200 g carrot =200.0 g
1 cup shredded carrots, packed => 1 cup carrot (grated) packed
1 cup oil (vegetable, canola) => 1 cup oil-vegetable poured
1/4 cup extra-virgin olive oil => 1/4 cup oil-olive poured
2 Tbsp cold-pressed sesame oil => 2 tbsp oil-sesame poured
1/2 cup hot water => 1/2 cup water poured
3/4 c. boiling water => 3/4 cup water poured
1 c. water, room temp => 1 cup water poured
1 tsp bicarb soda => 1 tsp baking-soda level
1 tsp bicarbonate soda => 1 tsp baking-soda level
1/2 tsp sea salt flakes => 1/2 tsp salt-coarse-light level; kind-ambiguous
1 tsp coarse sea salt => 1 tsp salt-coarse-light level; kind-ambiguous
2 tsp fine salt => 2 tsp salt-table level
a generous pinch of flaky salt => 1 pinch salt-coarse-light level +generous; kind-ambiguous nominal-size nominal-size
1 tbsp dry yeast => 1 tbsp yeast-active-dry level; assumed-kind
20 g fresh yeast => 20 g yeast-fresh =20.0 g
1 sachet (7g) dried yeast => 1 packet yeast-active-dry (packet) =7.0 g; assumed-kind
2 1/4 tsp (1 packet) active dry yeast => 2 1/4 tsp yeast-active-dry level
1 pkg. (2 1/4 tsp.) active dry yeast => 1 packet yeast-active-dry (packet)
1/2 cup chopped dates => 1/2 cup dates (chopped) level
100 g dates, pitted and chopped => 100 g dates =100.0 g
1 cup dried cranberries => 1 cup cranberries-dried level
2 oz dried apricots => 2 oz apricots-dried =56.7 g; ounce-read-as
1/2 cup coarsely chopped pecans, toasted => 1/2 cup pecans (chopped) level; order-before
1/2 cup pecans, toasted and chopped => 1/2 cup pecans (halves) level; order-after
1 cup hazelnuts, skinned => 1 cup hazelnuts (whole) level
3 tbsp tahini => 3 tbsp tahini pressed
1/2 cup smooth peanut butter => 1/2 cup peanut-butter pressed
1 cup ricotta cheese, drained => 1 cup ricotta pressed
8 oz. cream cheese, at room temperature => 8 oz cream-cheese =226.8 g; ounce-ambiguous
1 cup grated parmesan => 1 cup parmesan-grated level
1 cup sour cream => 1 cup cream-sour pressed
1 cup crème fraîche => 1 cup creme-fraiche pressed
1 cup heavy whipping cream, cold => 1 cup cream-heavy (fluid) poured
1 cup whipped cream => 1 cup cream-heavy (whipped) spooned; kind-ambiguous order-before
2 tbsp maple syrup => 2 tbsp syrup-maple poured
1/3 cup dark corn syrup => 1/3 cup syrup-corn-dark poured
1/4 cup molasses (not blackstrap) => 1/4 cup molasses poured
1 tbsp black sesame seeds => 1 tbsp seeds-sesame level
2 Tbs poppy seeds => 2 tbsp seeds-poppy level
2 tsp caraway seeds, crushed => 2 tsp caraway-seed level
1 tsp ground allspice => 1 tsp allspice level
6 cardamom pods => 6 each cardamom-pods count
1 cinnamon stick => 1 each cinnamon-stick count
2 1/2 cups (300g) strong white flour => 2 1/2 cup flour-wheat-bread spooned =300.0 g
1 stick + 1 tbsp butter => 1 1/8 stick butter (stick) block
2 sticks minus 1 tablespoon butter => 1 7/8 stick butter (stick) block
1/2 a cup of sugar => 1/2 cup sugar-granulated level; assumed-kind
freshly squeezed juice of 2 lemons => 2 each juice-lemon (of one fruit) count; nominal-size
Six tablespoonfuls of brown sugar => 6 tbsp sugar-brown packed; assumed-kind
Four ounces of butter => 4 oz butter =113.4 g; ounce-read-as
3 gills of milk => 3/4 pint milk-whole poured; assumed-kind
1 saltspoonful of salt => 1/4 tsp salt-table level; assumed-kind
1 pound of raisins, stoned and chopped => 1 lb raisins =453.6 g
1/2 pound currants, washed => 1/2 lb currants-dried =226.8 g
Yolks of 6 eggs => 6 each egg-yolk (large) count; assumed-kind
Half cup butter => 1/2 cup butter pressed
One half cup of molasses => 1/2 cup molasses poured
One scant cup of lard => 1 cup lard pressed +scant; nominal-size
1 heaping cupful of brown sugar => 1 cup sugar-brown packed +heaped; assumed-kind nominal-size
1 dessertspoonful of baking powder => 2 tsp baking-powder level
1 wineglass of water => 1/4 cup water poured; nominal-size
1 breakfastcupful of milk => 1 cup milk-whole poured; assumed-kind nominal-size
a saltspoon of ground ginger => 1/4 tsp ginger-ground level
3/4 lb. of flour => 3/4 lb flour-wheat-all-purpose =340.2 g; assumed-kind
1 oz. baking powder => 1 oz baking-powder =28.3 g; ounce-read-as
2 1/2 ozs. caster sugar => 2 1/2 oz sugar-granulated =70.9 g; ounce-read-as
1 lb 2 oz strong white flour => 1 1/8 lb flour-wheat-bread =510.3 g
5 fl oz/150 ml milk => 5 fl-oz milk-whole poured; assumed-kind
¼ pint/150ml double cream => 150 ml cream-heavy (fluid) poured
10oz/280g plain flour => 10 oz flour-wheat-all-purpose =280.0 g
10 oz (300g) self raising flour => 10 oz flour-wheat-self-rising =300.0 g
8oz butter => 8 oz butter =226.8 g; ounce-read-as
2oz glace cherries => 2 oz glace-cherries =56.7 g; ounce-read-as
1 heaped dessertspoon honey => 2 tsp honey poured +heaped; nominal-size
2 level tsp baking powder => 2 tsp baking-powder level
1 rounded tbsp golden syrup => 1 tbsp syrup-golden poured +rounded; nominal-size
3 medium-sized eggs => 3 each egg-whole (medium) count
1 large free range egg white => 1 each egg-white (large) count
60 g (2 oz) currants => 60 g currants-dried =60.0 g
60 ml (4 tbsp) sunflower oil => 60 ml oil-vegetable poured
30ml (2 tbsp) lemon juice => 30 ml juice-lemon poured
grated rind and juice of 1 lemon => 1 each zest-lemon (of one fruit) count; nominal-size && 1 each juice-lemon (of one fruit) count; nominal-size
finely grated zest of 1 small orange => 1 each zest-orange (of one fruit) count; nominal-size
300 ml (½ pint) buttermilk => 300 ml buttermilk poured
175g softened butter => 175 g butter =175.0 g
175 g butter, softened => 175 g butter =175.0 g
50g pack walnut pieces => 50 g walnuts =50.0 g
2 x 7g sachets dried yeast => 2 packet yeast-active-dry (packet) =14.0 g; assumed-kind
1½ level teaspoons fine sea salt => 1 1/2 tsp salt-table level
150 g natural yoghurt => 150 g yogurt-plain =150.0 g
a few gratings of nutmeg => - - nutmeg; no-amount
a splash of milk => - - milk-whole; assumed-kind no-amount
a drizzle of honey => - - honey; no-amount
50 g dark brown soft sugar => 50 g sugar-brown =50.0 g
4 tbsp demerara sugar => 4 tbsp sugar-demerara level
200g/7oz fine polenta => 200 g cornmeal-degermed =200.0 g
75g/2¾oz semolina => 75 g semolina =75.0 g
2 tsp cornflour mixed with 1 tbsp water => 2 tsp starch-corn spooned && 1 tbsp water poured
250ml warm water (approx) => 250 ml water poured
approx. 250 ml water => 250 ml water poured
c. 250 g flour => 250 g flour-wheat-all-purpose =250.0 g; assumed-kind
about 2 tablespoons honey => 2 tbsp honey poured
1 c. plus 2 T. flour => 1 1/8 cup flour-wheat-all-purpose spooned; assumed-kind
3/4 c. + 2 T. sugar => 7/8 cup sugar-granulated level; assumed-kind
2/3 C. oil => 2/3 cup oil-vegetable poured; assumed-kind
1 tsp. soda => 1 tsp baking-soda level; assumed-kind
1/2 tsp. each salt and cinnamon => 1/2 tsp salt-table level; assumed-kind && 1/2 tsp cinnamon level
1 env. unflavored gelatin => 1 packet gelatin (envelope)
1 sm. banana => 1 each banana (medium) count; assumed-kind
4 med. carrots, grated => 4 each carrot (medium) count
1 c. firmly-packed brown sugar => 1 cup sugar-brown packed
1 c. broken walnuts => 1 cup walnuts (chopped) level
2 c. all-purpose flour, stirred before measuring => 2 cup flour-wheat-all-purpose spooned
1 c. margarine or butter, softened => 1 cup margarine pressed; alternative
1/2 c. vegetable shortening => 1/2 cup shortening pressed
1 T. vinegar => 1 tbsp vinegar-cider poured; assumed-kind
1 c. cold coffee => 1 cup coffee-brewed poured
1 (16 oz.) carton sour cream => 1 each cream-sour =453.6 g
1 (5 1/3-oz.) can evaporated milk => 5 1/3 fl-oz milk-evaporated poured; ounce-read-as
1 8 1/4-oz. can coconut milk => 8 1/4 fl-oz milk-coconut-canned poured; ounce-read-as
2 sq. unsweetened chocolate, melted => 2 each chocolate-unsweetened (square) count
2 (1-oz.) squares unsweetened chocolate => 2 each chocolate-unsweetened (piece) =56.7 g
1 c. coarsely chopped nuts (walnuts or pecans) => 1 cup walnuts (chopped) level; kind-ambiguous order-before
1 pkg active dry yeast dissolved in 1/4 cup warm water => 1 packet yeast-active-dry (packet) && 1/4 cup water poured
3 c. quick-cooking oats, uncooked => 3 cup oats-rolled level
1/2 c. sifted confectioners sugar => 1/2 cup sugar-powdered sifted; order-before
1 pint (568 ml) milk => 568 ml milk-whole poured; assumed-kind
1 pint (473 ml) milk => 1 pint milk-whole poured; assumed-kind
1 c. flour => 1 cup flour-wheat-all-purpose spooned; assumed-kind
3 tbsp. cold butter, cut in bits => 3 tbsp butter pressed
1 1/3 c. (about 1/2 lb.) brown sugar => 1 1/3 cup sugar-brown packed =226.8 g; assumed-kind
1 cup of chopped, pitted dates => 1 cup dates (chopped) level
2 c. peeled, chopped apples => 2 cup apple (chopped) level
2 cups apples, peeled, cored, diced => 2 cup apple (chopped) level
4 c. sliced, peeled pears => 4 cup pear (sliced) level
1 c. seedless raisins, rinsed & drained => 1 cup raisins level
3/4 cup buttermilk, room temperature, divided => 3/4 cup buttermilk poured
1 cup all-purpose or bread flour => 1 cup flour-wheat-all-purpose spooned; alternative
1 cup lightly spooned flour => 1 cup flour-wheat-all-purpose spooned; assumed-kind
1 cup flour, lightly spooned => 1 cup flour-wheat-all-purpose spooned; assumed-kind
1 cup flour (dip and sweep) => 1 cup flour-wheat-all-purpose dipped; assumed-kind
1 cup scooped flour => 1 cup flour-wheat-all-purpose dipped; assumed-kind
2 cups flour, scooped and swept => 2 cup flour-wheat-all-purpose dipped; assumed-kind
1 1/4 cups (5 5/8 ounces) all-purpose flour => 1 1/4 cup flour-wheat-all-purpose spooned =159.5 g
1 1/4 cups (5⅝ oz) all-purpose flour => 1 1/4 cup flour-wheat-all-purpose spooned =159.5 g
1 cup (4.4 oz/125 g) flour => 1 cup flour-wheat-all-purpose spooned =125.0 g; assumed-kind
1 cup/4.4 oz./125 g flour => 1 cup flour-wheat-all-purpose spooned =125.0 g; assumed-kind
1 cup [240 ml] milk => 1 cup milk-whole poured; assumed-kind
1 cup {240 ml} milk => 1 cup milk-whole poured; assumed-kind
1 cup: sugar => 1 cup sugar-granulated level; assumed-kind
1 cup – sugar => 1 cup sugar-granulated level; assumed-kind
1 cup ... sugar => 1 cup sugar-granulated level; assumed-kind
sugar – 1 cup => 1 cup sugar-granulated level; assumed-kind
sugar (granulated), 1 cup => 1 cup sugar-granulated level
granulated sugar .... 200 g => 200 g sugar-granulated =200.0 g
flour 500g => 500 g flour-wheat-all-purpose =500.0 g; assumed-kind
500g: flour => 500 g flour-wheat-all-purpose =500.0 g; assumed-kind
500 g. flour => 500 g flour-wheat-all-purpose =500.0 g; assumed-kind
500 gr flour => 500 g flour-wheat-all-purpose =500.0 g; assumed-kind
1kg bread flour => 1 kg flour-wheat-bread =1000.0 g
1.5kg bread flour => 1 1/2 kg flour-wheat-bread =1500.0 g
1,5 kg bread flour => 1 1/2 kg flour-wheat-bread =1500.0 g
2 kg. potatoes => 2 kg potato =2000.0 g
1/2 kilo flour => 1/2 kg flour-wheat-all-purpose =500.0 g; assumed-kind
10 ml vanilla extract => 10 ml vanilla-extract poured
2 dl milk => 2 dl milk-whole poured; assumed-kind
1 decilitre cream => 1 dl cream-heavy (fluid) poured; kind-ambiguous
7 fl. oz. milk => 7 fl-oz milk-whole poured; assumed-kind
1 (one) cup sugar => 1 cup sugar-granulated level; assumed-kind
two (2) cups flour => 2 cup flour-wheat-all-purpose spooned; assumed-kind
1 cup plus 1/3 cup sugar => 1 1/3 cup sugar-granulated level; assumed-kind
1 cup + 1/3 cup sugar => 1 1/3 cup sugar-granulated level; assumed-kind
3 x 1/4 cup oats => 3/4 cup oats-rolled level; assumed-kind
2 heaped tbs cocoa => 2 tbsp cocoa spooned +heaped; nominal-size
1 tblsp. honey => 1 tbsp honey poured
2 Tblsp honey => 2 tbsp honey poured
1 tea-spoon salt => 1 tsp salt-table level; assumed-kind
1 table spoon sugar => 1 tbsp sugar-granulated level; assumed-kind
½tsp salt => 1/2 tsp salt-table level; assumed-kind
½ teasp. salt => 1/2 tsp salt-table level; assumed-kind
1/2t salt => 1/2 tsp salt-table level; assumed-kind
1T honey => 1 tbsp honey poured
2TB honey => 2 tbsp honey poured
3Tbsp honey => 3 tbsp honey poured
1-1/2 cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1 -1/2 cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1- 1/2 cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1 & 1/2 cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1 ½ cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1½cups flour => 1 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
one-half cup sugar => 1/2 cup sugar-granulated level; assumed-kind
one-and-a-half cups sugar => 1 1/2 cup sugar-granulated level; assumed-kind
1-2 Tbsp. milk => 1..2 tbsp milk-whole poured; assumed-kind
1 or 2 eggs => 1..2 each egg-whole (large) count; assumed-kind
1 to 2 tablespoons of cold milk => 1..2 tbsp milk-whole poured; assumed-kind
2 to 2½ cups flour => 2..2 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
2-2 1/2 cups flour => 2..2 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
from 2 to 3 cups flour => 2..3 cup flour-wheat-all-purpose spooned; assumed-kind
about 3 1/2 to 4 cups bread flour => 3 1/2..4 cup flour-wheat-bread spooned
3+ cups flour => 3 cup flour-wheat-all-purpose spooned; assumed-kind
3½+ cups flour => 3 1/2 cup flour-wheat-all-purpose spooned; assumed-kind
1 cup flour (spoon and level) => 1 cup flour-wheat-all-purpose spooned; assumed-kind
1 teaspoon fine-grain sea salt => 1 tsp salt-table level; kind-ambiguous
2 tablespoons good-quality honey => 2 tbsp honey poured
1 good tablespoon honey => 1 tbsp honey poured +generous; nominal-size
1 cup unsweetened shredded coconut => 1 cup coconut-desiccated level
3 cups peeled and diced apples (about 3 medium) => 3 cup apple (chopped) level
2 cups cored and sliced pears => 2 cup pear (sliced) level
175g light brown muscovado sugar => 175 g sugar-brown =175.0 g
4 eggs (medium) => 4 each egg-whole (medium) count
2 eggs, large, beaten => 2 each egg-whole (large) count
2 eggs, medium => 2 each egg-whole (medium) count
1 cup (155g) wholemeal plain flour => 1 cup flour-wheat-whole spooned =155.0 g
1/2 cup unsweetened cocoa powder => 1/2 cup cocoa spooned
1 cup toasted and chopped walnuts => 1 cup walnuts (chopped) level; order-before
1 3/4 cups (7 oz/196 g) all purpose flour, plus more for work surface => 1 3/4 cup flour-wheat-all-purpose spooned =196.0 g; extra
2 tablespoons plus 1 1/2 teaspoons sugar => 2 1/2 tbsp sugar-granulated level; assumed-kind
1/2 cup (or less) buttermilk => 1/2 cup buttermilk poured
1 cup (2 sticks/8 oz) cold unsalted butter, cubed => 1 cup butter pressed =226.8 g
6 large eggs, whites and yolks separated => 6 each egg-whole (large) count
2 tsp active dried yeast (or 1 tsp instant) => 2 tsp yeast-active-dry level
1 1/4 teaspoons table salt => 1 1/4 tsp salt-table level
1/2 teaspoon freshly grated nutmeg => 1/2 tsp nutmeg level
3/4 cup lukewarm whole milk (about 100°F) => 3/4 cup milk-whole poured
1/3 cup turbinado sugar, for sprinkling => 1/3 cup sugar-turbinado level; place
1 tablespoon cornstarch (cornflour) => 1 tbsp starch-corn spooned
2 cups rolled oats (not instant) => 2 cup oats-rolled level
1 cup golden raisins => 1 cup raisins level
zest from 1 lemon => 1 each zest-lemon (of one fruit) count; nominal-size
1 tablespoon lemon juice (from 1/2 lemon) => 1 tbsp juice-lemon poured
1 1/2 lb Granny apples, peeled => 1 1/2 lb apple =680.4 g; assumed-kind
2/3 cup packed fresh basil leaves => 2/3 cup basil-fresh packed
4 tablespoons (56g) butter => 4 tbsp butter pressed =56.0 g
1 cup vegetable oil or melted coconut oil => 1 cup oil-vegetable poured; alternative
1/4 cup sliced almonds, toasted => 1/4 cup almonds (sliced) level; order-before
1 quart whole milk => 1 quart milk-whole poured
1 gallon water => 1 gallon water poured
2 pounds bread flour, more as needed => 2 lb flour-wheat-bread =907.2 g
1 teaspoon each of cinnamon, ginger, and allspice => 1 tsp cinnamon level && 1 tsp ginger-ground level; assumed-kind && 1 tsp allspice level
12 oz. bittersweet chocolate, chopped => 12 oz chocolate-dark =340.2 g; ounce-read-as
1 cup semisweet chocolate chips (6 oz) => 1 cup chocolate-chips level =170.1 g
2 tablespoons unsalted butter, divided => 2 tbsp butter pressed
cooking oil, for the pan => - - oil-vegetable; no-amount place
1 1/2 cups sifted confectioners' sugar => 1 1/2 cup sugar-powdered sifted; order-before
1 cup plus 2 tablespoons sifted all-purpose flour => 1 1/8 cup flour-wheat-all-purpose sifted; order-before
4 cups flour, measured then sifted => 4 cup flour-wheat-all-purpose sifted; assumed-kind order-before
2 cups once-sifted pastry flour => 2 cup ?; unknown-ingredient
butter for the tins => - - butter; no-amount place
about 1 1/2 cups milk => 1 1/2 cup milk-whole poured; assumed-kind
1 cake yeast => 1 each yeast-fresh (cake) count
¼ cup lukewarm water => 1/4 cup water poured
1 cupful of thick sour cream => 1 cup cream-sour pressed
2 teaspoonfuls of cinnamon => 2 tsp cinnamon level
1 level teaspoonful of soda => 1 tsp baking-soda level; assumed-kind
2 cupfuls of graham flour => 2 cup flour-wheat-whole spooned
The grated rind and juice of one lemon => 1 each zest-lemon (of one fruit) count; nominal-size && 1 each juice-lemon (of one fruit) count; nominal-size
1 pound of powdered sugar => 1 lb sugar-powdered =453.6 g
Whites of three eggs => 3 each egg-white (large) count; assumed-kind
a little salt => - - salt-table; assumed-kind no-amount
a pinch of soda => 1 pinch baking-soda level; assumed-kind nominal-size
½ pound almonds, blanched and ground => 1/2 lb almonds =226.8 g
4 oz. ground rice => 4 oz flour-rice-white =113.4 g; ounce-read-as
6 oz. ground almonds => 6 oz almond-ground =170.1 g; ounce-read-as
1 tablespoonful golden syrup => 1 tbsp syrup-golden poured
¼ lb. margarine => 1/4 lb margarine =113.4 g
½ pint milk (sour if possible) => 1/2 pint milk-whole poured; assumed-kind
1 oz yeast => 1 oz yeast-active-dry =28.3 g; kind-ambiguous ounce-read-as
2 lb. flour => 2 lb flour-wheat-all-purpose =907.2 g; assumed-kind
a good pinch of salt => 1 pinch salt-table level +generous; assumed-kind nominal-size nominal-size
1 tablespoon castor sugar => 1 tbsp sugar-granulated level
4 tablespoons self-raising flour => 4 tbsp flour-wheat-self-rising spooned
2 tablespoons custard powder => 2 tbsp custard-powder spooned
3 level tablespoons cocoa => 3 tbsp cocoa spooned
1 dessertspoon instant coffee => 2 tsp coffee-instant level
2 tablespoons hot water => 2 tbsp water poured
200g unsalted butter (soft) => 200 g butter =200.0 g
200g self-raising flour, sifted => 200 g flour-wheat-self-rising =200.0 g
2 tsp vanilla bean extract => 2 tsp vanilla-extract poured
100g (4oz) caster sugar => 100 g sugar-granulated =100.0 g
50ml (2fl oz) sunflower oil => 50 ml oil-vegetable poured
284ml pot buttermilk => 284 ml buttermilk poured
142ml carton soured cream => 142 ml cream-sour pressed
1 orange, zest only => 1 each zest-orange (of one fruit) count; nominal-size
2 lemons, zested, then juiced => 2 each zest-lemon (of one fruit) count; nominal-size && 2 each juice-lemon (of one fruit) count; nominal-size
1 small free-range egg, beaten => 1 each egg-whole (small) count
2 rounded tsp ground ginger => 2 tsp ginger-ground level +rounded; nominal-size
25g pack fresh mint => 25 g mint-fresh =25.0 g
1/2 cup (60g) LSA => 1/2 cup cashews-ground spooned =60.0 g
2 tbsp (40ml) maple syrup => 2 tbsp syrup-maple poured; volumes-disagree
1 egg (60g) => 1 each egg-whole (large) count =52.8 g; assumed-kind
150g tub Greek-style natural yoghurt => 150 g yogurt-plain =150.0 g
1/3 cup (55g) brown rice flour => 1/3 cup flour-rice-brown spooned =55.0 g
75g (1/2 cup) currants => 75 g currants-dried =75.0 g
1/2 cup (75g) pistachio kernels => 1/2 cup pistachios level =75.0 g
`;
