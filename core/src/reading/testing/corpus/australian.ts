/** Lines in the manner of Australian books. */
export const AUSTRALIAN = String.raw`
flour (3 cups) => 3 cup flour-wheat-all-purpose spooned; assumed-kind
125ml (1/2 cup) milk => 125 ml milk-whole poured; assumed-kind
1 1/4 cups (310ml) milk => 1 1/4 cup milk-whole poured; assumed-kind
150g (1 cup) plain flour => 150 g flour-wheat-all-purpose =150.0 g
2 x 60g eggs => 2 each egg-whole (large) =105.6 g; assumed-kind
1 x 395g can sweetened condensed milk => 1 each milk-condensed-sweetened =395.0 g
300ml carton thickened cream => 300 ml cream-heavy (fluid) poured
1 tablespoon (20ml) lemon juice => 1 tbsp juice-lemon poured; volumes-disagree
1 lemon, juiced => 1 each juice-lemon (of one fruit) count; nominal-size
zest of 1/2 lemon => 1/2 each zest-lemon (of one fruit) count; nominal-size
2 tsp lemon zest (about 1 lemon) => 2 tsp zest-lemon level
2 large bananas (about 300 g) => 2 each banana (medium) count =300.0 g; assumed-kind
2 cups (250g) plain flour, sifted => 2 cup flour-wheat-all-purpose spooned =250.0 g; order-after
1/3 cup (80ml) vegetable oil => 1/3 cup oil-vegetable poured
1 cup (220g) caster sugar => 1 cup sugar-granulated level =220.0 g
1/2 cup (110g) firmly packed brown sugar => 1/2 cup sugar-brown packed =110.0 g
2 tablespoons golden syrup => 2 tbsp syrup-golden poured
1 teaspoon bicarbonate of soda => 1 tsp baking-soda level
1 1/2 cups (225g) self-raising flour => 1 1/2 cup flour-wheat-self-rising spooned =225.0 g
1 cup (90g) rolled oats => 1 cup oats-rolled level =90.0 g
1 cup (85g) desiccated coconut => 1 cup coconut-desiccated level =85.0 g
125g butter, chopped => 125 g butter =125.0 g
185g butter, at room temperature, chopped => 185 g butter =185.0 g
2 x 59g eggs => 2 each egg-whole (large) =103.8 g; assumed-kind
1 (59g) egg => 1 each egg-whole (large) =51.9 g; assumed-kind
4 eggs (at room temp) => 4 each egg-whole (large) count; assumed-kind
200ml thickened cream, whipped => 200 ml cream-heavy (fluid) poured; order-after
2/3 cup (160 mL) milk => 2/3 cup milk-whole poured; assumed-kind
3 tsp instant dried yeast (10g) => 3 tsp yeast-instant level =10.0 g
500 g (3 1/3 cups) bread flour => 500 g flour-wheat-bread =500.0 g
400 g can condensed milk => 400 g milk-condensed-sweetened =400.0 g
1 x 400g tin coconut cream => 1 each coconut-cream =400.0 g
2 tbs honey => 2 tbsp honey poured
1 tbs lemon juice => 1 tbsp juice-lemon poured
1/4 tsp ground nutmeg => 1/4 tsp nutmeg level
60g unsalted butter, melted => 60 g butter =60.0 g
60g melted butter => 60 g butter =60.0 g
1 3/4 cups (260g) self-raising flour => 1 3/4 cup flour-wheat-self-rising spooned =260.0 g
3/4 cup (165g) caster sugar => 3/4 cup sugar-granulated level =165.0 g
1/2 cup (125ml) buttermilk => 1/2 cup buttermilk poured
80g (1/3 cup, firmly packed) brown sugar => 80 g sugar-brown =80.0 g
2 tablespoons (40ml) milk => 2 tbsp milk-whole poured; assumed-kind volumes-disagree
1 x 60g egg, lightly whisked => 1 each egg-whole (large) =52.8 g; assumed-kind
2 egg yolks, extra => 2 each egg-yolk (large) count; assumed-kind
100g dark chocolate, melted => 100 g chocolate-dark =100.0 g
300g (2 cups) plain flour => 300 g flour-wheat-all-purpose =300.0 g
155g (1 cup) icing sugar mixture => 155 g sugar-powdered =155.0 g
1 cup (120g) almond meal => 1 cup almond-ground spooned =120.0 g
1/4 cup (60ml) olive oil => 1/4 cup oil-olive poured
250g pkt cream cheese, at room temperature => 250 g cream-cheese =250.0 g
395g can sweetened condensed milk => 395 g milk-condensed-sweetened =395.0 g
2 teaspoons finely grated orange rind => 2 tsp zest-orange level
1 teaspoon vanilla essence => 1 tsp vanilla-extract poured
60g (1/2 cup) walnuts, coarsely chopped => 60 g walnuts =60.0 g
1 1/2 cups (375ml) boiling water => 1 1/2 cup water poured
125g unsalted butter, softened, plus extra to grease => 125 g butter =125.0 g; extra
1/3 cup cocoa powder => 1/3 cup cocoa spooned
2 tbsp cornflour => 2 tbsp starch-corn spooned
1 tbsp treacle => 1 tbsp molasses poured
200g Greek-style yoghurt => 200 g yogurt-plain =200.0 g
110g (1/2 cup) caster sugar, extra => 110 g sugar-granulated =110.0 g
4 eggs, separated => 4 each egg-whole (large) count; assumed-kind
1 tsp mixed spice => 1 tsp mixed-spice spooned
2 metric cups flour => 500 ml flour-wheat-all-purpose spooned; assumed-kind
1 imperial pint milk => 568 209/800 ml milk-whole poured; assumed-kind
3 lge eggs => 3 each egg-whole (large) count
`;
