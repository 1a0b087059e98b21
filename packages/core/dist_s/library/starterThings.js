/**
 * The things a new library starts with: generic, plausible, weighed by nobody. All masses are estimates and say so.
 * A row: for each member (e), worn by each (w) or for the group (g) | name | g | packed litres | shape | needed |
 * purpose | flags | more (water= and food= litres, wet= factor, needs=, holds= as `parseHolding` reads it).
 */
export const STARTER_THINGS = `
e|Sleeping bag, summer|750|5|stuff 12|camp|sleepingBag|mustStayDry|
e|Sleeping bag, three seasons|1050|8|stuff 18|camp|sleepingBag|mustStayDry|
e|Sleeping bag, winter|1650|14|stuff 30|camp|sleepingBag|mustStayDry|
e|Quilt|560|4.5|stuff 11|camp|sleepingBag|mustStayDry|
e|Sleeping bag liner|140|0.6|stuff 1.2|camp|sleepingBag|mustStayDry|
e|Bivvy bag|420|1.4|stuff 3|firstInCamp|emergencyShelter|oftenWet|
e|Inflatable mat|440|1.8|roll 24 x 10|camp|mat||
e|Inflatable mat, insulated|580|2.6|roll 27 x 11.5|camp|mat||
e|Foam mat|380|9.5|roll 51 x 15.5|camp|mat|ridesOutside|
e|Sit pad|60|0.6|flat 30 x 20 x 1|stop|mat|ridesOutside|
e|Inflatable pillow|90|0.3|pouch|camp|spareClothing||
e|Down jacket|380|3|stuff 8|stop|warmLayer|mustStayDry|
e|Synthetic jacket|460|4|stuff 9|stop|warmLayer||
e|Light fleece|280|2.2|stuff 5|stop|warmLayer||
e|Thick fleece|450|4|stuff 8|stop|warmLayer||
e|Down waistcoat|220|1.6|stuff 4.5|stop|warmLayer|mustStayDry|
e|Insulated trousers|390|3|stuff 8|camp|warmLayer|mustStayDry|
e|Rain jacket|340|1.6|stuff 3.5|hurry|rainwear|oftenWet|
e|Rain jacket, light|190|0.8|stuff 1.8|hurry|rainwear|oftenWet|
e|Rain trousers|230|1.1|stuff 2.4|hurry|rainwear|oftenWet|
e|Poncho|290|1|stuff 2.2|hurry|rainwear|oftenWet|
e|Wind jacket|120|0.5|stuff 1.2|hurry|clothing||
e|Pack cover|110|0.4|pouch|hurry|rainwear|oftenWet|
e|Gaiters|210|0.8|pouch|hurry|clothing|oftenWet|
e|Umbrella|260|0.9|long 30 x 6.5|hurry|rainwear|ridesOutside oftenWet|
e|Spare base layer|180|0.8|stuff 1.6|camp|spareClothing|mustStayDry|
e|Spare shirt|160|0.7|stuff 1.4|camp|spareClothing||
e|Spare trousers|320|1.4|stuff 2.8|camp|spareClothing||
e|Shorts|170|0.7|stuff 1.4|camp|spareClothing||
e|Spare socks, pair|80|0.4|stuff 0.7|camp|spareClothing|mustStayDry|
e|Spare underwear|60|0.3|stuff 0.5|camp|spareClothing|mustStayDry|
e|Night clothes|330|1.6|stuff 3|camp|spareClothing|mustStayDry|
e|Camp shoes|320|2.5|block 28 x 11 x 8.5|camp|spareClothing||
e|Warm hat|60|0.3|stuff 0.6|stop|handsHead||
e|Neck tube|40|0.2|stuff 0.3|stop|handsHead||
e|Gloves, thin|50|0.2|stuff 0.4|stop|handsHead||
e|Gloves, warm|140|0.8|stuff 1.4|stop|handsHead||
e|Mittens, waterproof|180|1|stuff 1.8|hurry|handsHead|oftenWet|
e|Balaclava|70|0.3|stuff 0.5|stop|handsHead||
e|Sun hat|80|0.5|stuff 0.9|walking|sun|crushable|
e|Sunglasses in a case|110|0.5|block 17 x 7 x 5|walking|sun|hard crushable|
e|Sun cream, small|90|0.1|block 12 x 4 x 3|walking|sun|leaks scented|
e|Lip balm|15|0.02|pouch|walking|sun|scented|
e|Snow goggles|150|1.2|block 19 x 10 x 9|stop|sun|crushable|
e|Insect head net|25|0.1|pouch|hurry|insectNet||
e|Insect repellent|90|0.1|block 12 x 4 x 3|stop|insectNet|leaks scented|
e|Bottle, 1 L|110|1.05|cylinder 24 x 8|walking|waterContainer|hard|water=1
e|Bottle, 0.75 L|90|0.8|cylinder 23 x 7|walking|waterContainer|hard|water=0.75
e|Soft bottle, 1 L|40|0.2|pouch|walking|waterContainer|leaks|water=1
e|Steel flask, 0.75 L|360|1|cylinder 28 x 7|stop|waterContainer|hard|water=0.75
e|Reservoir, 2 L|150|0.5|pouch|walking|waterContainer|leaks|water=2
e|Reservoir, 3 L|180|0.6|pouch|walking|waterContainer|leaks|water=3
e|Head torch|90|0.2|block 8 x 6 x 5|stop|light|hard battery|needs=cells
e|Head torch, tiny|45|0.1|block 6 x 4 x 4|stop|light|hard battery|needs=cells
e|Spare cells for the torch|60|0.04|block 6 x 5 x 1.5|camp|power|battery|
e|Whistle|12|0.01|pouch|walking|signal||
e|Map and compass|120|0.3|flat 16 x 10 x 1.8|walking|navigation||
e|Compass|45|0.1|flat 12 x 6 x 1.2|walking|navigation||
e|Phone|190|0.1|block 16 x 8 x 1|walking|navigation|hard battery mustStayDry|
e|Watch with navigation|60|0.05|pouch|walking|navigation|battery|
e|Own small first aid|120|0.4|pouch|hurry|firstAid||
e|Own medicines|60|0.2|pouch|hurry|firstAid|mustStayDry|
e|Blister care|35|0.1|pouch|hurry|firstAid||
e|Rescue blanket|60|0.1|pouch|hurry|emergencyShelter||
e|Emergency bag|110|0.3|pouch|hurry|emergencyShelter||
e|Lighter|18|0.02|pouch|camp|fire||
e|Matches, waterproof|30|0.06|pouch|camp|fire|mustStayDry|
e|Pocket knife|70|0.04|pouch|walking|knife|hard|
e|Cup, bowl and spoon|160|0.8|cylinder 10 x 10.5|camp|tableware|hard|
e|Spoon|12|0.02|long 18 x 2|camp|tableware||
e|Folding cup|60|0.2|pouch|camp|tableware||
e|Bowl|90|0.5|cylinder 6 x 14|camp|tableware|hard|
e|Wash kit|200|0.6|pouch|camp|hygiene|leaks scented|
e|Toothbrush and paste|50|0.1|pouch|camp|hygiene|scented|
e|Toilet paper in a bag|80|0.5|pouch|stop|hygiene|mustStayDry|
e|Small towel|70|0.4|pouch|camp|hygiene|oftenWet|
e|Hand gel|70|0.08|pouch|stop|hygiene|leaks scented|
e|Ear plugs|5|0.01|pouch|camp|hygiene||
e|Monthly supplies|90|0.4|pouch|stop|hygiene||
e|Own repair kit: tape, thread, patch|70|0.15|pouch|camp|repair||
e|Spare boot laces|25|0.04|pouch|camp|repair||
e|Walking poles, pair|480|1.8|long 65 x 6|walking|walkingPoles|ridesOutside|
e|Notebook and pencil|110|0.2|flat 15 x 10 x 1.4|stop|other|mustStayDry|
e|Book|220|0.4|block 18 x 11 x 2|camp|other|mustStayDry|
e|Camera|420|0.5|block 12 x 8 x 5|walking|instrument|hard battery crushable|
e|Binoculars|420|0.8|block 13 x 11 x 5.5|stop|instrument|hard crushable|
e|Power bank, own|210|0.15|block 14 x 7 x 1.6|camp|power|hard battery mustStayDry|
e|Charging cable|30|0.06|pouch|camp|power||
e|Papers and money|60|0.1|flat 13 x 9 x 1|camp|other|mustStayDry|
e|Keys|45|0.04|pouch|camp|other|hard|
e|Dry bag, 10 L|70|0.2|pouch|camp|other||holds=10 L, keeps dry
e|Dry bag for clothes, 10 L|70|0.2|pouch|camp|other||holds=10 L, clothes, keeps dry
e|Dry bag for the sleeping bag, 20 L|100|0.3|pouch|camp|other||holds=20 L, sleep things, keeps dry
e|Dry bag, 20 L|100|0.3|pouch|camp|other||holds=20 L, keeps dry
e|Stuff sack, 8 L|40|0.1|pouch|camp|other||holds=8 L
e|Bag of small things|30|0.1|pouch|camp|other||holds=1.5 L, small things
e|Pack liner|80|0.2|pouch|camp|other||holds=90 L, whole pack, keeps dry
e|Folding seat|450|2.6|block 33 x 12 x 7|camp|other|ridesOutside|
e|Helmet|260|5.5|block 26 x 21 x 14|stop|other|ridesOutside hard|
e|Harness|360|2.4|pouch|stop|other|mustStayDry|
e|Crampons|820|2|block 24 x 13 x 9|stop|other|sharp hard ridesOutside|
e|Light crampons|420|1.4|block 20 x 12 x 8|stop|other|sharp hard ridesOutside|
e|Ice axe|450|1|long 60 x 5|stop|other|sharp ridesOutside|
e|Snow shoes|1700|9|block 55 x 20 x 9|stop|other|ridesOutside hard|
e|Avalanche transceiver|210|0.2|block 12 x 8 x 3|walking|beacon|hard battery needsSky|needs=cells
e|Avalanche probe|270|0.7|long 40 x 5|hurry|other||
e|Snow shovel|620|2.6|block 28 x 24 x 6|hurry|other|ridesOutside hard|
e|Swimming things|150|0.6|pouch|camp|spareClothing|oftenWet|
e|Day sack|190|0.6|pouch|camp|other||
w|Walking boots|1250|6|block 32 x 22 x 12|walking|clothing||
w|Trail shoes|720|4.5|block 30 x 20 x 11|walking|clothing||
w|Walking clothes|900|4|stuff 8|walking|clothing||
w|Base layer and shirt|320|1.4|stuff 2.8|walking|clothing||
w|Walking trousers|380|1.6|stuff 3|walking|clothing||
g|Group first aid, up to 4|620|1.8|pouch|hurry|firstAid||
g|Group first aid, up to 10|1250|2.8|pouch|hurry|firstAid||
g|Splint and bandages|260|0.8|pouch|hurry|firstAid||
g|Satellite beacon|170|0.2|block 11 x 7 x 3|hurry|beacon|hard battery needsSky|needs=cells
g|Radio, handheld|230|0.3|block 13 x 6 x 4|hurry|beacon|hard battery needsSky|needs=cells
g|Animal spray|330|0.5|cylinder 20 x 5.5|walking|animalSpray|hard|
g|Group shelter, 4 people|520|2.2|stuff 4|hurry|emergencyShelter||
g|Group shelter, 8 people|980|4|stuff 7|hurry|emergencyShelter||
g|Tarp, 3 x 3 m|620|1.8|stuff 4|firstInCamp|tarp|oftenWet|wet=1.3
g|Tarp, 4 x 3 m|950|2.1|stuff 5|firstInCamp|tarp|oftenWet|wet=1.3
g|Cord, 20 m|160|0.4|pouch|firstInCamp|repair||
g|Rope, 30 m|1900|4.4|stuff 7|stop|other|ridesOutside|
g|Repair kit|360|0.8|pouch|camp|repair||
g|Pole sleeve and tape|50|0.1|long 14 x 3|camp|repair||
g|Multi-tool|230|0.1|block 11 x 4 x 2.5|camp|knife|hard|
g|Folding saw|260|0.4|long 28 x 5|camp|repair|sharp|
g|Hang kit for food|480|0.7|pouch|camp|repair||
e|Hard food container, own, 9 L|1050|11.5|cylinder 31 x 22|camp|foodContainer|hard|food=9 holds=9 L, food, keeps scent in, keeps dry, rigid
g|Hard food container, 9 L|1050|11.5|cylinder 31 x 22|camp|foodContainer|hard|food=9 holds=9 L, food, keeps scent in, keeps dry, rigid
g|Hard food container, 12 L|1200|14|cylinder 33 x 23.5|camp|foodContainer|hard|food=12 holds=12 L, food, keeps scent in, keeps dry, rigid
g|Food bag, tear-proof, 10 L|230|0.6|pouch|camp|foodContainer||food=10 holds=10 L, food
g|Food bag, dry, 12 L|90|0.3|pouch|camp|foodContainer||holds=12 L, food, keeps dry
g|Water filter, pump|360|0.84|block 20 x 7 x 6|stop|filter|oftenWet hard|
g|Water filter, squeeze|90|0.3|cylinder 14 x 5.5|stop|filter|oftenWet|
g|Water filter, gravity|310|1.2|pouch|camp|filter|oftenWet|
g|Water tablets|50|0.1|pouch|stop|filter|mustStayDry|
g|Water bag, 4 L|90|0.3|pouch|camp|waterContainer|leaks|water=4
g|Water bag, 6 L|140|0.4|pouch|camp|waterContainer|leaks|water=6
g|Water bag, 10 L|210|0.7|pouch|camp|waterContainer|leaks|water=10
g|Toilet trowel|60|0.3|long 24 x 5|stop|hygiene||
g|Toilet kit|240|0.7|pouch|stop|hygiene||
g|Washing-up kit|140|0.6|pouch|camp|hygiene|oftenWet scented|
g|Cutting board and knife|220|0.4|flat 24 x 15 x 1.2|camp|tableware|sharp|
g|Ladle|80|0.3|long 26 x 6|camp|tableware||
g|Coffee filter|40|0.2|pouch|camp|tableware||
g|Lantern|140|0.4|cylinder 9 x 8|camp|light|hard battery|needs=cells
g|Power bank, large|480|0.35|block 17 x 8 x 2.6|camp|power|hard battery mustStayDry|
g|Solar panel|560|1.4|flat 28 x 20 x 2.5|stop|power|ridesOutside crushable|
g|Spare cells|140|0.08|block 8 x 6 x 2|camp|power|battery|
g|Paper maps, set|180|0.4|flat 26 x 14 x 1.4|stop|navigation|mustStayDry|
g|Navigation device|210|0.3|block 14 x 6 x 3.5|walking|navigation|hard battery needsSky|needs=cells
g|Insect tent for meals|890|3|stuff 6|firstInCamp|insectNet||
g|Matches, waterproof, large box|60|0.1|pouch|camp|fire|mustStayDry|
g|Fire steel and tinder|70|0.1|pouch|camp|fire||
g|Candle|90|0.1|cylinder 9 x 4|camp|light||
g|Notebooks and pencils|320|0.5|flat 22 x 16 x 2|stop|other|mustStayDry|
g|Camera tripod|1250|2.4|long 48 x 9|stop|instrument|ridesOutside|
g|Spotting scope|1750|3.7|block 36 x 12 x 10|stop|instrument|hard crushable|
g|Tape measure, 30 m|310|0.5|cylinder 4 x 14|stop|instrument|hard|
g|Sample bags|220|0.6|pouch|stop|instrument||
g|Rock hammer|720|0.7|long 33 x 6|stop|instrument|hard|
g|Cards and dice|110|0.15|block 10 x 7 x 3|camp|other||
`;
//# sourceMappingURL=starterThings.js.map