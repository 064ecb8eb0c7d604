/** Lines as German, Austrian and Swiss bakers write them, in metric spoons. */
export const GERMAN_COOKS = String.raw`
500 g Mehl (Type 405) => 500 g flour-wheat-all-purpose =500
500g Weizenmehl Type 550 => 500 g flour-wheat-all-purpose =500
250 g Dinkelmehl Type 630 => 250 g flour-spelt =250
200 g Roggenmehl Type 1150 => 200 g flour-rye-medium =200
1.000 g Mehl => 1000 g flour-wheat-all-purpose =1000
1,5 kg Mehl => 1 1/2 kg flour-wheat-all-purpose =1500
¼ l Milch => 1/4 l milk-whole
1/8 l lauwarme Milch => 1/8 l milk-whole
125 ml Schlagsahne => 125 ml cream-heavy
1 Becher Schlagsahne (200 g) => 1 each cream-heavy =200
1 Becher Schmand => 1 each creme-fraiche
200 g Schmand => 200 g creme-fraiche =200
250 g Magerquark => 250 g quark =250
500 g Speisequark (20 % Fett) => 500 g quark =500
1 Pck. Vanillezucker => 1 packet sugar-vanilla
2 Päckchen Vanillezucker => 2 packet sugar-vanilla
1 Pck. Backpulver => 1 packet baking-powder
1/2 Päckchen Backpulver => 1/2 packet baking-powder
1 Pkg. Backpulver => 1 packet baking-powder
3 gestr. TL Backpulver => 3 tsp baking-powder
2 gestr. EL Kakao => 2 tbsp cocoa
1 geh. EL Speisestärke => 1 tbsp starch-corn
1 Msp. Natron => 1 dash baking-soda
1 Prise(n) Salz => 1 pinch salt-table
etwas Salz => - - salt-table
1 Würfel Hefe (42 g) => 1 each yeast-fresh =42
1/2 Würfel frische Hefe => 1/2 each yeast-fresh
1 Würfel Hefe => 1 each yeast-fresh
1 Pck. Trockenhefe => 1 packet yeast-active-dry
20 g frische Hefe => 20 g yeast-fresh =20
4 Eier => 4 each egg-whole
5 Ei(er) => 5 each egg-whole
3 Eier (Gr. M) => 3 each egg-whole
2 Eier Größe L => 2 each egg-whole
4 Eigelb => 4 each egg-yolk
3 Eiweiß => 3 each egg-white
150 g Butter, weich => 150 g butter =150
150 g weiche Butter oder Margarine => 150 g butter =150
etwas Butter für die Form => - - butter
Fett für die Form => unread
Puderzucker zum Bestäuben => - - sugar-powdered
100 g gemahlene Haselnüsse => 100 g flour-hazelnut =100
200 g gemahlene Mandeln (ohne Schale) => 200 g almond-ground =200
50 g Mandelblättchen => 50 g almonds =50
100 g Mandelstifte => 100 g almonds =100
80 g gehackte Walnüsse => 80 g walnuts =80
100 g Zartbitterschokolade, gehackt => 100 g chocolate-dark =100
200 g Kuvertüre, zartbitter => 200 g chocolate-dark =200
75 g Schokotropfen => 75 g chocolate-chips =75
1 Tafel Zartbitterschokolade (100 g) => 1 each chocolate-dark =100
1 unbehandelte Zitrone, Saft und Schale => 1 each juice-lemon && 1 each zest-lemon count
abgeriebene Schale von 1 Bio-Zitrone => 1 each zest-lemon
Saft von 1/2 Zitrone => 1/2 each juice-lemon
Saft und Abrieb einer Orange => 1 each juice-orange && 1 each zest-orange count
1 EL Zitronensaft => 1 tbsp juice-lemon
2 EL Rum => 2 tbsp rum
4 cl Rum => 40 ml rum
1 Fläschchen Rumaroma => 1 each rum-extract
3 Tropfen Bittermandelaroma => 3 drop almond-extract
1 TL Zimt, gemahlen => 1 tsp cinnamon
1/2 TL Kardamom => 1/2 tsp cardamom-ground
2 TL Lebkuchengewürz => 2 tsp gingerbread-spice
1 TL Hirschhornsalz => 1 tsp bakers-ammonia
5 g Pottasche => 5 g potash =5
1 Pck. Puddingpulver Vanille => 1 packet custard-powder
1 Päckchen Vanillepuddingpulver zum Kochen => 1 packet custard-powder
6 Blatt Gelatine => 6 each gelatin-leaf
1 Vanilleschote, Mark davon => 1 each vanilla-bean
250 g Zwetschgen, entsteint => 250 g plums =250
1 kg Äpfel (z. B. Boskop) => 1 kg apple =1000
2 reife Bananen => 2 each banana
500 g TK-Himbeeren => 500 g raspberries =500
1 Glas Sauerkirschen (Abtropfgewicht 350 g) => 1 each cherries-sour =350
1 Dose Aprikosen (480 g) => 1 each apricots-fresh =480
100 g Rosinen => 100 g raisins =100
50 g Orangeat => 50 g peel-candied =50
50 g Zitronat, fein gewürfelt => 50 g peel-candied =50
3 EL Aprikosenmarmelade => 3 tbsp jam
200 g Marzipanrohmasse => 200 g almond-paste =200
2 EL Honig => 2 tbsp honey
1 EL Zuckerrübensirup => 1 tbsp syrup-beet
80 ml Sonnenblumenöl => 80 ml oil-vegetable
1 Tasse Zucker => 1 cup sugar-granulated
300 ml Mineralwasser mit Kohlensäure => 300 ml soda-water
10 g Salz => 10 g salt-table =10
1 EL Sauerteig => 1 tbsp sourdough-starter
150 g Anstellgut => 150 g sourdough-starter =150
2 Scheiben Toast => 2 each bread-white
Für den Teig: => heading
Mehl für die Arbeitsfläche => - - flour-wheat-all-purpose
175 g Rohrzucker => 175 g sugar-turbinado =175
20 dag Mehl => 200 g flour-wheat-all-purpose =200
10 dag Staubzucker => 100 g sugar-powdered =100
1 Pkg. Germ => 1 packet yeast-active-dry
250 g Topfen => 250 g quark =250
1/4 l Schlagobers => 1/4 l cream-heavy
`;
