/** Lines in the manner of British books. */
export const BRITISH = String.raw`
225g/8oz self-raising flour, plus extra for dusting => 225 g flour-wheat-self-rising =225.0 g; extra
1 level tsp bicarbonate of soda => 1 tsp baking-soda level
55g / 2oz butter => 55 g butter =55.0 g
150ml / ¼ pint milk => 150 ml milk-whole poured; assumed-kind
1 free-range egg, beaten, to glaze (alternatively use a little milk) => 1 each egg-whole (large) count; assumed-kind place
2-3 tbsp cold water => 2..3 tbsp water poured
75 g (2 3/4 oz) demerara sugar => 75 g sugar-demerara =75.0 g
1 tbsp golden syrup => 1 tbsp syrup-golden poured
100 g ground almonds => 100 g almond-ground =100.0 g
85g sultanas => 85 g raisins =85.0 g
1 pkt dried yeast (7g) => 1 packet yeast-active-dry (packet) =7.0 g; assumed-kind
30g fresh yeast or 15g dried => 30 g yeast-fresh =30.0 g; alternative
500g strong white bread flour, plus extra to dust => 500 g flour-wheat-bread =500.0 g; extra
7g fast-action dried yeast => 7 g yeast-instant =7.0 g
10g fine sea salt => 10 g salt-table =10.0 g
300-320ml lukewarm water => 300..320 ml water poured
1 tbsp olive oil, plus extra for greasing => 1 tbsp oil-olive poured; extra
100g/3½oz unsalted butter, chilled and cubed => 100 g butter =100.0 g
1 medium free-range egg yolk => 1 each egg-yolk (large) count; assumed-kind
finely grated zest 1 unwaxed lemon => 1 each zest-lemon (of one fruit) count; nominal-size
juice ½ orange => 1/2 each juice-orange (of one fruit) count; nominal-size
140g icing sugar, sifted => 140 g sugar-powdered =140.0 g
4 tbsp semi-skimmed milk => 4 tbsp milk-reduced-fat poured
200g bar dark chocolate (70% cocoa solids), chopped => 200 g chocolate-dark =200.0 g
85g pecan nuts => 85 g pecans =85.0 g
2 heaped tbsp cocoa powder => 2 tbsp cocoa spooned +heaped; nominal-size
½ x 397g can condensed milk => 1/2 each milk-condensed-sweetened =198.5 g
250g tub mascarpone => 250 g mascarpone =250.0 g
1 rounded tsp ground cinnamon => 1 tsp cinnamon level +rounded; nominal-size
knob of butter => 1 tbsp butter pressed; nominal-size
2 level tablespoons golden caster sugar => 2 tbsp sugar-granulated level
1 dsp vinegar => 2 tsp vinegar-cider poured; assumed-kind
6 oz (175 g) soft dark brown sugar => 6 oz sugar-brown =175.0 g
8 fl oz (240 ml) buttermilk => 8 fl-oz buttermilk poured
1¼ lb (560 g) strong plain flour => 1 1/4 lb flour-wheat-all-purpose =560.0 g
150ml whole milk, warmed => 150 ml milk-whole poured
50 g caster sugar + 1 tbsp for the top => 50 g sugar-granulated =50.0 g && 1 tbsp sugar-granulated level; place
2 eggs + 1 egg yolk, beaten => 2 each egg-whole (large) count; assumed-kind && 1 each egg-yolk (large) count; assumed-kind
Zest of 2 lemons, juice of 1 => 2 each zest-lemon (of one fruit) count; nominal-size && 1 each juice-lemon (of one fruit) count; nominal-size
1 vanilla pod, split => 1 each vanilla-bean count
1 vanilla bean => 1 each vanilla-bean count
1 tsp vanilla bean paste => 1 tsp vanilla-paste poured
100 ml neutral oil (sunflower or rapeseed) => 100 ml oil-vegetable poured
225g cold butter, diced => 225 g butter =225.0 g
450g plain white flour, plus extra for rolling out => 450 g flour-wheat-all-purpose =450.0 g; extra
1 x 7g sachet easy-bake yeast => 1 packet yeast-instant (packet) =7.0 g
150ml natural yogurt => 150 ml yogurt-plain pressed
4 tbsp runny honey => 4 tbsp honey poured
50g porridge oats => 50 g oats-rolled =50.0 g
100g light muscovado sugar => 100 g sugar-brown =100.0 g
2 balls stem ginger, chopped => 2 each ?; unknown-ingredient
1 tsp bicarb => 1 tsp baking-soda level
½ tsp salt => 1/2 tsp salt-table level; assumed-kind
75ml vegetable oil => 75 ml oil-vegetable poured
3 medium eggs, beaten => 3 each egg-whole (medium) count
1 heaped tsp baking powder => 1 tsp baking-powder level +heaped; nominal-size
zest and juice 1 orange => 1 each zest-orange (of one fruit) count; nominal-size && 1 each juice-orange (of one fruit) count; nominal-size
200g tub full-fat soft cheese => 200 g cream-cheese =200.0 g
100ml/3½fl oz double cream => 100 ml cream-heavy (fluid) poured
170ml/6fl oz whole milk => 170 ml milk-whole poured
1 large free-range egg, beaten => 1 each egg-whole (large) count
pinch of fine sea salt => 1 pinch salt-table level; nominal-size
50g/1¾oz pecan nuts, roughly chopped => 50 g pecans =50.0 g
25g flaked almonds => 25 g almonds =25.0 g
1-2 tsp lemon juice => 1..2 tsp juice-lemon poured
2½ tbsp milk => 2 1/2 tbsp milk-whole poured; assumed-kind
a little melted butter, for brushing => - - butter; no-amount place
350g strong wholemeal flour => 350 g flour-wheat-whole =350.0 g
1½ tsp dried active yeast => 1 1/2 tsp yeast-active-dry level
30g poppy seeds => 30 g seeds-poppy =30.0 g
1 tbsp black treacle => 1 tbsp molasses poured
85g mixed dried fruit => 85 g fruit-mixed-dried =85.0 g
1 ripe pear, peeled and diced => 1 each pear (medium) count; assumed-kind
200g polenta => 200 g cornmeal-degermed =200.0 g
8 green cardamom pods, seeds ground => 8 each cardamom-pods count
1 tsp ground cardamom => 1 tsp cardamom-ground level
20g sesame seeds, toasted => 20 g seeds-sesame =20.0 g
`;
