/*
 * Methods as other people write them, and the timed or heated stages they mean, each as
 * "kind minutes @celsius": `5-10` is a range, `?` a guess, `-` a time that is not said. Steps of work
 * by hand without a time are not listed.
 */

/** A method and its stages, in order. */
export interface MethodCase {
  readonly text: string;
  readonly stages: readonly string[];
}

const of = (text: string, ...stages: readonly string[]): MethodCase => ({ text, stages });

export const ENGLISH_METHODS: readonly MethodCase[] = [
  of('Mix well. Bake in a moderate oven for 40 minutes.', 'heat - @180?', 'bake 40 @180?'),
  of(
    'Bake in a hot oven (425°F) 15 minutes, then in a slow oven 1 hour.',
    'heat - @218',
    'bake 15 @218',
    'bake 60 @150?',
  ),
  of('Bake in a very hot oven for 10 minutes.', 'heat - @240?', 'bake 10 @240?'),
  of(
    'Preheat the oven to 350°F (175°C). Grease a 9x13 pan. Beat butter and sugar for 3 minutes. Bake for 30 to 35 minutes. Cool in the pan for 10 minutes.',
    'heat - @175',
    'cream 3',
    'bake 30-35 @175',
    'cool 10',
  ),
  of(
    'Bake 10 minutes at 230, then reduce to 190 and bake 30 more.',
    'heat - @230',
    'bake 10 @230',
    'bake 30 @190',
  ),
  of(
    'Heat oven to 230C/210C fan/gas 8. Bake for 10 mins, then lower the oven to 190C/170C fan/gas 5 and bake for a further 30 mins.',
    'heat - @230',
    'bake 10 @230',
    'bake 30 @190',
  ),
  of(
    'Bake at 450°F for 15 minutes. Reduce heat to 350°F and bake for 35 to 40 minutes longer. The middle should read 190 °F.',
    'heat - @232',
    'bake 15 @232',
    'bake 35-40 @177',
  ),
  of(
    'Preheat oven to 375 degrees F. Bake until the center reads 190°F, about 40 minutes.',
    'heat - @191',
    'bake 40 @191',
  ),
  of(
    'Warm the milk to 110°F. Knead for 8 to 10 minutes. Let rise for 1 1/2 to 2 hours. Bake at 425°F for 25 minutes.',
    'knead 8-10',
    'heat - @218',
    'rise 90-120',
    'bake 25 @218',
  ),
  of(
    'Refrigerate the dough overnight. Next morning, shape and proof for 1 hour. Bake at 230 °C for 20 minutes with the lid on, then 20 minutes more with the lid off.',
    'chill 480-720?',
    'heat - @230',
    'rise 60',
    'bake 40 @230',
  ),
  of(
    'Chill for at least 4 hours or overnight. Bake in a 350 oven for 12 min.',
    'heat - @177',
    'chill 240-720?',
    'bake 12 @177',
  ),
  of(
    'Cook the sugar syrup to 118 °C. Whisk the whites for 5 minutes. Pour in the syrup.',
    'combine 5',
  ),
  of(
    'Simmer for 20 minutes. Fold in the flour. Bake 45 mins to 1 hour at gas mark 4.',
    'cook 20',
    'heat - @180',
    'bake 45-60 @180',
  ),
  of(
    'Bake for 25 minutes, turn the tray around, and bake another 10 to 15 minutes at 180C.',
    'heat - @180',
    'bake 35-40 @180',
  ),
  of(
    'Bake 40 minutes at 170 °C, covering with foil for the last 10 minutes.',
    'heat - @170',
    'bake 40 @170',
  ),
  of(
    'Set the oven to 160°C fan. Bake for half an hour. Leave to stand for a quarter of an hour.',
    'heat - @180',
    'bake 30 @180',
    'rest 15',
  ),
  of(
    'Bring to a boil and cook 2 minutes, stirring. Cool for 30 minutes. Bake at 325°F for an hour and a half.',
    'cook 2',
    'heat - @163',
    'cool 30',
    'bake 90 @163',
  ),
  of(
    'Prep 15 min, bake 35 minutes\nPreheat the oven to 180 °C. Mix everything. Bake.',
    'heat - @180',
    'bake 35 @180',
  ),
  of(
    'Preheat oven to 200C. Heat oil in a pan. Meanwhile heat the oven. Bake for 20 min.',
    'heat - @200',
    'bake 20 @200',
  ),
  of('Deep-fry in oil at 180 °C for 3 minutes each side.', 'fry 3'),
  of(
    'Roast at 220°C for 15 minutes. Turn the oven down to 160°C and roast for 1 hour 20 minutes.',
    'heat - @220',
    'bake 15 @220',
    'bake 80 @160',
  ),
  of(
    'Bake at 425 for the first 15 minutes, then at 350 for 40 to 50 minutes.',
    'heat - @218',
    'bake 15 @218',
    'bake 40-50 @177',
  ),
  of(
    'Cover and let it rest 20 min. Knead 5 min. Prove for 45 minutes. Bake for 18-20 minutes at 210°C until golden. Leave on a wire rack for 1 hour.',
    'rest 20',
    'knead 5',
    'heat - @210',
    'rise 45',
    'bake 18-20 @210',
    'cool 60',
  ),
  of(
    'Preheat the oven to 350. Beat eggs and sugar for two minutes. Stir in the rest. Bake for one hour.',
    'heat - @177',
    'combine 2',
    'bake 60 @177',
  ),
  of(
    'Bake for about 50 minutes, or until a skewer comes out clean, in a slow oven (150 °C).',
    'heat - @150',
    'bake 50 @150',
  ),
];

