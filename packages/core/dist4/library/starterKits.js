/**
 * The kits and dishes a new library starts with: generic, plausible, weighed by nobody (common practice and Graft's own).
 * Kits: a head line `= name | group | facts`, then its pieces in the columns of `starterThings.ts` without the first;
 * `together=` and `in=` (the piece it nests in, by name) are further facts of pieces.
 */
export const STARTER_KITS = `
=Tent for two|tent|sleeps=2 split=2
Tent body|900|3.8|stuff 6|firstInCamp|tentBody||needs=tentPoles,tentPegs
Fly|740|2.9|stuff 5|firstInCamp|tentFly|oftenWet|wet=1.3
Poles|460|1|long 45 x 6|firstInCamp|tentPoles||
Pegs|210|0.3|pouch|firstInCamp|tentPegs|sharp|
=Tent for two with footprint|tent|sleeps=2 split=2
Tent body|980|4|stuff 6.5|firstInCamp|tentBody||needs=tentPoles,tentPegs
Fly|820|3.2|stuff 5.5|firstInCamp|tentFly|oftenWet|wet=1.3
Poles|500|1|long 45 x 6|firstInCamp|tentPoles||
Pegs|230|0.3|pouch|firstInCamp|tentPegs|sharp|
Footprint|250|1|stuff 2|firstInCamp|footprint|oftenWet|wet=1.2
=Tent for three|tent|sleeps=3 split=3
Tent body|1170|5|stuff 8|firstInCamp|tentBody||needs=tentPoles,tentPegs
Fly|960|3.8|stuff 6.5|firstInCamp|tentFly|oftenWet|wet=1.3
Poles|600|1.2|long 46 x 6.5|firstInCamp|tentPoles||
Pegs|270|0.3|pouch|firstInCamp|tentPegs|sharp|
=Tent for four|tent|sleeps=4 split=3
Tent body|1650|7|stuff 11|firstInCamp|tentBody||needs=tentPoles,tentPegs
Fly|1400|5.5|stuff 9|firstInCamp|tentFly|oftenWet|wet=1.3
Poles|950|1.8|long 52 x 7.5|firstInCamp|tentPoles||
Pegs|380|0.4|pouch|firstInCamp|tentPegs|sharp|
=Tent for one|tent|sleeps=1 split=1
Tent body|620|2.6|stuff 4.5|firstInCamp|tentBody||needs=tentPoles,tentPegs together=all
Fly|480|2|stuff 3.5|firstInCamp|tentFly|oftenWet|wet=1.3 together=all
Poles|320|0.8|long 42 x 5.5|firstInCamp|tentPoles||together=all
Pegs|120|0.2|pouch|firstInCamp|tentPegs|sharp|together=all
=Shelter on walking poles, for two|tent|sleeps=2 split=2
Shelter|680|2.4|stuff 5|firstInCamp|tentFly|oftenWet|wet=1.3 needs=walkingPoles,tentPegs
Inner net|390|1.6|stuff 3|firstInCamp|tentBody||
Pegs|160|0.2|pouch|firstInCamp|tentPegs|sharp|
=Gas cook set, 1.6 L|cook|potL=1.6 stove=gasBurner
Pot with lid, 1.6 L|380|1.8|cylinder 13 x 14|camp|pot|hard|needs=stove
Gas burner|140|0.4|block 10 x 8 x 6|camp|stove|hard|needs=gas,pot,lighter
Windshield|170|0.5|flat 24 x 20 x 1|camp|stove||
Lighter for the stove|18|0.02|pouch|camp|fire||
=Gas cook set, 2.5 L|cook|potL=2.5 stove=gasBurner
Pot with lid, 2.5 L|520|2.8|cylinder 14.5 x 16|camp|pot|hard|needs=stove
Gas burner, low|260|0.9|block 16 x 10 x 7|camp|stove|hard|needs=gas,pot,lighter
Windshield|170|0.5|flat 24 x 20 x 1|camp|stove||
Lighter for the stove|18|0.02|pouch|camp|fire||
=Heat-exchanger cook set, 1.8 L|cook|potL=1.8 stove=gasExchanger
Pot with exchanger, 1.8 L|460|2.4|cylinder 16 x 14.5|camp|pot|hard|needs=stove
Burner|190|0.5|block 10 x 9 x 6|camp|stove|hard|needs=gas,pot,lighter in=Pot with exchanger, 1.8 L
Lighter for the stove|18|0.02|pouch|camp|fire||
=Liquid fuel cook set, 3 L|cook|potL=3 stove=liquid
Pot with lid, 3 L|640|3.4|cylinder 15 x 17.5|camp|pot|hard|needs=stove
Liquid fuel stove and pump|390|1.1|block 16 x 11 x 7|camp|stove|hard|needs=liquidFuel,pot,lighter
Windshield|170|0.5|flat 24 x 20 x 1|camp|stove||
Lighter for the stove|18|0.02|pouch|camp|fire||
=Alcohol cook set, 1 L|cook|potL=1 stove=alcohol
Pot, 1 L|160|1.1|cylinder 11 x 11.5|camp|pot|hard|needs=stove
Alcohol burner and stand|110|0.3|block 10 x 8 x 5|camp|stove|hard|needs=pot,lighter in=Pot, 1 L
Lighter for the stove|18|0.02|pouch|camp|fire||
=Water treatment, two ways||
Water filter, pump|360|0.84|block 20 x 7 x 6|stop|filter|oftenWet hard|
Water tablets|50|0.1|pouch|stop|filter|mustStayDry|
=Winter safety set||
Snow shovel|620|2.6|block 28 x 24 x 6|hurry|other|ridesOutside hard|
Probe|270|0.7|long 40 x 5|hurry|other||
Group shelter, 4 people|520|2.2|stuff 4|hurry|emergencyShelter||
`;
/** Name | meals (b, l, d) | form | g | kcal | packaging g | packed litres | boiled litres | pot litres, all a serving. */
export const STARTER_DISHES = `
Oat porridge with milk powder|b|dried|95|395|4|0.2|0.3|0.4
Muesli with milk powder|b|dried|110|460|4|0.24|0|0
Rice pudding, dried|b|dried|100|400|6|0.2|0.28|0.4
Granola and dried fruit|b|dried|120|540|4|0.26|0|0
Bread, cheese and jam|b|wet|210|620|10|0.5|0|0
Couscous breakfast, sweet|b|dried|100|390|4|0.18|0.2|0.35
Crispbread, cheese and dry sausage|l|wet|170|640|8|0.35|0|0
Flat bread and hummus|l|wet|200|520|12|0.4|0|0
Flat bread and nut butter|l|wet|160|680|8|0.32|0|0
Oat cakes, cheese, dried fruit|l|dried|150|650|6|0.32|0|0
Soup powder and crackers|l|dried|110|440|8|0.3|0.3|0.35
Rolls with spread|l|wet|230|560|10|0.6|0|0
Fruit, nuts and hard cheese|l|wet|150|690|6|0.28|0|0
Couscous with dried vegetables|d|dried|150|580|5|0.32|0.35|0.5
Pasta with tomato and salami|d|dried|190|720|8|0.42|0.6|0.75
Pasta with pesto|d|dried|170|740|8|0.38|0.6|0.75
Lentil curry with rice|d|dried|165|620|6|0.34|0.55|0.65
Noodles with peanut sauce|d|dried|155|660|6|0.36|0.5|0.6
Mashed potato with bacon|d|dried|140|590|5|0.34|0.4|0.5
Polenta with mushrooms|d|dried|150|560|5|0.3|0.5|0.6
Chili with beans, dried|d|dried|145|560|10|0.32|0.4|0.5
Risotto with peas|d|dried|160|600|6|0.3|0.55|0.6
Bulgur with vegetables|d|dried|155|570|5|0.32|0.4|0.5
Ready meal, freeze-dried, in its bag|d|dried|135|600|18|0.75|0.4|0
Large ready meal, freeze-dried, in its bag|d|dried|190|850|20|0.95|0.5|0
Stew from a tin|d|wet|420|560|55|0.5|0|0.5
Fresh pasta with sauce|d|wet|430|720|20|0.7|0.5|0.75
Potatoes, onions and sausage|d|wet|520|640|10|0.9|0.3|0.7
Chili from a pouch|d|wet|400|520|14|0.5|0|0.5
Rice and beans from a pouch|d|wet|380|560|14|0.48|0|0.5
`;
//# sourceMappingURL=starterKits.js.map