import { BUILT_IN_SHELF } from '../../shelf/index.js';
import { overnight, takeOutFor, type Overnight } from './index.js';

/*
 * What becomes of everything on the shelf overnight, listed by hand from common food-safety advice
 * and not from the records. What is in none of the lists stands dry on the counter.
 */

/** Dairy and its kin, meat, tofu, cooked grains and pulses, opened tins and purées: two hours at most. */
const NEVER_OUT = `
milk-whole milk-reduced-fat milk-skim buttermilk cream-heavy cream-light half-and-half
cream-sour yogurt-plain cream-cheese cottage-cheese ricotta milk-evaporated
milk-condensed-sweetened cheddar parmesan-grated milk-soy milk-coconut-canned juice-apple
juice-pineapple juice-cranberry coconut-water tea lemonade stock applesauce pumpkin-puree
coffee-brewed kefir skyr milk-rice milk-coconut-drink cream-plant cream-clotted khoya feta
mozzarella cheese-gruyere cheese-blue cheese-goat cheese-gouda mayonnaise aquafaba tofu-silken
pineapple-crushed sweet-potato-mashed potato-mashed rice-cooked chestnuts chestnut-puree
mango-puree mandarin-segments creme-fraiche mascarpone quark paneer milk-oat milk-almond
coconut-cream dulce-de-leche sauce-caramel lemon-curd corn-kernels olives tomato-paste
black-beans chickpeas bacon ham milk-goat pastry-shortcrust pie-filling jelly-fruit
smoothie milk-plant milk-nut meat-minced chicken-cooked sausage-cured fish-cooked artichokes
pickles capers sauerkraut corn-creamed corn-canned squash-puree spinach-puree cranberry-sauce
fruit-cocktail cherries-canned fruit-juice-from-can pears-canned peaches-canned pineapple-canned
fruit-butter quince-paste red-bean-paste cheese-semihard cheese-halloumi cheese-brie
cheese-queso-fresco cheese-neufchatel fromage-blanc yogurt-vanilla eggnog milk-chocolate-drink
cream-whipped yogurt-plant custard dough-crescent dough-bread dough-cookie batter-fermented
syrup-simple cordial-elderflower frosting royal-icing sauce-fudge mustard-prepared ketchup
tomato-passata tomatoes-canned miso tamarind ginger-paste garlic-paste horseradish rose-petal-jam poppy-seed-filling dressing-bottled ganache
sauce-thick plums-canned`;
/** Fruit, vegetables and herbs, and what goes flat once it is open. */
const IN_THE_MORNING = `
apple apricots-fresh avocado banana basil-fresh beer beetroot berries-mixed blackberries
blackcurrants blueberries carrot cherries-sour cherries-sweet chives coconut-fresh
cranberries-fresh dill-fresh figs-fresh garlic ginger-fresh gooseberries grapes juice-lemon
juice-lime juice-orange kiwi mango mint-fresh nectarines onion orange parsley-fresh parsnip
passion-fruit peaches pear pineapple plums potato pumpkin raspberries redcurrants rhubarb
rosemary-fresh scallions soda-water spinach strawberries thyme-fresh zest-lemon zest-orange
zucchini lemon lime
leaves-curry lime-leaves leek cabbage celery peppers-sweet chillies-fresh mushrooms broccoli
cauliflower eggplant cucumber tomatoes-fresh kale chard rocket swede sweet-potato gourd-bottle
asparagus fennel-bulb squash fenugreek-leaves celeriac turnip coriander-leaves mandarins
edible-flowers juice-grapefruit sapodilla lemongrass wild-garlic kohlrabi beans-green pomegranate papaya grapefruit lychees persimmon physalis quince elderberries kumquats berries-hybrid soda-sweet cider-sparkling cider-alcoholic tamarillo`;
/** Fats that are solid. */
const WRAPPED = `
butter margarine shortening lard ghee oil-coconut suet dripping fat-duck butter-plant bacon-fat`;
/** Bought frozen. */
const FROZEN =
  'pastry-filo pastry-puff pie-crust juice-concentrate peas-green ice-cream topping-whipped';
/** What lives. */
const ALIVE = 'yeast-fresh sourdough-starter';
const IN_SHELLS = 'egg-whole egg-white egg-yolk';

const ids = (list: string): string[] => list.trim().split(/\s+/);

const of = (id: string, written = ''): Overnight => {
  const { keeps, class: is, role } = BUILT_IN_SHELF.ingredient(id)!;
  return { keeps, class: is, role, written };
};

describe('the evening before', () => {
  const expected = new Map<string, ReturnType<typeof overnight>>([
    ...ids(NEVER_OUT).map((id) => [id, { stands: 'cold', why: 'spoils' }] as const),
    ...ids(WRAPPED).map((id) => [id, { stands: 'cold', why: 'fat' }] as const),
    ...ids(IN_THE_MORNING).map((id) => [id, { stands: 'wait', why: 'fresh' }] as const),
    ...ids(ALIVE).map((id) => [id, { stands: 'wait', why: 'live' }] as const),
    ...ids(FROZEN).map((id) => [id, { stands: 'wait', why: 'frozen' }] as const),
    ...ids(IN_SHELLS).map((id) => [id, { stands: 'wait', why: 'shell' }] as const),
  ]);

  it('is listed by hand for ingredients that exist, each once', () => {
    const lists = [NEVER_OUT, WRAPPED, IN_THE_MORNING, ALIVE, FROZEN, IN_SHELLS].flatMap(ids);
    expect(new Set(lists).size).toBe(lists.length);
    for (const id of lists) expect(BUILT_IN_SHELF.ingredient(id)).withContext(id).toBeDefined();
  });

  it('does with the whole shelf as the lists say', () => {
    for (const { id } of BUILT_IN_SHELF.all) {
      expect(overnight(of(id)))
        .withContext(id)
        .toEqual(expected.get(id) ?? { stands: 'counter' });
    }
  });

  it('waits with what is used warm, and with what nothing is known of', () => {
    const warm = { stands: 'wait', why: 'warm' } as const;
    expect(overnight(of('butter', '1/2 cup butter, melted'))).toEqual(warm);
    expect(overnight(of('water', '1 cup warm water'))).toEqual(warm);
    expect(overnight(of('milk-whole', '250 ml lauwarme Milch'))).toEqual(warm);
    expect(overnight(of('butter', '50 g de beurre fondu'))).toEqual(warm);
    expect(overnight(of('walnuts', '1 cup walnuts, toasted')).stands).toBe('counter');
    const unknown = { stands: 'wait', why: 'unknown' } as const;
    expect(overnight({ class: null, role: null, written: 'leftovers' })).toEqual(unknown);
    expect(overnight({ keeps: null, class: 'powder', role: 'flour', written: '' })).toEqual(
      unknown,
    );
  });

  it('says what comes out of the fridge in time', () => {
    expect(takeOutFor(of('butter', '6 tablespoons butter, softened'))).toEqual({
      why: 'soften',
      minutesBefore: 60,
    });
    expect(takeOutFor(of('cream-cheese', '8 oz cream cheese, softened'))?.why).toBe('not-cold');
    expect(takeOutFor(of('butter', 'cold butter, cubed'))).toBeNull();
    expect(takeOutFor(of('egg-whole'))?.why).toBe('room-temperature');
    expect(takeOutFor(of('flour-wheat-bread'))).toBeNull();
  });
});