export const GERMAN_METHODS: readonly MethodCase[] = [
  of('Im heißen Ofen 20 Minuten backen.', 'heat - @220?', 'bake 20 @220?'),
  of(
    'Den Ofen auf 180 °C Ober-/Unterhitze vorheizen. Butter und Zucker 5 Minuten schaumig rühren. Im Ofen ca. 45 Minuten backen. 10 Minuten in der Form abkühlen lassen.',
    'heat - @180',
    'cream 5',
    'bake 45 @180',
    'cool 10',
  ),
  of(
    'Den Teig zugedeckt 1 Stunde gehen lassen. Bei 220 °C 10 Minuten backen, dann auf 180 °C herunterschalten und weitere 30 Minuten backen.',
    'heat - @220',
    'rise 60',
    'bake 10 @220',
    'bake 30 @180',
  ),
  of(
    'Alle Zutaten 10 Minuten kneten. Teig anderthalb Stunden gehen lassen. Im vorgeheizten Backofen bei 200 Grad 25-30 Min. backen.',
    'knead 10',
    'heat - @200',
    'rise 90',
    'bake 25-30 @200',
  ),
  of(
    'Teig über Nacht im Kühlschrank gehen lassen. Ofen auf 250 °C vorheizen. 15 Minuten backen, Temperatur auf 200 °C reduzieren und 35 Minuten fertig backen.',
    'chill 480-720?',
    'heat - @250',
    'bake 15 @250',
    'bake 35 @200',
  ),
  of(
    'Backofen auf 160 Grad Umluft vorheizen. Kuchen 50 bis 60 Minuten backen.',
    'heat - @180',
    'bake 50-60 @180',
  ),
  of(
    'Milch auf 40 °C erwärmen. Teig eine halbe Stunde ruhen lassen. Bei 175 °C etwa 20 Minuten backen.',
    'heat - @175',
    'rest 30',
    'bake 20 @175',
  ),
  of(
    'Teig 30 Minuten kalt stellen. Plätzchen ausstechen und bei 180 °C (Umluft 160 °C) 8-10 Minuten backen.',
    'heat - @180',
    'chill 30',
    'bake 8-10 @180',
  ),
  of(
    'Vorbereitung: 20 Min. Backzeit: 40 Minuten\nOfen auf 170 °C vorheizen. Alles verrühren und backen.',
    'heat - @170',
    'bake 40 @170',
  ),
  of('Zucker und Wasser auf 118 °C kochen. Eiweiß 5 Minuten steif schlagen.', 'combine 5'),
  of(
    'Stückgare 45 Minuten. Bei 240 °C anbacken, nach 10 Minuten auf 200 °C reduzieren und 1 Stunde backen. Die Kerntemperatur soll 96 °C betragen.',
    'heat - @240',
    'rise 45',
    'bake 10 @240',
    'bake 60 @200',
  ),
  of('In Öl bei 170 °C je 3 Minuten ausbacken.', 'fry 3'),
  of(
    'Die Form fetten. Den Ofen auf 190 °C heizen. 1 Std. 15 Min. backen und 15 Minuten auskühlen lassen.',
    'heat - @190',
    'bake 75 @190',
    'cool 15',
  ),
];

