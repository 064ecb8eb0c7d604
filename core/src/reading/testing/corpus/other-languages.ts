/** Lines in German, in metric spoons. */
export const GERMAN_LINES = String.raw`
250 g Mehl => 250 g flour-wheat-all-purpose =250.0 g; assumed-kind
2 EL Zucker => 2 tbsp sugar-granulated level; assumed-kind
1 TL Backpulver => 1 tsp baking-powder level
1 gestrichener TL Salz => 1 tsp salt-table level; assumed-kind
2 gehäufte EL Kakao => 2 tbsp cocoa spooned +heaped; nominal-size
½ TL Zimt => 1/2 tsp cinnamon level
1 1/2 EL Honig => 1 1/2 tbsp honey poured
ein halber TL Natron => 1/2 tsp baking-soda level
eine Prise Salz => 1 pinch salt-table level; assumed-kind nominal-size
3 Eier (Größe M) => 3 each egg-whole (M (Europe)) count
100 g weiche Butter => 100 g butter =100.0 g
100 g Butter, geschmolzen => 100 g butter =100.0 g
200 ml lauwarme Milch => 200 ml milk-whole poured; assumed-kind
1 Päckchen Trockenhefe => 1 packet yeast-active-dry (packet)
1/2 Würfel frische Hefe => 1/2 each yeast-fresh (cube) count
50 g gemahlene Mandeln => 50 g almond-ground =50.0 g
2 EL gehackte Walnüsse => 2 tbsp walnuts (chopped) level; order-before
0,5 l Milch => 1/2 l milk-whole poured; assumed-kind
1,5 TL Salz => 1 1/2 tsp salt-table level; assumed-kind
Saft einer Zitrone => 1 each juice-lemon (of one fruit) count; nominal-size
2-3 EL Wasser => 2..3 tbsp water poured
300 g gesiebtes Mehl => 300 g flour-wheat-all-purpose =300.0 g; assumed-kind
4 Eigelb => 4 each egg-yolk (large) count; assumed-kind
1 Pfund Mehl => 500 g flour-wheat-all-purpose =500.0 g; assumed-kind
Mehl zum Bestäuben => - - flour-wheat-all-purpose; assumed-kind no-amount place
2 EL Öl oder Butter => 2 tbsp oil-vegetable poured; alternative assumed-kind
`;

/** Lines in French, in metric spoons. */
export const FRENCH_LINES = String.raw`
200 g de farine => 200 g flour-wheat-all-purpose =200.0 g; assumed-kind
2 c. à s. de sucre => 2 tbsp sugar-granulated level; assumed-kind
1 c. à c. de sel => 1 tsp salt-table level; assumed-kind
1 cuillère à soupe d'huile d'olive => 1 tbsp oil-olive poured
1 pincée de sel => 1 pinch salt-table level; assumed-kind nominal-size
3 œufs => 3 each egg-whole (large) count; assumed-kind
3 œufs moyens => 3 each egg-whole (M (Europe)) count
2 gros œufs => 2 each egg-whole (L (Europe)) count
100 g de beurre fondu => 100 g butter =100.0 g
25 cl de lait => 250 ml milk-whole poured; assumed-kind
1/2 sachet de levure => 1/2 packet yeast-active-dry (packet); kind-ambiguous
une cuillère à café et demie de cannelle => 1 1/2 tsp cinnamon level
le jus d'un citron => 1 each juice-lemon (of one fruit) count; nominal-size
2 jaunes d'œufs => 2 each egg-yolk (large) count; assumed-kind
50 g de noix hachées => 50 g walnuts =50.0 g
150 g de sucre glace => 150 g sugar-powdered =150.0 g
1 demi-cuillère à café de bicarbonate de soude => 1/2 tsp baking-soda level
125 g de beurre mou => 125 g butter =125.0 g
2 c. à café de levure chimique => 2 tsp baking-powder level
1 yaourt nature => 1 each yogurt-plain
`;
