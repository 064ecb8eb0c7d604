/** Lines in the manner of American books and recipe cards. */
export const AMERICAN_BOOKS = String.raw`
1 dozen eggs => 12 each egg-whole (large) count; assumed-kind
half a dozen eggs => 6 each egg-whole (large) count; assumed-kind
6 eggs, separated => 6 each egg-whole (large) count; assumed-kind
3 cloves garlic, minced => 3 each garlic count
4 slices white bread => 4 each bread-white count
2 Tbsp. honey => 2 tbsp honey poured
1 c. butter => 1 cup butter pressed
3 T. sugar => 3 tbsp sugar-granulated level; assumed-kind
1 t. salt => 1 tsp salt-table level; assumed-kind
2 1/2 c. flour, sifted with => 2 1/2 cup flour-wheat-all-purpose spooned; assumed-kind order-after
1 tsp. cream of tartar => 1 tsp cream-of-tartar level
1 (12 oz) bag chocolate chips => 1 each chocolate-chips =340.2 g; assumed-kind
1 12-ounce bag semisweet chocolate chips => 1 each chocolate-chips =340.2 g
One 15-ounce can pumpkin puree => 1 each pumpkin-puree =425.2 g
1 can (14 ounces) sweetened condensed milk => 1 each milk-condensed-sweetened =396.9 g
1 (1/4 ounce) package active dry yeast => 1 packet yeast-active-dry (packet) =7.1 g
1 pkg. dry yeast => 1 packet yeast-active-dry (packet); assumed-kind
2 pkgs (8 oz each) cream cheese => 2 packet cream-cheese =453.6 g
1 box (16 oz) powdered sugar => 1 each sugar-powdered =453.6 g
1 cup (250 ml) milk, lukewarm => 1 cup milk-whole poured; assumed-kind
1 cup (8 fl oz) buttermilk => 1 cup buttermilk poured
1 cup/150g plain flour => 1 cup flour-wheat-all-purpose spooned =150.0 g
1 cup | 120 grams | all-purpose flour => 1 cup flour-wheat-all-purpose spooned =120.0 g
120 grams (1 cup) all-purpose flour => 120 g flour-wheat-all-purpose =120.0 g
4 1/4 oz. (1 cup) all-purpose flour => 4 1/4 oz flour-wheat-all-purpose =120.5 g; ounce-read-as
4.25 ounces all-purpose flour (about 1 cup; 120g) => 4 1/4 oz flour-wheat-all-purpose =120.5 g; ounce-read-as
All-purpose flour, 1 1/2 cups (190 g) => 1 1/2 cup flour-wheat-all-purpose spooned =190.0 g
Salt: 1/2 teaspoon => 1/2 tsp salt-table level; assumed-kind
Sugar 3/4 c. => 3/4 cup sugar-granulated level; assumed-kind
Oleo 1 stick => 1 stick margarine (stick) block
2 c oatmeal => 2 cup oats-rolled level
2 cups quick oats => 2 cup oats-rolled level
2 cups old-fashioned rolled oats => 2 cup oats-rolled level
1/2 cup Dutch-process cocoa powder, sifted => 1/2 cup cocoa spooned; order-after
½ cup unsweetened cocoa powder (not Dutch process) => 1/2 cup cocoa spooned
1 Tbsp + 1 tsp baking powder => 1 1/3 tbsp baking-powder level
1 tablespoon and 1 teaspoon baking powder => 1 1/3 tbsp baking-powder level
1/4 cup plus 2 tablespoons honey => 3/8 cup honey poured
1 cup minus 2 tbsp all-purpose flour => 7/8 cup flour-wheat-all-purpose spooned
1 cup less 2 tablespoons flour => 7/8 cup flour-wheat-all-purpose spooned; assumed-kind
scant 1/2 cup sugar => 1/2 cup sugar-granulated level +scant; assumed-kind nominal-size
a heaping cup of chocolate chips => 1 cup chocolate-chips level +heaped; assumed-kind nominal-size
heaping 1/4 teaspoon salt => 1/4 tsp salt-table level +heaped; assumed-kind nominal-size
generous pinch of salt => 1 pinch salt-table level +generous; assumed-kind nominal-size nominal-size
big pinch of sea salt => 1 pinch salt-table level; kind-ambiguous nominal-size
two pinches of salt => 2 pinch salt-table level; assumed-kind nominal-size
a few drops vanilla extract => - - vanilla-extract; no-amount
1/8 tsp. ground cloves => 1/8 tsp cloves-ground level
dash nutmeg => 1 dash nutmeg level; nominal-size
1 dash of nutmeg => 1 dash nutmeg level; nominal-size
1 cup firmly packed dark brown sugar => 1 cup sugar-brown packed
1 cup brown sugar (packed) => 1 cup sugar-brown packed
1 cup brown sugar - packed => 1 cup sugar-brown packed
3/4 cup lightly packed light brown sugar => 3/4 cup sugar-brown loose
1 cup loosely packed brown sugar => 1 cup sugar-brown loose
1 1/2 sticks (3/4 cup) unsalted butter at room temperature => 1 1/2 stick butter (stick) block
1 stick butter => 1 stick butter (stick) block
½ stick (¼ cup / 57g) cold butter, cubed => 1/2 stick butter (stick) block =57.0 g; order-after
12 tablespoons (1 1/2 sticks) unsalted butter => 12 tbsp butter pressed
6 tablespoons butter, melted => 6 tbsp butter pressed; order-after
6 tablespoons melted butter => 6 tbsp butter melted; order-before
1/2 cup butter, browned and cooled => 1/2 cup butter pressed
1/3 cup vegetable oil => 1/3 cup oil-vegetable poured
1/3 cup coconut oil, melted => 1/3 cup oil-coconut pressed; order-after
1/3 cup melted coconut oil => 1/3 cup oil-coconut melted; order-before
8 ounces sour cream => 8 oz cream-sour =226.8 g; ounce-ambiguous
8 oz cream cheese => 8 oz cream-cheese =226.8 g; ounce-ambiguous
8 oz milk => 8 fl-oz milk-whole poured; assumed-kind ounce-read-as
8 oz. honey => 8 oz honey =226.8 g; ounce-ambiguous
8 ounces heavy cream => 8 fl-oz cream-heavy (fluid) poured; ounce-read-as
16 oz powdered sugar => 16 oz sugar-powdered =453.6 g; ounce-read-as
2 lbs apples, peeled and sliced => 2 lb apple =907.2 g
3 medium apples, peeled, cored and chopped => 3 each apple (medium) count
2 cups grated carrots (about 4 medium) => 2 cup carrot (grated) level
2 cups carrots, grated => 2 cup carrot (grated) level
1 cup cheddar, shredded => 1 cup cheddar (shredded) level
1 cup shredded cheddar cheese => 1 cup cheddar (shredded) level
4 oz cheddar cheese, grated => 4 oz cheddar =113.4 g; ounce-read-as
1 cup finely chopped walnuts => 1 cup walnuts (chopped) level; order-before
1 cup walnuts, finely chopped => 1 cup walnuts (halves) level; order-after
1 cup toasted walnuts, chopped => 1 cup walnuts (halves) level; order-after
3/4 cup chopped toasted pecans => 3/4 cup pecans (chopped) level; order-before
1/2 cup slivered almonds => 1/2 cup almonds (slivered) level; order-before
½ cup sliced almonds, plus extra to scatter => 1/2 cup almonds (sliced) level; extra order-before
1 cup mini chocolate chips => 1 cup chocolate-chips (mini) level; assumed-kind
1 cup raisins (or dried cranberries) => 1 cup raisins level; alternative
1 cup unsweetened applesauce => 1 cup applesauce pressed
2 very ripe bananas, mashed => 2 each banana (medium) count; assumed-kind
1 1/2 cups mashed very ripe bananas => 1 1/2 cup banana (mashed) pressed
3 overripe bananas => 3 each banana (medium) count; assumed-kind
1 15 oz can pumpkin purée => 1 each pumpkin-puree =425.2 g
1 (13.5-oz) can coconut milk => 13 1/2 fl-oz milk-coconut-canned poured; ounce-read-as
14 oz can sweetened condensed milk => 14 oz milk-condensed-sweetened =396.9 g; ounce-ambiguous
1 12 oz. can evaporated milk => 12 fl-oz milk-evaporated poured; ounce-read-as
2 Tbs unsalted butter, melted => 2 tbsp butter pressed; order-after
1 1/2 c all purpose flour => 1 1/2 cup flour-wheat-all-purpose spooned
3/4 c packed brown sugar => 3/4 cup sugar-brown packed
1/2 t baking soda => 1/2 tsp baking-soda level
2 T cornstarch => 2 tbsp starch-corn spooned
1/3 c veg. oil => 1/3 cup oil-vegetable poured
1 pt heavy cream => 1 pint cream-heavy (fluid) poured
1 qt. buttermilk => 1 quart buttermilk poured
2 lb. 8 oz. bread flour => 2 1/2 lb flour-wheat-bread =1134.0 g
1/2 lb butter (2 sticks) => 1/2 lb butter =226.8 g
5 T butter, melted & cooled => 5 tbsp butter pressed; order-after
1 pkg (1/4 oz) yeast => 1 packet yeast-active-dry (packet) =7.1 g; kind-ambiguous
1/4 c. warm water => 1/4 cup water poured
1 egg (beaten) => 1 each egg-whole (large) count; assumed-kind
1 c. boiling water => 1 cup water poured
3/4 tsp. salt => 3/4 tsp salt-table level; assumed-kind
2/3 c. milk or cream => 2/3 cup milk-whole poured; alternative assumed-kind
6 Tbsp. (3/4 stick) butter => 6 tbsp butter pressed
1 Tbsp. grated orange peel => 1 tbsp zest-orange level
1/2 cup water, or as needed => 1/2 cup water poured
1 c. raisins, plumped => 1 cup raisins level
1 stick oleo or butter => 1 stick margarine (stick) block; alternative
1 c. coconut => 1 cup coconut-desiccated level; assumed-kind
1 8-oz. container sour cream => 1 each cream-sour =226.8 g
2 (8-oz.) pkgs. cream cheese, softened => 2 packet cream-cheese =453.6 g
1 cup plus 2 Tbsp. cake flour, sifted => 1 1/8 cup flour-wheat-cake spooned; order-after
½ tsp. each ground cinnamon and ground ginger => 1/2 tsp cinnamon level && 1/2 tsp ginger-ground level
1 vanilla bean, split lengthwise => 1 each vanilla-bean count
3 extra-large egg yolks => 3 each egg-yolk (large) count; assumed-kind
1½ cups (packed) dark brown sugar => 1 1/2 cup sugar-brown packed
2 1/4-ounce packages active dry yeast => 2 packet yeast-active-dry (packet) =14.2 g
1 sm. pkg. cream cheese => 1 packet cream-cheese
1 lg. can pumpkin => 1 each pumpkin-puree; assumed-kind
1 1/2-ounce package yeast => 1 packet yeast-active-dry (packet) =14.2 g; kind-ambiguous
2 14.5-oz cans coconut milk => 29 fl-oz milk-coconut-canned poured; ounce-read-as
2-1/4 teaspoons active dry yeast => 2 1/4 tsp yeast-active-dry level
3 large eggs => 3 each egg-whole (large) count
2 lg. eggs => 2 each egg-whole (large) count
1 medium banana => 1 each banana (medium) count
`;