export const FRENCH_METHODS: readonly MethodCase[] = [
  of('Cuire à four moyen pendant 30 minutes.', 'heat - @180?', 'bake 30 @180?'),
  of(
    'Préchauffez le four à 180°C (th. 6). Mélangez le beurre et le sucre. Enfournez pour 25 à 30 minutes. Laissez refroidir 10 minutes.',
    'heat - @180',
    'bake 25-30 @180',
    'cool 10',
  ),
  of(
    'Laissez lever 1 h 30. Faites cuire à 220 °C pendant 15 minutes, puis baissez à 180 °C et poursuivez la cuisson 20 minutes.',
    'heat - @220',
    'rise 90',
    'bake 15 @220',
    'bake 20 @180',
  ),
  of(
    'Pétrissez pendant 10 min. Laissez reposer la pâte une demi-heure. Enfournez à four chaud (200°C) 35 min.',
    'knead 10',
    'heat - @200',
    'rest 30',
    'bake 35 @200',
  ),
  of(
    'Placez au frais toute la nuit. Préchauffer le four à 210°C. Cuire 12 à 15 minutes.',
    'chill 480-720?',
    'heat - @210',
    'bake 12-15 @210',
  ),
  of(
    'Faire chauffer le lait à 40°C. Laisser pousser 2 heures. Cuire au four à thermostat 6 pendant 45 minutes.',
    'heat - @180',
    'rise 120',
    'bake 45 @180',
  ),
  of(
    'Faites bouillir 5 minutes. Laissez tiédir un quart d’heure. Cuisson 40 min à 170 °C chaleur tournante.',
    'cook 5',
    'heat - @190',
    'cool 15',
    'bake 40 @190',
  ),
  of(
    'Préparation : 20 min. Cuisson : 35 min\nPréchauffer le four à 180 °C. Tout mélanger et enfourner.',
    'heat - @180',
    'bake 35 @180',
  ),
  of(
    'Laissez lever une heure et demie. Enfournez 10 minutes à 240°C puis 25 minutes à 200°C.',
    'heat - @240',
    'rise 90',
    'bake 10 @240',
    'bake 25 @200',
  ),
  of('Portez le sirop à 118 °C. Fouettez les blancs 5 minutes.', 'combine 5'),
  of(
    'Réservez la pâte 1h au réfrigérateur. Étalez-la. Enfournez 18 min à 175°C.',
    'heat - @175',
    'chill 60',
    'bake 18 @175',
  ),
];

