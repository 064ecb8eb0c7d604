/** Lines as Australian and New Zealand cooks write them. */
export const AUSTRALIAN_COOKS = String.raw`
1 ½ cups (225g) self-raising flour => 1 1/2 cup flour-wheat-self-rising =225
1 cup (220g) caster sugar => 1 cup sugar-granulated =220
125g butter, chopped, at room temperature => 125 g butter =125
2 x 60g eggs => 2 each egg-whole
3 x 59g free range eggs => 3 each egg-whole
¾ cup (180ml) milk => 3/4 cup milk-whole
1 tablespoon (20ml) golden syrup => 1 tbsp syrup-golden
½ teaspoon bicarb soda => 1/2 tsp baking-soda
1 cup (90g) desiccated coconut => 1 cup coconut-desiccated =90
1 cup (90g) rolled oats => 1 cup oats-rolled =90
2 tablespoons boiling water => 2 tbsp water
395g can sweetened condensed milk => 395 g milk-condensed-sweetened =395
1 x 400ml can coconut cream => 400 ml coconut-cream
300ml thickened cream, whipped => 300 ml cream-heavy
⅓ cup (40g) cocoa powder, sifted => 1/3 cup cocoa =40
180g dark cooking chocolate, chopped => 180 g chocolate-dark =180
1 cup firmly packed brown sugar => 1 cup sugar-brown packed
½ cup lightly packed brown sugar => 1/2 cup sugar-brown
1 cup pure icing sugar, sifted => 1 cup sugar-powdered
2 cups icing sugar mixture => 2 cup sugar-powdered
2 tbs lemon juice => 2 tbsp juice-lemon
1 tbs finely grated lemon rind => 1 tbsp zest-lemon
2 passionfruit, pulp => 2 each passion-fruit
¼ cup passionfruit pulp (about 3 passionfruit) => 1/4 cup passion-fruit
3 overripe bananas, mashed (about 1 cup) => 3 each banana
1 cup (150g) plain flour => 1 cup flour-wheat-all-purpose =150
1/2 cup (75g) cornflour => 1/2 cup starch-corn =75
60g unsalted butter, melted, cooled => 60 g butter =60
200g packet plain sweet biscuits, crushed => 200 g biscuits-plain =200
250g pkt milk arrowroot biscuits => 250 g biscuits-plain =250
1 tsp mixed spice => 1 tsp mixed-spice
2 tsp ground ginger => 2 tsp ginger-ground
1 cup sultanas => 1 cup raisins
375g mixed dried fruit => 375 g fruit-mixed-dried =375
¼ cup (60ml) sherry or brandy => 1/4 cup wine-fortified
2 sachets (14g) dry yeast => 2 packet yeast-active-dry =14
1 sachet (8g) dried yeast => 1 packet yeast-active-dry =8
4 cups baker's flour => 4 cup flour-wheat-bread
1⅔ cups warm water => 1 2/3 cup water
1/4 cup olive oil => 1/4 cup oil-olive
1 cup Greek-style yoghurt => 1 cup yogurt-plain
250g block cream cheese, softened => 250 g cream-cheese =250
1 cup (120g) almond meal => 1 cup almond-ground =120
100g raw macadamias, roughly chopped => 100 g macadamias =100
2 tbsp LSA => 2 tbsp cashews-ground
1/2 cup shredded coconut, to decorate => 1/2 cup coconut-shredded-sweetened
1 lamington sponge, cut into squares => 1 each ?
4 egg whites (from 60g eggs) => 4 each egg-white
1 tsp white vinegar => 1 tsp vinegar-white
1 punnet strawberries, hulled => 1 each strawberries
250g punnet raspberries => 250 g raspberries =250
30 g solidified coconut shortening => 30 g ?
1 x 85g packet strawberry jelly crystals => 1 packet jelly-powder
440g can crushed pineapple, drained => 440 g pineapple-crushed =440
1 cup mashed pumpkin => 1 cup pumpkin-puree
2 cups grated zucchini => 2 cup zucchini
1 cup grated tasty cheese => 1 cup cheddar
2 tablespoons custard powder => 2 tbsp custard-powder
1 teaspoon vanilla essence => 1 tsp vanilla-extract
1 tsp vanilla bean paste => 1 tsp vanilla-paste
pinch of salt => 1 pinch salt-table
1 tablespoon treacle => 1 tbsp molasses
¼ teaspoon cream of tartar => 1/4 tsp cream-of-tartar
1 egg, lightly whisked => 1 each egg-whole
100 g butter, cold, cubed => 100 g butter =100
1 tbsp malt powder => 1 tbsp malted-milk-powder
2 tablespoons malted milk powder => 2 tbsp malted-milk-powder
½ cup (80g) currants => 1/2 cup currants-dried =80
1 cup (140g) dried apricots, chopped => 1 cup apricots-dried =140
1 cup wholemeal self-raising flour => 1 cup flour-wheat-whole-self-rising
2 dsp cocoa => 4 tsp cocoa
1/2 cup raw sugar => 1/2 cup sugar-turbinado
2 Tbsp honey => 2 tbsp honey
600ml carton thickened cream => 600 ml cream-heavy
90g (1/3 cup) sour cream => 90 g cream-sour =90
1 1/4 c self raising flour => 1 1/4 cup flour-wheat-self-rising
4 wheat biscuits, crushed => 4 each wheat-biscuits
1 tsp ground cardamom => 1 tsp cardamom-ground
2 large (59g each) eggs => 2 each egg-whole
extra icing sugar, to dust => - - sugar-powdered
`;
