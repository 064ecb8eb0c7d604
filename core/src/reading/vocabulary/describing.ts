import { wordsOf } from '../../catalogue/index.js';

/**
 * Words that describe an ingredient without making it weigh anything else in a cup. A word
 * that is in no table makes the ingredient unknown: "coconut flour" is not flour, and colours
 * are left out on purpose ("red pepper" is not pepper).
 */
export const DESCRIBING_WORDS: ReadonlySet<string> = new Set(
  wordsOf(`
  a an the of with to at from into some little more very well slightly about approximately
  fresh freshly organic good best quality fine finely coarse coarsely rough roughly thin thinly
  thick thickly light lightly lukewarm warm warmed cold cool cooled chilled hot boiling boiled
  tepid ice room temperature temp soft softened very ripe overripe firm peeled cored seeded
  pitted stoned deseeded stemmed trimmed washed rinsed drained patted toasted roasted untoasted
  raw unroasted natural plain pure smooth crunchy unsalted salted unbleached bleached enriched
  milled stone sieved large medium small extra jumbo big free range organic beaten whisked
  separated broken nibbed crushed crumbled cut piece chunk cube bite sized size uncooked divided
  optional needed desired taste preferably ideally dissolved melted sifted packed firmly tightly
  loosely spooned scooped dipped tamped levelled leveled scraped swept chopped ground sliced
  flaked slivered grated shredded diced minced cubed whipped mashed halved whole half bought homemade
  shop store new old everyday standard regular runny clear strained thawed frozen blanched
  european eu s m l sm med lg lge lrg strong skinned skinless shelled hulled golden dark pale heaping
  heaped rounded scant generous quick sour soured sweet scalded hen english greek mini style squeezed
  pressed virgin filtered bottled tap iced chill reserved soaked plumped unsulphured unsulfured
  grain grained and crustless boneless loose leftover stale blended unpeeled unwaxed organically
  premium seedless grind mature mild aged ripened young matured baking cooking spring pouring
  zested juiced finest unsifted unsweetened spotty bubbly active high tart refined unrefined brick block wild ready made bramley cox
  orleans desi type typ required necessary choice any homogenized superfine each xl creamy chunky full fat dutch process processed alkalised alkalized
  `),
);

/** Things whose names end like words for how something is done: "redcurrant jelly". */
export const NAMES_IN_LY: ReadonlySet<string> = new Set([
  'jelly',
  'belly',
  'holly',
  'lily',
  'prickly',
]);

/** Words behind a name that change nothing: "walnut meats", "pecan nuts". Before it they would. */
export const TRAILING_WORDS: ReadonlySet<string> = new Set(
  wordsOf('nut meat kernel flesh pulp segment strip wedge slice blend of choice'),
);

/** Words that show a text is English even where its ingredient is unknown. */
export const ENGLISH_WORDS: ReadonlySet<string> = new Set([
  ...DESCRIBING_WORDS,
  ...wordsOf(`sauce juice seed leaf bean berry nut root paste syrup meal bran flake extract essence
    spice herb mix mixture dough batter jam jelly stock broth wine beer spirit liqueur fruit
    vegetable cheese meat fish bread biscuit cookie cracker chocolate sugar flour salt oil butter
    milk cream egg water powder sweetened dried canned white brown red green black yellow`),
]);

/** Words that make another thing of what follows them: "custard apple", "dried mango", "cider vinegar". */
export const OTHER_THING_WORDS: ReadonlySet<string> = new Set(
  wordsOf(`
  dried dehydrated candied glace crystallised crystallized canned tinned preserved pickled stewed
  smoked cured salted brined powder powdered juice puree pureed paste jam jelly syrup sauce chip crisp
  custard prickly star rose pine sugar toffee caramel cinnamon chocolate coated covered flavored flavoured
  filled stuffed glazed mock imitation artificial vegan soy free less freeze concentrated concentrate
  baked boiled cooked fried roasted grilled steamed poached spiced mulled sparkling fermented cream
  butter oil vinegar flour meal bran seed kernel leaf root pie cake bread biscuit cookie cracker mix
  essence extract flavor flavour oven sun air half baby hot sea water winter cocktail sandwich dipped`),
);
