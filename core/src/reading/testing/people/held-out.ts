/**
 * A tenth of the lines, of all manners. They are only counted: whoever teaches the reading a new
 * wording looks at the other lines, never at these.
 */
export const HELD_OUT: Readonly<Record<string, string>> = {
  'American blogs': String.raw`
▢ 1 ⅓ cups all purpose flour, fluffed, spooned and levelled => 1 1/3 cup flour-wheat-all-purpose spooned
2 Tablespoons unsalted butter, melted, for brushing => 2 tbsp butter
1 cup dairy-free chocolate chunks => 1 cup chocolate-chips
¼ tsp freshly grated nutmeg => 1/4 tsp nutmeg
½ cup (1 stick; 113g) unsalted butter, cold => 1/2 cup butter =113
1 cup pumpkin puree, blotted => 1 cup pumpkin-puree
2 large eggs plus 1 large yolk => 2 each egg-whole && 1 each egg-yolk
1/4 cup plus 1 Tbsp. honey, divided => 5/16 cup honey
1 ½ c. powdered sugar (sifted!) => 1 1/2 cup sugar-powdered
1 tsp. apple cider vinegar => 1 tsp vinegar-cider`,
  'old American books': String.raw`
1 c. sifted cake flour => 1 cup flour-wheat-cake sifted
2 level teaspoonfuls baking powder => 2 tsp baking-powder
1 pt. sweet cream => 1 pint cream-heavy
One-third cup cold water => 1/3 cup water
3 tbsps. melted fat => 3 tbsp ?
The whites of two eggs => 2 each egg-white
1 c. chopped dates => 1 cup dates
1 saltspoonful of salt => 1/4 tsp salt-table
2 c. whole wheat flour => 2 cup flour-wheat-whole`,
  British: String.raw`
175g/6oz soft margarine => 175 g margarine =175
3 large free-range eggs, beaten => 3 each egg-whole
1 tbsp boiling water => 1 tbsp water
2 level tsps baking powder => 2 tsp baking-powder
100g currants and sultanas => 100 g currants-dried =100
150g pot natural yogurt => 150 g yogurt-plain =150
pinch of ground mace => 1 pinch mace-ground
grated zest 1 lemon => 1 each zest-lemon
8oz wholemeal flour => 8 oz flour-wheat-whole =226.8
2 tbsp apricot jam, sieved => 2 tbsp jam`,
  Australian: String.raw`
1 cup (250ml) buttermilk => 1 cup buttermilk
2/3 cup (150g) caster sugar => 2/3 cup sugar-granulated =150
1 tbs cocoa, sifted => 1 tbsp cocoa
200g packet choc chips => 200 g chocolate-chips =200
2 eggs, at room temperature => 2 each egg-whole
½ cup (60g) chopped walnuts => 1/2 cup walnuts =60
80g butter, melted => 80 g butter =80
1 tsp bicarbonate of soda => 1 tsp baking-soda`,
  Canadian: String.raw`
1 1/3 cups (325 mL) all-purpose flour => 1 1/3 cup flour-wheat-all-purpose
10 mL baking powder => 10 ml baking-powder
1 can (398 mL) crushed pineapple => 398 ml pineapple-crushed
1/2 cup (125 mL) plain 2% yogurt => 1/2 cup yogurt-plain
50 mL chopped walnuts => 50 ml walnuts
1 cup (250 mL) lightly packed brown sugar => 1 cup sugar-brown
2 tsp (10 mL) grated lemon rind => 2 tsp zest-lemon
1/4 cup (60 mL) butter, melted => 1/4 cup butter`,
  'Indian English': String.raw`
1 cup wheat flour (atta) => 1 cup flour-wheat-whole
1/2 cup thick curd => 1/2 cup yogurt-plain
75 gms butter (softened) => 75 g butter =75
Baking soda – ¼ tsp => 1/4 tsp baking-soda
1 tsp elaichi powder => 1 tsp cardamom-ground
2 tbsp chopped badam and pista => 2 tbsp almonds
1/4 cup oil => 1/4 cup oil-vegetable
Sooji - 1 cup => 1 cup semolina
3/4 cup castor sugar => 3/4 cup sugar-granulated`,
  German: String.raw`
375 g Mehl => 375 g flour-wheat-all-purpose =375
1 TL, gehäuft Backpulver => 1 tsp baking-powder
200 ml Sahne => 200 ml cream-heavy
1 Prise Muskat => 1 pinch nutmeg
3 Ei(er), Größe M => 3 each egg-whole
100 g Zucker, braun => 100 g sugar-brown =100
2 EL Semmelbrösel => 2 tbsp breadcrumbs-dry
1 Päckchen Sahnesteif => 1 packet cream-stiffener
250 ml Buttermilch => 250 ml buttermilk
40 g Kakaopulver => 40 g cocoa =40`,
  French: String.raw`
180 g de farine => 180 g flour-wheat-all-purpose =180
15 cl de lait => 150 ml milk-whole
1 c. à soupe de sucre vanillé => 1 tbsp sugar-vanilla
2 gros œufs => 2 each egg-whole
75 g de beurre salé => 75 g butter =75
1 sachet de levure sèche => 1 packet yeast-active-dry
60 g de pralin => 60 g pralines
3 cuillères à soupe de lait => 3 tbsp milk-whole
120 g de chocolat au lait => 120 g chocolate-milk =120`,
  scanned: String.raw`
l cup brown sugar => 1 cup sugar-brown
1/2 teaspoon c1oves => 1/2 tsp cloves-ground
2 cups oatrneal => 2 cup oats-rolled
I tablespoon butter => 1 tbsp butter
31/2 cups flour => 3 1/2 cup flour-wheat-all-purpose
□ 2 cups sugar => 2 cup sugar-granulated
1 c. chop. pecans => 1 cup pecans
&frac14; tsp. salt => 1/4 tsp salt-table
3 egg yo1ks => 3 each egg-yolk`,
};
