/** Lines as French, Belgian and Québec bakers write them, in metric spoons. */
export const FRENCH_COOKS = String.raw`
250 g de farine T55 => 250 g flour-wheat-all-purpose =250
500 g de farine de blé type 45 => 500 g flour-wheat-all-purpose =500
300 g de farine complète (T110) => 300 g flour-wheat-whole =300
1 sachet de levure chimique => 1 packet baking-powder
1/2 sachet de levure chimique => 1/2 packet baking-powder
1 sachet de levure chimique (11 g) => 1 packet baking-powder =11
1 sachet de sucre vanillé => 1 packet sugar-vanilla
1 sachet de levure boulangère => 1 packet yeast-active-dry
20 g de levure fraîche de boulanger => 20 g yeast-fresh =20
1 cube de levure fraîche (42 g) => 1 each yeast-fresh =42
125 g de beurre doux ramolli => 125 g butter =125
100 g de beurre demi-sel => 100 g butter =100
50 g de beurre fondu et refroidi => 50 g butter =50
1 noix de beurre => 1 tbsp butter
une noisette de beurre pour le moule => - - butter
200 g de sucre en poudre => 200 g sugar-granulated =200
150 g de sucre semoule => 150 g sugar-granulated =150
80 g de cassonade => 80 g sugar-brown =80
100 g de sucre roux => 100 g sugar-brown =100
2 c. à soupe de sucre glace => 2 tbsp sugar-powdered
2 cuil. à soupe de miel => 2 tbsp honey
1 càs de fécule de maïs => 1 tbsp starch-corn
1 CS de rhum => 1 tbsp rum
1 cc de cannelle => 1 tsp cinnamon
1 c.à.c. de vanille liquide => 1 tsp vanilla-extract
1 cuillère à café rase de sel => 1 tsp salt-table
1 pincée de sel => 1 pinch salt-table
une pincée de sel fin => 1 pinch salt-table
3 oeufs entiers => 3 each egg-whole
4 gros œufs => 4 each egg-whole
2 œufs moyens + 1 jaune => 2 each egg-whole && 1 each egg-yolk count
3 blancs d'œufs => 3 each egg-white
6 jaunes d'oeufs => 6 each egg-yolk
25 cl de lait entier => 250 ml milk-whole
50 cl de crème liquide entière => 500 ml cream-heavy
10 cl d'eau tiède => 100 ml water
1/2 litre de lait => 1/2 l milk-whole
2 dl de crème => 2 dl cream-heavy
20cl de crème fraîche épaisse => 200 ml creme-fraiche
1 yaourt nature (125 g) => 1 each yogurt-plain =125
1 pot de yaourt => 1 each yogurt-plain
2 pots de sucre => 2 each sugar-granulated
250 g de mascarpone => 250 g mascarpone =250
200 g de fromage blanc => 200 g quark =200
200 g de chocolat noir pâtissier => 200 g chocolate-dark =200
200g de chocolat noir à 70% => 200 g chocolate-dark =200
100 g de pépites de chocolat => 100 g chocolate-chips =100
1 tablette de chocolat noir (100 g) => 1 each chocolate-dark =100
30 g de cacao en poudre non sucré => 30 g cocoa =30
100 g de poudre d'amandes => 100 g almond-ground =100
125 g d'amandes en poudre => 125 g almond-ground =125
50 g d'amandes effilées => 50 g almonds =50
60 g de noisettes concassées => 60 g hazelnuts =60
100 g de poudre de noisette => 100 g flour-hazelnut =100
80 g de noix de coco râpée => 80 g coconut-desiccated =80
1 gousse de vanille => 1 each vanilla-bean
1 c. à café d'extrait de vanille => 1 tsp vanilla-extract
2 cuillères à soupe d'eau de fleur d'oranger => 2 tbsp orange-flower-water
le zeste d'un citron bio => 1 each zest-lemon
le jus et le zeste d'un citron => 1 each juice-lemon && 1 each zest-lemon count
jus d'un demi-citron => 1/2 each juice-lemon
1 citron non traité (zeste) => 1 each zest-lemon
4 pommes => 4 each apple
3 bananes bien mûres => 3 each banana
500 g de poires => 500 g pear =500
250 g de framboises surgelées => 250 g raspberries =250
100 g de raisins secs => 100 g raisins =100
10 pruneaux dénoyautés => 10 each prunes
2 feuilles de gélatine => 2 each gelatin-leaf
5 cl d'huile de tournesol => 50 ml oil-vegetable
1/2 verre d'huile => 1/2 cup oil-vegetable
huile pour le moule => - - oil-vegetable
sel, poivre => - - salt-table
farine pour le plan de travail => - - flour-wheat-all-purpose
sucre glace pour la déco => - - sugar-powdered
1 cuillère à soupe bombée de cacao => 1 tbsp cocoa
1 demi-sachet de levure => 1/2 packet yeast-active-dry
1 bonne cuillère à soupe de confiture d'abricots => 1 tbsp jam
3 c. à s. d'huile d'olive => 3 tbsp oil-olive
150 g de fécule de pomme de terre => 150 g starch-potato =150
200 g de flocons d'avoine => 200 g oats-rolled =200
2 tasses (500 ml) de farine => 2 cup flour-wheat-all-purpose
1 tasse de sucre => 1 cup sugar-granulated
5 ml (1 c. à thé) de poudre à pâte => 5 ml baking-powder
2,5 ml de bicarbonate de soude => 2 1/2 ml baking-soda
125 ml (1/2 tasse) de cassonade => 125 ml sugar-brown
60 ml de sirop d'érable => 60 ml syrup-maple
1 sachet (8 g) de levure instantanée => 1 packet yeast-instant =8
100 g de levain liquide => 100 g sourdough-starter =100
10 g de sel => 10 g salt-table =10
Pour la pâte : => heading
1 boîte de lait concentré sucré (397 g) => 1 each milk-condensed-sweetened =397
`;
