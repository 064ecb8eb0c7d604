/** Lines as British cooks write them, today and a while ago. */
export const BRITISH_COOKS = String.raw`
225g/8oz self-raising flour => 225 g flour-wheat-self-rising =225
225g (8oz) golden caster sugar => 225 g sugar-granulated =225
4 medium free-range eggs => 4 each egg-whole
1 rounded tsp baking powder => 1 tsp baking-powder
1 level tbsp cornflour => 1 tbsp starch-corn
1 heaped tbsp cocoa => 1 tbsp cocoa
half a level teaspoon of bicarb => 1/2 tsp baking-soda
1 tbsp (level) golden syrup => 1 tbsp syrup-golden
2 dessertspoons black treacle => 4 tsp molasses
5 fl oz double cream => 5 fl-oz cream-heavy
¼ pint milk => 1/4 pint milk-whole
½ pt single cream => 1/2 pint cream-light
150ml carton natural yoghurt => 150 ml yogurt-plain
284ml pot buttermilk => 284 ml buttermilk
400g tin coconut milk => 400 g milk-coconut-canned =400
397g tin condensed milk => 397 g milk-condensed-sweetened =397
250g pack unsalted butter, at room temperature, plus extra for greasing => 250 g butter =250
a knob of butter => 1 tbsp butter
small knob of butter, for the tin => - - butter
a good pinch of sea salt => 1 pinch salt-table
a drizzle of honey => - - honey
a splash of milk => - - milk-whole
a handful of sultanas => 1/4 cup raisins
2 large handfuls of porridge oats => 1/2 cup oats-rolled
1 sachet fast-action dried yeast (7g) => 1 packet yeast-instant =7
2 tsp fast-action yeast => 2 tsp yeast-instant
500g strong white bread flour, plus extra for dusting => 500 g flour-wheat-bread =500
200g strong wholemeal flour => 200 g flour-wheat-whole =200
100g plain chocolate (70% cocoa solids), broken into pieces => 100 g chocolate-dark =100
1 vanilla pod, seeds scraped out => 1 each vanilla-bean
finely grated zest of 2 unwaxed oranges => 2 each zest-orange
juice of ½ a lemon => 1/2 each juice-lemon
1 lemon, zest and juice => 1 each zest-lemon && 1 each juice-lemon count
50g stem ginger, finely chopped, plus 3 tbsp syrup from the jar => 50 g ginger-crystallized =50
1 tsp mixed spice => 1 tsp mixed-spice
100g glacé cherries, quartered and rinsed => 100 g glace-cherries =100
75g mixed peel => 75 g peel-candied =75
350g mixed dried fruit => 350 g fruit-mixed-dried =350
4 tbsp brandy => 4 tbsp rum
175g light muscovado sugar => 175 g sugar-brown =175
1 tbsp demerara sugar for sprinkling => 1 tbsp sugar-demerara
50g ground almonds => 50 g almond-ground =50
25g flaked almonds => 25 g almonds =25
2oz lard, cubed => 2 oz lard =56.7
1lb plain flour => 1 lb flour-wheat-all-purpose =453.6
6oz/175g butter or block margarine => 6 oz butter =175
3 oz (75 g) shredded suet => 3 oz suet =75
milk, to glaze => - - milk-whole
icing sugar, for dusting => - - sugar-powdered
1 egg, beaten, to glaze => 1 each egg-whole
300ml/½ pint whole milk => 300 ml milk-whole
1 x 300ml tub double cream => 300 ml cream-heavy
2 x 250g tubs mascarpone => 2 each mascarpone =500
280g tub full-fat cream cheese => 280 g cream-cheese =280
3 tbsp lemon curd => 3 tbsp lemon-curd
4 tbsp raspberry jam, warmed => 4 tbsp jam
1 jar (411g) mincemeat => 1 each fruit-mincemeat =411
2 Bramley apples, peeled, cored and diced => 2 each apple
1 large cooking apple => 1 each apple
250g rhubarb, cut into chunks => 250 g rhubarb =250
3 ripe bananas (about 300g peeled weight) => 3 each banana =300
140g courgette, coarsely grated => 140 g zucchini =140
1 medium carrot (approx 100g), grated => 1 each carrot =100
100ml sunflower oil, plus extra for the tin => 100 ml oil-vegetable
1 tbsp poppy seeds => 1 tbsp seeds-poppy
1 level tsp bicarbonate of soda => 1 tsp baking-soda
½ tsp cream of tartar => 1/2 tsp cream-of-tartar
200g digestive biscuits, crushed => 200 g biscuits-plain =200
4 sheets leaf gelatine => 4 each gelatin-leaf
1 tsp vanilla essence => 1 tsp vanilla-extract
1 tsp vanilla bean paste => 1 tsp vanilla-paste
2 tbsp milk powder => 2 tbsp milk-powder-nonfat
75g dark soft brown sugar => 75 g sugar-brown =75
30g custard powder => 30 g custard-powder =30
200g ready-made marzipan => 200 g marzipan =200
Pinch salt => 1 pinch salt-table
1 teacup of sultanas => 1/2 cup raisins
1 breakfast cup of flour => 1 cup flour-wheat-all-purpose
2 tablespoonsful of syrup => 2 tbsp ?
4oz vegetarian suet => 4 oz suet =113.4
8 oz S.R. flour => 8 oz flour-wheat-self-rising =226.8
125g tub clotted cream => 125 g cream-clotted =125
2 free range egg yolks => 2 each egg-yolk
`;