/** Written after the reader, and read through by hand: what stands here was right at the first or second look. */
export const OTHER_METHODS: readonly MethodCase[] = [
  of(
    'Position a rack in the middle of the oven and preheat to 400 degrees. Whisk flour, salt and baking powder. Cut in the butter. Chill the scones for 20 minutes, then bake 18 to 22 minutes, rotating halfway through.',
    'heat - @204',
    'chill 20',
    'bake 18-22 @204',
  ),
  of(
    'Bring milk just to a simmer (180°F), remove from heat and let steep for 15 minutes. Strain. Bake the custards in a water bath at 300°F until just set, 40 to 45 minutes; the center should still wobble. Chill at least 3 hours.',
    'cook 15',
    'heat - @149',
    'bake 40-45 @149',
    'chill 180',
  ),
  of(
    'Mix on low for 4 minutes, then on medium for 6 minutes. Bulk ferment 3 hours at 24 °C with folds every 30 minutes. Retard in the fridge 12–16 hours. Bake in a preheated Dutch oven at 250°C: 20 minutes covered, 25 minutes uncovered at 230°C.',
    'combine 4',
    'combine 6',
    'rise 180',
    'heat - @250',
    'chill 720-960',
    'bake 20 @250',
    'bake 25 @230',
  ),
  of(
    'Place in a cold oven, set it to 325°F, and bake for 1 hour and 15 minutes.',
    'heat - @163',
    'bake 75 @163',
  ),
  of(
    'Gas Mark 6 (200C). Bake on the top shelf for 12-15 mins. Leave in tin 5 mins before turning out.',
    'heat - @200',
    'bake 12-15 @200',
    'cool 5',
  ),
  of(
    'Cream the butter and sugar until light and fluffy, about 5 minutes. Add eggs one at a time. Pour into the prepared pan and bake 55-65 minutes in the preheated oven. Cool 15 minutes in the pan.',
    'cream 5',
    'bake 55-65',
    'cool 15',
  ),
  of(
    'Boil the bagels for 1 minute per side. Bake at 425°F for 20-25 minutes.',
    'cook 1',
    'heat - @218',
    'bake 20-25 @218',
  ),
  of(
    "Cook over low heat until it reaches 170°F on an instant-read thermometer. Freeze according to your machine's directions, about 25 minutes.",
    'chill 25',
  ),
  of(
    'Let the dough come to room temperature, 30 minutes. Roll to 3 mm. Bake 9 minutes per tray at 180 fan.',
    'other 30',
    'heat - @180',
    'bake 9 @180',
  ),
  of(
    'The butter should be 65°F. Mix 2 minutes. Scoop and freeze for 1 hour. Bake straight from frozen at 375F for 14 minutes.',
    'combine 2',
    'heat - @191',
    'chill 60',
    'bake 14 @191',
  ),
  of('Bake 25 min @ 350.', 'heat - @177', 'bake 25 @177'),
  of(
    'Put the loaf in at 240C, spray with water, after 10 minutes turn down to 210C and give it another 25-30 mins.',
    'heat - @240',
    'bake 10 @240',
    'bake 25-30 @210',
  ),
  of('Rest the batter for half an hour. Fry pancakes 2 minutes each side.', 'rest 30', 'fry 2'),
  of(
    'Ofen auf 200 Grad (Ober-/Unterhitze) vorheizen. Mürbeteig 1 Stunde kühlen. Blindbacken: 15 Minuten. Dann Füllung darauf und weitere 35-40 Minuten bei 180 Grad backen.',
    'heat - @200',
    'chill 60',
    'bake 15 @200',
    'bake 35-40 @180',
  ),
  of(
    'Hefe in lauwarmer Milch (max. 37°C) auflösen. Zugedeckt an einem warmen Ort ca. 45 Min. gehen lassen. Zopf flechten, nochmals 20 Min. ruhen lassen. Bei 180 °C Heißluft ca. 30 Min. backen.',
    'rise 45',
    'heat - @200',
    'rest 20',
    'bake 30 @200',
  ),
  of('Brot bei 250 Grad fallend auf 200 Grad 50 Minuten backen.', 'bake 50'),
  of(
    'Die Muffins ca. 20–25 Minuten auf mittlerer Schiene backen (E-Herd: 175 °C, Umluft: 150 °C, Gas: Stufe 2).',
    'heat - @175',
    'bake 20-25 @175',
  ),
  of(
    'Den Teig mindestens 2 Stunden, am besten über Nacht, in den Kühlschrank stellen. Ausrollen, ausstechen, 10 Min. bei 180° backen.',
    'heat - @180',
    'chill 120-720?',
    'bake 10 @180',
  ),
  of(
    'Kekse im Ofen bei 160°C ca. eine Viertelstunde backen. Vollständig auskühlen lassen.',
    'heat - @160',
    'bake 15 @160',
  ),
  of(
    'Eiweiß mit Zucker über dem Wasserbad auf 60 °C erwärmen, dann 10 Minuten kalt schlagen. Im Ofen bei 100 °C 2 Stunden trocknen.',
    'cook 10',
    'heat - @100',
    'bake 120 @100',
  ),
  of(
    'Préchauffez votre four à 180 °C. Fouettez les œufs et le sucre 3 minutes. Versez dans le moule et faites cuire 35 à 40 min. Laissez refroidir complètement avant de démouler.',
    'heat - @180',
    'combine 3',
    'bake 35-40 @180',
  ),
  of(
    'Laissez pointer 1h, façonnez, laissez apprêter 45 min. Cuisson : 25 min à 230°C.',
    'rise 60',
    'heat - @230',
    'rise 45',
    'bake 25 @230',
  ),
  of(
    'Mettez au four (th. 7 - 210°) pour 20 min, puis baissez le four à 180° et laissez cuire encore 15 min.',
    'heat - @210',
    'bake 20 @210',
    'bake 15 @180',
  ),
  of(
    'Laisser reposer la pâte 2 heures au réfrigérateur. Cuire les crêpes 1 minute de chaque côté.',
    'rest 120',
    'cook 1',
  ),
  of(
    'Enfournez à mi-hauteur, 12 à 14 minutes, four préchauffé à 200°C.',
    'heat - @200',
    'bake 12-14 @200',
  ),
  of(
    'Faire cuire à blanc 15 minutes à 180°C. Garnir et remettre au four 30 minutes.',
    'heat - @180',
    'bake 15 @180',
    'bake 30 @180',
  ),
  of(
    'Montez la crème. Réservez au frais au moins 4 heures, idéalement une nuit.',
    'chill 240-720?',
  ),
];
