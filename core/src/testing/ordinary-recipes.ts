/*
 * Ordinary recipes as they stand in ordinary books: title, then ingredient lines, parted by " | ".
 * No alarm is right for any of them, and none is made to keep.
 */
export const ORDINARY_RECIPES = `
Chocolate chip cookies | 2 1/4 cups all-purpose flour | 1 tsp baking soda | 1 tsp salt | 1 cup butter | 3/4 cup granulated sugar | 3/4 cup brown sugar | 2 large eggs | 1 tsp vanilla extract | 2 cups chocolate chips
Oatmeal raisin cookies | 1 cup butter | 1 cup brown sugar | 1/2 cup granulated sugar | 2 eggs | 1 1/2 cups flour | 1 tsp baking soda | 1 tsp cinnamon | 1/2 tsp salt | 3 cups rolled oats | 1 cup raisins
Oat biscuits with soda | 1 cup flour | 1 cup rolled oats | 1 cup desiccated coconut | 3/4 cup brown sugar | 125 g butter | 2 tbsp golden syrup | 1 1/2 tsp baking soda | 2 tbsp water
Peanut butter cookies | 1/2 cup butter | 1/2 cup peanut butter | 1/2 cup sugar | 1/2 cup brown sugar | 1 egg | 1 1/4 cups flour | 3/4 tsp baking soda | 1/2 tsp baking powder | 1/4 tsp salt
Sugar cookies | 2 3/4 cups flour | 1 tsp baking soda | 1/2 tsp baking powder | 1 cup butter | 1 1/2 cups sugar | 1 egg | 1 tsp vanilla extract
Snickerdoodles | 1 cup butter | 1 1/2 cups sugar | 2 eggs | 2 3/4 cups flour | 2 tsp cream of tartar | 1 tsp baking soda | 1/4 tsp salt | 3 tbsp sugar | 3 tsp cinnamon
Ginger snaps | 3/4 cup shortening | 1 cup brown sugar | 1 egg | 1/4 cup molasses | 2 1/4 cups flour | 2 tsp baking soda | 1 tsp cinnamon | 1 tsp ground ginger | 1/2 tsp ground cloves | 1/4 tsp salt
Gingerbread men | 3 cups flour | 1 tsp baking soda | 3/4 tsp cinnamon | 3/4 tsp ground ginger | 1/2 tsp allspice | 1/2 tsp ground cloves | 1/2 tsp salt | 1/2 cup butter | 1/2 cup brown sugar | 1 egg | 2/3 cup molasses
Shortbread | 2 cups flour | 1 cup butter | 1/2 cup sugar | 1/4 tsp salt
Linzer cookies | 200 g flour | 150 g ground almonds | 150 g butter | 100 g sugar | 1 egg | 1 tsp cinnamon | 1/4 tsp ground cloves | 100 g jam
Vanilla crescents | 280 g flour | 100 g ground almonds | 70 g sugar | 200 g butter | 2 packets vanilla sugar
Cinnamon stars | 300 g ground almonds | 200 g powdered sugar | 2 egg whites | 2 tsp cinnamon
Speculoos | 250 g flour | 125 g butter | 100 g brown sugar | 1 egg | 2 tsp cinnamon | 1/2 tsp ground cloves | 1/4 tsp nutmeg | 1/2 tsp baking powder
Honey biscuits | 250 g honey | 100 g sugar | 500 g flour | 1 egg | 10 g baker's ammonia | 2 tsp cinnamon
Pepper nuts | 500 g flour | 250 g honey | 150 g sugar | 2 eggs | 1 tsp baking soda | 1 tsp cinnamon | 1/2 tsp ground cloves | 1/2 tsp black pepper
Brownies | 1/2 cup butter | 1 cup sugar | 2 eggs | 1 tsp vanilla extract | 1/3 cup cocoa | 1/2 cup flour | 1/4 tsp salt | 1/4 tsp baking powder
Fudgy brownies | 200 g dark chocolate | 150 g butter | 250 g sugar | 3 eggs | 80 g flour | 20 g cocoa | 1/2 tsp salt
Blondies | 1/2 cup butter | 1 cup brown sugar | 1 egg | 1 tsp vanilla extract | 1 cup flour | 1/4 tsp salt
Lemon bars | 1 cup butter | 2 cups flour | 1/2 cup powdered sugar | 4 eggs | 1 1/2 cups sugar | 1/4 cup flour | 2/3 cup lemon juice
Flapjacks | 250 g rolled oats | 125 g butter | 125 g brown sugar | 3 tbsp golden syrup | 1/4 tsp salt
Granola bars | 2 cups rolled oats | 1/2 cup honey | 1/2 cup peanut butter | 1/2 cup raisins | 1/2 tsp salt
Granola | 4 cups rolled oats | 1 cup almonds | 1/2 cup maple syrup | 1/4 cup vegetable oil | 1 tsp cinnamon | 1/2 tsp salt
Banana bread | 2 cups flour | 1 tsp baking soda | 1/4 tsp salt | 1/2 cup butter | 3/4 cup brown sugar | 2 eggs | 3 bananas
Banana muffins | 1 1/2 cups flour | 1 tsp baking powder | 1 tsp baking soda | 1/2 tsp salt | 3 bananas | 3/4 cup sugar | 1 egg | 1/3 cup butter
Blueberry muffins | 2 cups flour | 3/4 cup sugar | 2 1/2 tsp baking powder | 1/2 tsp salt | 3/4 cup milk | 1/3 cup vegetable oil | 1 egg | 1 cup blueberries
Bran muffins | 1 1/2 cups wheat bran | 1 cup buttermilk | 1/3 cup vegetable oil | 1 egg | 2/3 cup brown sugar | 1 cup flour | 1 tsp baking soda | 1 tsp baking powder | 1/2 tsp salt
Corn muffins | 1 cup cornmeal | 1 cup flour | 1/3 cup sugar | 2 tsp baking powder | 1/2 tsp salt | 1 egg | 1/4 cup vegetable oil | 1 cup milk
Corn bread | 1 cup cornmeal | 1 cup flour | 1 tbsp baking powder | 1 tsp salt | 2 tbsp sugar | 1 cup milk | 2 eggs | 1/4 cup butter
Buttermilk biscuits | 2 cups flour | 1 tbsp baking powder | 1/4 tsp baking soda | 1 tsp salt | 6 tbsp butter | 3/4 cup buttermilk
Drop biscuits | 2 cups flour | 1 tbsp baking powder | 2 tsp sugar | 1/2 tsp cream of tartar | 1/4 tsp salt | 1/2 cup butter | 1 cup milk
Scones | 225 g self-raising flour | 1 tsp baking powder | 50 g butter | 25 g caster sugar | 150 ml milk | pinch of salt
Cheese scones | 225 g self-raising flour | 55 g butter | 120 g cheddar | 100 ml milk | 1 tsp mustard powder | 1/2 tsp salt
Pumpkin scones | 2 cups self-raising flour | 1 cup mashed pumpkin | 1 tbsp butter | 1/2 cup sugar | 1 egg | 1/4 tsp salt
Soda bread | 4 cups flour | 1 tsp baking soda | 1 tsp salt | 1 3/4 cups buttermilk
Brown soda bread | 450 g wholemeal flour | 1 tsp bicarbonate of soda | 1 tsp salt | 400 ml buttermilk
Pancakes | 1 1/2 cups flour | 3 1/2 tsp baking powder | 1/4 tsp salt | 1 tbsp sugar | 1 1/4 cups milk | 1 egg | 3 tbsp butter
Buttermilk pancakes | 2 cups flour | 2 tbsp sugar | 4 tsp baking powder | 1/2 tsp baking soda | 1/2 tsp salt | 2 cups buttermilk | 2 eggs | 3 tbsp butter
Crepes | 1 cup flour | 2 eggs | 1/2 cup milk | 1/2 cup water | 1/4 tsp salt | 2 tbsp butter
Waffles | 2 cups flour | 4 tsp baking powder | 1/4 tsp salt | 2 eggs | 1 3/4 cups milk | 1/2 cup vegetable oil | 1 tbsp sugar
Yorkshire puddings | 140 g plain flour | 4 eggs | 200 ml milk | 1/2 tsp salt
Popovers | 1 cup flour | 1/2 tsp salt | 2 eggs | 1 cup milk
White bread | 500 g bread flour | 10 g salt | 7 g instant yeast | 325 g water
Whole wheat bread | 3 cups whole wheat flour | 1 1/2 tsp salt | 2 1/4 tsp active dry yeast | 1 1/4 cups water | 2 tbsp honey | 2 tbsp vegetable oil
Baguettes | 500 g bread flour | 10 g salt | 3 g instant yeast | 350 g water
Ciabatta | 400 g bread flour | 8 g salt | 2 g instant yeast | 320 g water | 10 g olive oil
Focaccia | 500 g bread flour | 400 ml water | 7 g dried yeast | 10 g salt | 4 tbsp olive oil
Focaccia with salt crust | 4 cups flour | 2 tsp salt | 2 tsp instant yeast | 2 cups water | 4 tbsp olive oil | 1 tsp flaky sea salt
Pizza dough | 500 g 00 flour | 325 g water | 10 g salt | 3 g fresh yeast
Quick pizza dough | 2 1/2 cups flour | 2 1/4 tsp active dry yeast | 1 tsp sugar | 1 cup water | 2 tbsp olive oil | 1 tsp salt
Sandwich loaf | 3 cups flour | 1 tbsp sugar | 1 1/4 tsp salt | 1 1/2 tsp instant yeast | 1 cup milk | 2 tbsp butter
Milk bread | 350 g bread flour | 55 g sugar | 5 g salt | 7 g instant yeast | 1 egg | 120 g milk | 30 g butter
Brioche | 500 g flour | 60 g sugar | 10 g salt | 20 g fresh yeast | 6 eggs | 250 g butter
Hot cross buns | 450 g bread flour | 7 g dried yeast | 50 g sugar | 1 tsp salt | 1 tsp cinnamon | 1 tsp mixed spice | 1/4 tsp nutmeg | 50 g butter | 1 egg | 200 ml milk | 100 g raisins
Cinnamon rolls | 4 cups flour | 2 1/4 tsp active dry yeast | 1 cup milk | 1/3 cup butter | 1/2 cup sugar | 1 tsp salt | 2 eggs | 1 cup brown sugar | 2 1/2 tbsp cinnamon | 1/3 cup butter
Cinnamon buns | 500 g flour | 7 g instant yeast | 250 ml milk | 80 g butter | 80 g sugar | 1 tsp cardamom | 100 g butter | 100 g sugar | 2 tbsp cinnamon
Cardamom knots | 500 g flour | 25 g fresh yeast | 250 ml milk | 75 g butter | 85 g sugar | 2 tsp ground cardamom | 1/2 tsp salt
Braided loaf | 4 cups flour | 1 tbsp active dry yeast | 2 eggs | 1/4 cup sugar | 1/3 cup vegetable oil | 2 tsp salt | 3/4 cup water
Bagels | 4 cups bread flour | 1 tbsp sugar | 2 tsp salt | 1 tbsp vegetable oil | 2 tsp instant yeast | 1 1/4 cups water
Soft pretzels | 1 1/2 cups water | 1 tbsp sugar | 2 tsp salt | 2 1/4 tsp active dry yeast | 4 1/2 cups flour | 4 tbsp butter | 10 cups water | 2/3 cup baking soda | 1 egg yolk | pretzel salt
Laugenbrezeln | 500 g Mehl | 1 TL Salz | 21 g frische Hefe | 280 ml Wasser | 30 g Butter | 3 EL Natron | 1 l Wasser
Dinner rolls | 3 cups flour | 2 1/4 tsp instant yeast | 1/4 cup sugar | 1 tsp salt | 1 cup milk | 1 egg | 1/4 cup butter
Rye bread | 350 g dark rye flour | 150 g bread flour | 10 g salt | 5 g instant yeast | 400 g water | 1 tbsp caraway seeds
Rye crispbread | 200 g rye flour | 100 g flour | 1 tsp salt | 5 g fresh yeast | 180 ml water
Sourdough bread | 400 g bread flour | 100 g whole wheat flour | 350 g water | 100 g sourdough starter | 10 g salt
Flatbreads | 250 g self-raising flour | 250 g plain yogurt | 1/2 tsp baking powder | 1/2 tsp salt
Naan | 2 cups flour | 1 tsp instant yeast | 1 tsp sugar | 1/2 tsp salt | 1/2 cup yogurt | 1/2 cup water | 2 tbsp oil
Pita | 3 cups flour | 1 1/2 tsp salt | 2 tsp instant yeast | 1 1/4 cups water | 2 tbsp olive oil
Flour tortillas | 2 cups flour | 1 1/2 tsp baking powder | 1 tsp salt | 2 tsp vegetable oil | 3/4 cup milk
Crackers | 1 cup flour | 1/2 tsp salt | 2 tbsp olive oil | 1/3 cup water | 1 tsp flaky salt
Cheese straws | 150 g flour | 100 g butter | 100 g cheddar | 1/2 tsp cayenne | 1/2 tsp salt
Grissini | 250 g flour | 5 g salt | 4 g instant yeast | 150 g water | 20 g olive oil
Victoria sponge | 200 g self-raising flour | 200 g caster sugar | 200 g butter | 4 eggs | 1 tsp baking powder | 2 tbsp milk
Sponge with jam | 4 eggs | 120 g sugar | 120 g flour | 100 g strawberry jam
Genoise | 4 eggs | 125 g sugar | 125 g flour | 40 g butter
Angel food cake | 1 cup cake flour | 1 1/2 cups sugar | 12 egg whites | 1 1/2 tsp cream of tartar | 1/4 tsp salt | 1 1/2 tsp vanilla extract
Chiffon cake | 2 cups flour | 1 1/2 cups sugar | 1 tbsp baking powder | 1 tsp salt | 1/2 cup vegetable oil | 7 eggs | 3/4 cup water | 2 tsp vanilla extract
Pound cake | 1 cup butter | 2 cups sugar | 4 eggs | 2 1/2 cups flour | 1/2 tsp salt | 1 tsp vanilla extract
Lemon drizzle cake | 225 g butter | 225 g caster sugar | 4 eggs | 225 g self-raising flour | 1 tsp baking powder | 85 g caster sugar | 2 tbsp lemon juice
Chocolate cake | 2 cups sugar | 1 3/4 cups flour | 3/4 cup cocoa | 1 1/2 tsp baking powder | 1 1/2 tsp baking soda | 1 tsp salt | 2 eggs | 1 cup milk | 1/2 cup vegetable oil | 2 tsp vanilla extract | 1 cup water
Devil's food cake | 1/2 cup butter | 1 1/2 cups sugar | 2 eggs | 2 cups cake flour | 2/3 cup cocoa | 1 1/4 tsp baking soda | 1/2 tsp salt | 1 cup buttermilk
Red velvet cake | 2 1/2 cups flour | 1 1/2 cups sugar | 1 tsp baking soda | 1 tsp salt | 1 tsp cocoa | 1 1/2 cups vegetable oil | 1 cup buttermilk | 2 eggs | 1 tsp white vinegar | 1 tsp vanilla extract
Carrot cake | 2 cups flour | 2 tsp baking soda | 1/2 tsp salt | 2 tsp cinnamon | 3 eggs | 3/4 cup buttermilk | 3/4 cup vegetable oil | 1 1/2 cups sugar | 2 tsp vanilla extract | 2 cups grated carrots | 1 cup chopped walnuts
Spice cake | 2 1/4 cups flour | 1 tsp baking powder | 3/4 tsp baking soda | 1 tsp salt | 3/4 tsp ground cloves | 3/4 tsp cinnamon | 1 cup sugar | 3/4 cup butter | 3 eggs | 1 cup buttermilk
Apple cake | 2 cups flour | 2 cups sugar | 2 tsp cinnamon | 1 tsp baking soda | 1/2 tsp salt | 2 eggs | 1/2 cup vegetable oil | 4 cups diced apple
Applesauce cake | 1 3/4 cups flour | 1 tsp baking soda | 1 tsp cinnamon | 1/2 tsp ground cloves | 1/4 tsp salt | 1/2 cup butter | 1 cup sugar | 1 egg | 1 cup applesauce | 1 cup raisins
Gingerbread | 2 1/2 cups flour | 1 1/2 tsp baking soda | 1 tsp cinnamon | 1 tsp ground ginger | 1/2 tsp ground cloves | 1/2 tsp salt | 1/2 cup butter | 1/2 cup sugar | 1 egg | 1 cup molasses | 1 cup hot water
Parkin | 225 g flour | 225 g oatmeal | 2 tsp ground ginger | 1 tsp bicarbonate of soda | 200 g golden syrup | 100 g treacle | 100 g butter | 1 egg | 100 ml milk
Fruit cake | 225 g flour | 1/4 tsp salt | 1/2 tsp mixed spice | 1/4 tsp nutmeg | 200 g butter | 200 g brown sugar | 4 eggs | 1 tbsp treacle | 800 g mixed dried fruit | 3 tbsp brandy
Upside-down cake | 1/4 cup butter | 2/3 cup brown sugar | 1 1/3 cups flour | 1 cup sugar | 1/3 cup shortening | 1 1/2 tsp baking powder | 1/2 tsp salt | 3/4 cup milk | 1 egg
Polenta and pear tin | 200 g polenta | 100 g ground almonds | 200 g butter | 200 g sugar | 3 eggs | 1 tsp baking powder | 2 pears
Olive oil cake | 1 3/4 cups flour | 1 tsp salt | 1/2 tsp baking soda | 1/2 tsp baking powder | 1 3/4 cups sugar | 3 eggs | 1 1/3 cups olive oil | 1 1/4 cups milk
Yogurt cake | 1 cup yogurt | 2 cups sugar | 3 cups flour | 1/2 cup oil | 3 eggs | 3 tsp baking powder
Marble cake | 250 g butter | 200 g sugar | 4 eggs | 300 g flour | 3 tsp baking powder | 100 ml milk | 20 g cocoa
Swiss roll | 3 eggs | 75 g caster sugar | 75 g flour | 100 g jam
Cupcakes | 1 1/2 cups flour | 1 1/2 tsp baking powder | 1/4 tsp salt | 2 eggs | 2/3 cup sugar | 1 1/2 sticks butter | 2 tsp vanilla extract | 1/2 cup milk
Coffee cake | 1 cup sour cream | 1 tsp baking soda | 1/2 cup butter | 1 cup sugar | 2 eggs | 1 1/2 cups flour | 1 1/2 tsp baking powder | 1/3 cup brown sugar | 2 tsp cinnamon
Streusel cake | 375 g flour | 20 g fresh yeast | 200 ml milk | 50 g sugar | 50 g butter | 300 g flour | 200 g butter | 150 g sugar
Cheesecake | 200 g digestive biscuit crumbs | 80 g butter | 900 g cream cheese | 200 g sugar | 200 ml sour cream | 3 eggs | 3 tbsp flour
Pie crust | 2 1/2 cups flour | 1 tsp salt | 1 cup butter | 6 tbsp ice water
Apple pie | 2 1/2 cups flour | 1 cup butter | 1 tsp salt | 6 cups sliced apples | 3/4 cup sugar | 1 tsp cinnamon | 1/4 tsp nutmeg | 2 tbsp flour
Pumpkin pie | 1 (15 oz) can pumpkin | 14 oz sweetened condensed milk | 2 eggs | 1 tsp cinnamon | 1/2 tsp ground ginger | 1/2 tsp nutmeg | 1/2 tsp salt
Pecan pie | 1 cup corn syrup | 3 eggs | 1 cup sugar | 2 tbsp butter | 1 tsp vanilla extract | 1 1/2 cups pecans | 1 cup flour | 1/2 cup butter
Lemon meringue pie | 1 cup sugar | 2 tbsp flour | 3 tbsp cornstarch | 1/4 tsp salt | 1 1/2 cups water | 1/2 cup lemon juice | 2 tbsp butter | 4 egg yolks | 4 egg whites | 6 tbsp sugar
Quiche | 200 g flour | 100 g butter | 3 eggs | 300 ml cream | 150 g bacon | 1/2 tsp salt | 1/4 tsp nutmeg
Choux puffs | 1 cup water | 1/2 cup butter | 1 cup flour | 1/4 tsp salt | 4 eggs
Apple crumble | 600 g apples | 150 g flour | 100 g butter | 100 g sugar | 1 tsp cinnamon
Cherry clafoutis | 500 g cherries | 4 eggs | 100 g sugar | 80 g flour | 250 ml milk | 1 tsp vanilla extract
Bread pudding | 6 slices bread | 2 tbsp butter | 1/2 cup raisins | 4 eggs | 2 cups milk | 3/4 cup sugar | 1 tsp cinnamon | 1 tsp vanilla extract
Rice pudding | 1/2 cup short-grain rice | 4 cups milk | 1/4 cup sugar | 1/4 tsp salt | 1 tsp vanilla extract | 1/2 tsp cinnamon
Custard | 2 cups milk | 4 egg yolks | 1/3 cup sugar | 2 tbsp cornstarch | 1 tsp vanilla extract
Panna cotta | 500 ml cream | 75 g sugar | 1 tsp vanilla extract | 10 g powdered gelatin
Milk jelly | 500 ml milk | 60 g sugar | 12 g powdered gelatin
Bavarian cream | 300 ml milk | 4 egg yolks | 100 g sugar | 8 g powdered gelatin | 300 ml cream
Marshmallows | 25 g powdered gelatin | 1 cup water | 1 1/2 cups sugar | 1 cup light corn syrup | 1/4 tsp salt | 1 tsp vanilla extract
Meringues | 4 egg whites | 200 g caster sugar | 1/4 tsp cream of tartar
Pavlova | 4 egg whites | 220 g caster sugar | 1 tsp white vinegar | 2 tsp cornflour | 300 ml cream
Macarons | 110 g ground almonds | 200 g powdered sugar | 90 g egg whites | 25 g sugar
Macaroons | 3 cups shredded coconut | 2/3 cup sugar | 3 egg whites | 1/4 tsp salt | 1 tsp almond extract
Almond biscuits | 200 g ground almonds | 150 g sugar | 2 egg whites | 1/2 tsp almond extract
Biscotti | 2 cups flour | 1 cup sugar | 1 tsp baking powder | 1/4 tsp salt | 3 eggs | 1 tsp vanilla extract | 1/2 tsp almond extract | 1 cup almonds
Doughnuts | 500 g flour | 7 g instant yeast | 60 g sugar | 8 g salt | 240 ml milk | 2 eggs | 80 g butter
Cake doughnuts | 2 cups flour | 1/2 cup sugar | 1 tsp salt | 1 tbsp baking powder | 1/4 tsp cinnamon | dash nutmeg | 2 tbsp butter | 1/2 cup milk | 1 egg
Churros | 1 cup water | 2 1/2 tbsp sugar | 1/2 tsp salt | 2 tbsp vegetable oil | 1 cup flour | 1/2 cup sugar | 1 tsp cinnamon
Gluten-free bread | 400 g gluten-free flour | 8 g xanthan gum | 7 g instant yeast | 8 g salt | 350 ml water | 2 eggs | 40 g oil
Gluten-free sponge | 200 g gluten-free flour | 1 tsp xanthan gum | 200 g sugar | 200 g butter | 4 eggs | 2 tsp baking powder
Flourless chocolate cake | 200 g dark chocolate | 150 g butter | 150 g sugar | 5 eggs | 1/4 tsp salt
Vegan chocolate cake | 1 1/2 cups flour | 1 cup sugar | 1/4 cup cocoa | 1 tsp baking soda | 1/2 tsp salt | 1/3 cup vegetable oil | 1 tsp vanilla extract | 1 tsp white vinegar | 1 cup water
Wacky cake | 3 cups flour | 2 cups sugar | 1/2 cup cocoa | 2 tsp baking soda | 1 tsp salt | 2 tbsp vinegar | 2 tsp vanilla extract | 3/4 cup oil | 2 cups water
Zucchini bread | 3 cups flour | 1 tsp salt | 1 tsp baking soda | 1 tsp baking powder | 3 tsp cinnamon | 3 eggs | 1 cup vegetable oil | 2 1/4 cups sugar | 3 tsp vanilla extract | 2 cups grated zucchini
Pumpkin bread | 1 (15 oz) can pumpkin | 4 eggs | 1 cup vegetable oil | 2/3 cup water | 3 cups sugar | 3 1/2 cups flour | 2 tsp baking soda | 1 1/2 tsp salt | 1 tsp cinnamon | 1 tsp nutmeg | 1/2 tsp ground cloves
Date loaf | 1 cup dates | 1 cup boiling water | 1 tsp baking soda | 1 tbsp butter | 3/4 cup sugar | 1 egg | 1 1/2 cups flour | 1/2 tsp salt
Sticky toffee pudding | 200 g dates | 250 ml water | 1 tsp bicarbonate of soda | 75 g butter | 150 g brown sugar | 2 eggs | 175 g self-raising flour
Irish tea loaf | 250 g mixed dried fruit | 200 ml tea | 150 g brown sugar | 250 g self-raising flour | 1 egg | 1 tsp mixed spice
Lamingtons | 125 g butter | 1 cup caster sugar | 3 eggs | 1 3/4 cups self-raising flour | 1/2 cup milk | 3 cups desiccated coconut
Jam drops | 125 g butter | 1/2 cup sugar | 1 egg | 1 1/2 cups self-raising flour | 1/4 cup jam
Damper | 3 cups self-raising flour | 1/2 tsp salt | 80 g butter | 3/4 cup milk
Pikelets | 1 cup self-raising flour | 1 tbsp sugar | 3/4 cup milk | 1 egg
Hefezopf | 500 g Mehl | 1 Würfel frische Hefe | 250 ml Milch | 80 g Zucker | 80 g Butter | 1 Ei | 1 Prise Salz
Marmorkuchen | 250 g Butter | 250 g Zucker | 4 Eier | 500 g Mehl | 1 Päckchen Backpulver | 125 ml Milch | 30 g Kakao
Apfelkuchen | 125 g Butter | 125 g Zucker | 3 Eier | 200 g Mehl | 2 TL Backpulver | 4 Äpfel | 1 TL Zimt
Käsekuchen | 200 g Mehl | 100 g Butter | 75 g Zucker | 1 Ei | 750 g Quark | 150 g Zucker | 3 Eier | 1 Päckchen Vanillezucker
Lebkuchen | 500 g Honig | 750 g Mehl | 2 Eier | 1 Päckchen Lebkuchengewürz | 5 g Hirschhornsalz | 5 g Pottasche
Brötchen | 500 g Mehl | 10 g Salz | 20 g frische Hefe | 300 ml Wasser
Bauernbrot | 300 g Roggenmehl | 200 g Weizenmehl | 12 g Salz | 10 g frische Hefe | 350 ml Wasser
Waffeln | 125 g Butter | 100 g Zucker | 3 Eier | 250 g Mehl | 1 TL Backpulver | 250 ml Milch
Pfannkuchen | 250 g Mehl | 500 ml Milch | 3 Eier | 1 Prise Salz
Spekulatius | 250 g Mehl | 125 g Butter | 100 g Zucker | 1 Ei | 1 TL Zimt | 1/4 TL Nelken | 1 TL Backpulver
Rührkuchen | 200 g Butter | 200 g Zucker | 4 Eier | 300 g Mehl | 1 Päckchen Backpulver | 100 ml Milch | 1 TL Salz
Gâteau au yaourt | 1 pot de yaourt | 2 pots de sucre | 3 pots de farine | 3 œufs | 1 sachet de levure chimique | 100 ml d'huile
Crêpes | 250 g de farine | 500 ml de lait | 4 œufs | 1 pincée de sel | 50 g de beurre
Quatre-quarts | 200 g de farine | 200 g de sucre | 200 g de beurre | 4 œufs | 1/2 sachet de levure chimique
Madeleines | 150 g de farine | 150 g de sucre | 125 g de beurre | 3 œufs | 1 sachet de levure chimique
Pain maison | 500 g de farine | 10 g de sel | 20 g de levure fraîche | 320 ml d'eau
Brioche maison | 500 g de farine | 50 g de sucre | 10 g de sel | 20 g de levure fraîche | 5 œufs | 200 g de beurre
Sablés | 250 g de farine | 125 g de beurre | 100 g de sucre | 1 œuf | 1 pincée de sel
Tarte aux pommes | 200 g de farine | 100 g de beurre | 4 pommes | 80 g de sucre | 1 cuillère à café de cannelle
Pain d'épices | 250 g de farine | 250 g de miel | 100 g de sucre | 1 cuillère à café de bicarbonate | 2 cuillères à café de cannelle | 1/2 cuillère à café de girofle moulu | 100 ml de lait
Mousse au chocolat | 200 g de chocolat noir | 6 œufs | 1 pincée de sel | 20 g de sucre
Pumpkin pie spice | 3 tbsp cinnamon | 2 tsp ground ginger | 2 tsp nutmeg | 1 1/2 tsp allspice | 1 1/2 tsp ground cloves
Barbecue rub | 1/2 cup brown sugar | 1/4 cup salt | 1/4 cup paprika | 1 tbsp black pepper | 1 tbsp garlic powder
Salt dough | 2 cups flour | 1 cup salt | 1 cup water
Salzteig | 2 Tassen Mehl | 1 Tasse Salz | 1 Tasse Wasser
Pâte à sel | 2 tasses de farine | 1 tasse de sel | 1 tasse d'eau
Baking powder | 2 tbsp cream of tartar | 1 tbsp baking soda | 1 tbsp cornstarch
Self-raising mix | 4 cups flour | 2 tbsp baking powder | 1 tsp salt
Pancake mix | 6 cups flour | 1/4 cup baking powder | 1/4 cup sugar | 1 tbsp salt
Vinaigrette | 1/2 cup olive oil | 3 tbsp vinegar | 1 tsp mustard powder | 1/2 tsp salt
Buttercream | 1 cup butter | 3 cups powdered sugar | 1 tsp vanilla extract | 2 tbsp cream
Cream cheese frosting | 8 oz cream cheese | 1/2 cup butter | 2 cups powdered sugar | 1 tsp vanilla extract
Whipped cream | 1 cup heavy cream | 2 tbsp powdered sugar | 1 tsp vanilla extract
Hot chocolate | 1/2 cup sugar | 1/4 cup cocoa | dash salt | 1/3 cup water | 4 cups milk | 3/4 tsp vanilla extract
Caramel sauce | 1 cup sugar | 6 tbsp butter | 1/2 cup cream | 1 tsp salt
Peppermint patties | 2 1/2 cups powdered sugar | 2 tbsp butter | 2 tsp peppermint extract | 2 tbsp cream
Fudge | 3 cups sugar | 3/4 cup butter | 2/3 cup evaporated milk | 2 cups chocolate chips | 1 tsp vanilla extract
Coleslaw | 4 cups shredded cabbage | 1 cup grated carrots | 1/2 cup mayonnaise | 1 tbsp vinegar | 1/2 tsp salt
Guacamole | 3 avocados | 2 tbsp lime juice | 1 tsp salt | 1/2 cup chopped onion
Tomato soup | 2 tbsp butter | 1 onion | 1 can tomatoes | 2 cups stock | 1 tsp salt
Meatballs | 500 g minced beef | 1 egg | 1/2 cup breadcrumbs | 1 tsp salt | 1/2 tsp black pepper
Gnocchi | 1 kg potatoes | 300 g flour | 1 egg | 2 tsp salt
Fresh pasta | 400 g 00 flour | 4 eggs | 1 pinch of salt
Falafel | 2 cups chickpeas | 1 onion | 4 garlic cloves | 1 tsp baking powder | 1 tsp salt | 2 tsp ground cumin
Hummus | 2 cups chickpeas | 1/4 cup lemon juice | 1/4 cup tahini | 1 tsp salt
Cornflake cakes | 100 g butter | 3 tbsp golden syrup | 200 g chocolate | 100 g cornflakes
Rocky road | 200 g dark chocolate | 100 g butter | 3 tbsp golden syrup | 200 g biscuits | 100 g marshmallows
Energy balls | 1 cup dates | 1 cup almonds | 2 tbsp cocoa | 1 pinch of salt
Sesame rounds | 300 g flour | 120 g butter | 100 g sugar | 1 egg | 1 tsp baking powder | 80 g sesame seeds
Oat slabs | 300 g rolled oats | 150 g butter | 120 g brown sugar | 80 g honey | 1/2 tsp salt
Potato bread | 400 g potatoes | 500 g bread flour | 12 g salt | 7 g instant yeast | 150 ml water
Spelt loaf | 500 g spelt flour | 10 g salt | 7 g instant yeast | 330 ml water | 1 tbsp honey
Sweet potato muffins | 1 1/2 cups flour | 1 1/2 tsp baking powder | 1/2 tsp baking soda | 2 tsp cinnamon | 1 cup mashed sweet potato | 2 eggs | 1/2 cup oil | 3/4 cup sugar
Lemon poppy seed loaf | 1 1/2 cups flour | 1 tsp baking powder | 1/2 tsp salt | 1 cup sugar | 3 eggs | 1/2 cup butter | 1/2 cup milk | 2 tbsp poppy seeds | 1 tbsp lemon zest
Chelsea buns | 450 g strong flour | 7 g fast-action yeast | 1 tsp salt | 50 g butter | 200 ml milk | 1 egg | 75 g brown sugar | 2 tsp cinnamon | 150 g mixed dried fruit
Treacle tart | 200 g flour | 100 g butter | 450 g golden syrup | 100 g breadcrumbs | 1 tbsp lemon juice
Bakewell tart | 200 g flour | 100 g butter | 150 g ground almonds | 150 g sugar | 150 g butter | 3 eggs | 1/2 tsp almond extract | 3 tbsp raspberry jam
Honey cake | 300 g honey | 225 g butter | 100 g brown sugar | 3 eggs | 300 g self-raising flour
Rhubarb crumble | 500 g rhubarb | 100 g sugar | 140 g self-raising flour | 85 g butter | 50 g brown sugar
Coffee walnut cake | 200 g butter | 200 g sugar | 4 eggs | 200 g self-raising flour | 2 tsp baking powder | 2 tbsp instant coffee | 80 g walnuts
Pumpkin muffins | 1 3/4 cups flour | 1 tsp baking soda | 2 tsp cinnamon | 1/4 tsp ground cloves | 1/2 tsp salt | 1 cup pumpkin puree | 1 cup sugar | 2 eggs | 1/2 cup oil
Thumbprints | 1 cup butter | 2/3 cup sugar | 2 cups flour | 1/2 tsp almond extract | 1/2 cup jam
Almond cake | 1 cup butter | 1 cup sugar | 200 g almond paste | 4 eggs | 1 cup flour | 1 tsp baking powder | 1 tsp almond extract
Yeast doughnuts | 500 g flour | 42 g fresh yeast | 250 ml milk | 60 g sugar | 2 eggs | 60 g butter | 1 tsp salt
Dampfnudeln | 500 g Mehl | 1 Würfel Hefe | 250 ml Milch | 60 g Zucker | 1 Ei | 1 TL Salz
Pita chips | 4 pitas | 2 tbsp olive oil | 1/2 tsp salt
`;
