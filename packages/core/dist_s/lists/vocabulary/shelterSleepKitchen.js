/**
 * Everyday names of what shelters, warms at night and cooks: usual masses are common practice, no source.
 * A row: names, the first of which is the usual one | g, least usual most | packed litres | shape | needed | purpose |
 * flags | size. Instead of litres and what follows, `=id` of the starter library's thing. Size: the figure in a name that
 * the mass goes with, as `person:2^0.9` (for two people; twice the people is 2^0.9 of the mass).
 */
export const SHELTER_SLEEP_KITCHEN = `
tent, dome tent, tunnel tent, geodesic tent, hiking tent, camping tent, backpacking tent, trekking tent, family tent, tent set|700 2400 9000|=kit-tent-for-two||||person:2^0.85
tent body, inner tent, tent inner, inner, mesh inner, sleeping compartment|300 900 3500|3.8|stuff 6|firstInCamp|tentBody||person:2^0.85
flysheet, fly sheet, rainfly, rain fly, fly, tent fly, outer tent, tent outer, outer|300 750 3000|2.9|stuff 5|firstInCamp|tentFly|oftenWet|person:2^0.85
tent poles, tent pole, tarp poles, tarp pole, pole set, pole bag|200 480 1800|1|long 45 x 6|firstInCamp|tentPoles||person:2^0.85
tent pegs, tent peg, pegs, peg, tent stakes, tent stake, stakes, stake, snow pegs, ground pegs, herrings, peg bag|60 210 700|0.3|pouch|firstInCamp|tentPegs|sharp|n:15^1
footprint, groundsheet, ground sheet, ground cloth, groundcloth, tent footprint, tent floor|80 250 1000|1|stuff 2|firstInCamp|footprint|oftenWet|person:2^0.85
mallet, rubber mallet, peg mallet, tent mallet, hammer|150 450 1000|0.8|long 30 x 9|firstInCamp|repair|hard
guy lines, guy line, guylines, guyline, guy ropes, guy rope, guys|10 60 250|0.1|pouch|firstInCamp|repair||n:6^1
tent repair sleeve, pole repair sleeve, pole sleeve|5 25 80|=group-pole-sleeve-and-tape
bivvy bag, bivvy, bivy, bivi, bivy bag, bivi bag, bivy sack, bivvy sack, bivouac bag, bivouac sack|180 420 1200|=own-bivvy-bag
tarp, tarpaulin, basha, fly tarp, awning, sun sail, rain tarp|200 620 1500|=group-tarp-3-x-3-m||||area:9^0.9
hammock, camping hammock|180 550 1500|2.2|stuff 4|firstInCamp|other
hammock straps, tree straps, hammock strap|80 200 450|0.5|pouch|firstInCamp|other
shelter, pole shelter, trekking pole tent, trekking pole shelter, pyramid tent, tipi, tepee|400 1230 5000|=kit-shelter-on-walking-poles-for-two||||person:2^0.85
sleeping bag, sleepingbag, season bag, doss bag, sleep sack|500 1050 2200|=own-sleeping-bag-three-seasons
summer sleeping bag, summer bag, 1 season sleeping bag, 2 season sleeping bag, one season sleeping bag, two season sleeping bag, 2 season bag|350 750 1300|=own-sleeping-bag-summer
three season sleeping bag, 3 season sleeping bag, 3 season bag, three season bag, 3 seasons sleeping bag|600 1050 1800|=own-sleeping-bag-three-seasons
winter sleeping bag, winter bag, 4 season sleeping bag, 4 season bag, four season sleeping bag, four season bag, 5 season sleeping bag|1000 1650 3000|=own-sleeping-bag-winter
down sleeping bag, down bag|450 900 1900|=own-sleeping-bag-three-seasons
synthetic sleeping bag, synthetic bag|700 1350 2400|=own-sleeping-bag-three-seasons
quilt, sleeping quilt, top quilt, camping quilt, under quilt, underquilt|350 560 1200|=own-quilt
sleeping bag liner, bag liner, silk liner, sleeping bag inlet, inlet, sheet sleeping bag, hut sleeping bag, liner bag, travel sheet, cotton liner|80 150 500|=own-sleeping-bag-liner
blanket, wool blanket, fleece blanket, picnic blanket|250 700 2000|4|stuff 9|camp|sleepingBag
sleeping mat, sleeping pad, mat, camping mat, sleep mat, camp mat, sleeping mattress, mattress, camping mattress, isomat, insulated mat|200 550 1600|=own-inflatable-mat-insulated
inflatable mat, inflatable pad, inflatable mattress, air mat, air mattress, airbed, air bed, air pad, blow up mat, inflatable sleeping pad, inflatable sleeping mat|250 480 1600|=own-inflatable-mat
self inflating mat, self inflatable mat, self inflating pad, self inflating mattress, selfinflating mat|350 750 1600|3.6|roll 28 x 13|camp|mat
foam mat, foam pad, roll mat, rollmat, folding mat, thermal mat, closed cell mat, closed cell foam mat, ccf mat, ccf pad, foam sleeping pad, foam sleeping mat|120 380 750|=own-foam-mat
sit mat, sit pad, seat mat, sitting pad, seat pad, sitmat, seat cushion, bum mat|20 60 250|=own-sit-pad
pump sack, mat pump, pump bag, inflation sack, mini pump, air pump, pump|30 80 300|0.2|pouch|camp|mat
pillow, inflatable pillow, camping pillow, travel pillow, air pillow|40 100 500|=own-inflatable-pillow
stove, camping stove, cooker, gas stove, gas cooker, canister stove, camp stove, hiking stove, backpacking stove, remote stove|70 220 900|0.6|block 12 x 9 x 7|camp|stove|hard
burner, gas burner, stove head, screw on burner, stove burner|60 140 450|0.4|block 10 x 8 x 6|camp|stove|hard
liquid fuel stove, petrol stove, gasoline stove, multi fuel stove, multifuel stove, white gas stove, paraffin stove, kerosene stove, diesel stove|250 480 900|1.1|block 16 x 11 x 7|camp|stove|hard
alcohol stove, alcohol burner, spirit stove, spirit burner, meths stove, meths burner, ethanol stove|20 150 1000|0.3|block 10 x 8 x 5|camp|stove|hard
wood stove, hobo stove, wood burner, twig stove, wood burning stove|100 350 1200|1.6|cylinder 13 x 13|camp|stove|hard
solid fuel stove, hexamine stove, tablet stove|15 90 250|0.2|flat 10 x 8 x 2|camp|stove|hard
two burner stove, double burner, double burner stove, twin burner, camping cooker, two flame cooker|1500 3500 6500|12|block 50 x 30 x 9|camp|stove|hard
fuel tablets, solid fuel, hexamine tablets, fuel tabs, solid fuel tablets|50 160 400|0.2|pouch|camp|fuel||n:12^1
barbecue, bbq, grill, disposable barbecue, charcoal grill|500 1500 9000|9|block 34 x 26 x 10|camp|stove|hard
grill grate, grill rack, grate|150 450 1500|1|flat 36 x 24 x 1.5|camp|stove|hard
gas canister, gas cartridge, canister, cartridge, gas can, gas cylinder, gas tin, gas cannister, gas canister for stove, gas bottle, camping gas, butane, butane gas, propane, isobutane, gas refill, threaded canister, screw canister, fuel canister|180 380 720|0.72|cylinder 9 x 11|camp|fuel|gasFuel hard|g:230^0.75
gas, fuel, stove gas, stove fuel, cooking fuel, cooking gas, cooker gas|150 380 3000|0.72|cylinder 9 x 11|camp|fuel|gasFuel hard|g:230^0.75 personNight:8.4^1
fuel bottle, petrol bottle, empty fuel bottle|70 160 1300|0.75|cylinder 24 x 8|camp|fuel|liquidFuel hard|
petrol, gasoline, white gas, white spirit, naphtha, paraffin, kerosene, liquid fuel|200 800 3000|1.05|cylinder 24 x 8|camp|fuel|liquidFuel hard leaks|l:1^1
meths, methylated spirit, methylated spirits, alcohol fuel, denatured alcohol, ethanol, spirit, fuel alcohol, bioethanol|150 450 2500|0.6|cylinder 20 x 7|camp|fuel|liquidFuel leaks|l:0.5^1
charcoal, briquettes|1000 2500 6000|6|pouch|camp|fuel
firewood, fire wood, logs, wood, kindling|1000 5000 15000|10|pouch|camp|fuel
windshield, wind shield, windscreen, wind screen, windbreak for the stove, stove screen, stove windshield|40 170 400|0.5|flat 24 x 20 x 1|camp|stove
heat reflector, stove board, stove base, stove stand, canister stand|20 70 350|0.2|flat 14 x 14 x 1|camp|stove
pot, cooking pot, cook pot, cookpot, saucepan, billy, billy can, billycan, dixie, camping pot, titanium pot, aluminium pot, steel pot|100 380 1300|1.8|cylinder 13 x 14|camp|pot|hard|l:1.6^0.75
big pot, large pot, stock pot, stockpot, group pot, dutch oven|300 900 6000|5.5|cylinder 17 x 22|camp|pot|hard|l:5^0.75
pots and pans, pot set, pan set, pots, cook set, cookset, cooking set, cookware, pots and lids, nesting pots|250 900 2500|3.4|cylinder 15 x 17.5|camp|pot|hard
kitchen, cooking kit, kitchen set, cooking gear, cooking equipment, cooking stuff, cooking things, kitchen kit, kitchen gear, kitchen equipment, kitchen stuff, kitchen things, kitchen box, kitchen bag, stove and pots, stove and pot, pots and stove, gas cook set|400 970 3500|=kit-gas-cook-set-2-5-l||||l:2.5^0.7
stove set, cooking system, stove system, all in one stove, integrated stove, boil system, storm cooker, storm kitchen|300 670 1600|=kit-heat-exchanger-cook-set-1-8-l
liquid fuel cook set, petrol cook set, expedition cook set|800 1220 2500|=kit-liquid-fuel-cook-set-3-l
alcohol cook set, spirit cook set, meths cook set|180 290 900|=kit-alcohol-cook-set-1-l
mess tin, mess kit, mess tins, mess set|150 380 1000|1.4|block 19 x 14 x 6|camp|pot|hard
frying pan, fry pan, skillet, pan|150 400 1800|1.5|flat 30 x 20 x 4|camp|pot|hard
griddle|500 1200 4000|1.5|flat 32 x 24 x 2|camp|pot|hard
kettle, teapot, tea pot, tea kettle|120 280 900|1.5|cylinder 11 x 15|camp|pot|hard
coffee pot, moka pot, mocha pot, espresso maker, espresso pot, coffee maker, percolator|150 450 1000|1.2|cylinder 18 x 11|camp|tableware|hard
french press, cafetiere, coffee press|150 350 800|1.4|cylinder 18 x 11|camp|tableware|hard
coffee filter, filter papers, coffee dripper, coffee filters, drip filter|10 40 150|=group-coffee-filter
lid, pot lid|30 100 300|0.3|flat 16 x 16 x 1.5|camp|pot|hard
pot gripper, pot grip, pot handle, pan handle, pot lifter, pan gripper|20 45 150|0.1|long 15 x 4|camp|tableware|hard
pot cosy, pot cozy|20 60 200|0.5|pouch|camp|tableware
ladle, soup ladle|20 80 200|=group-ladle
spatula, fish slice, turner, scraper|15 60 200|0.2|long 26 x 6|camp|tableware
wooden spoon, cooking spoon, stirring spoon, whisk, tongs|15 50 200|0.2|long 26 x 5|camp|tableware
tin opener, can opener, bottle opener, corkscrew|5 60 200|0.05|pouch|camp|tableware|hard
chopping board, cutting board, board, chopping mat, cutting mat|40 180 700|0.3|flat 24 x 15 x 1|camp|tableware
kitchen knife, cooking knife, sharp knife, chef knife, vegetable knife, paring knife, bread knife|20 90 300|0.1|long 22 x 3|camp|tableware|sharp
peeler, vegetable peeler|15 40 100|0.05|long 17 x 3|camp|tableware|sharp
grater, cheese grater|30 100 300|0.3|flat 20 x 8 x 2|camp|tableware|sharp
sieve, strainer, colander|30 110 350|0.8|pouch|camp|tableware
measuring cup, measuring jug|20 60 200|0.3|pouch|camp|tableware
aluminium foil, aluminum foil, tin foil, tinfoil, kitchen foil, foil|30 120 400|0.4|long 30 x 4|camp|tableware
kitchen roll, paper towels, kitchen towel, kitchen paper, paper towel|60 200 500|2|cylinder 23 x 11|camp|hygiene|mustStayDry
tea towel, dish towel, dishcloth, dish cloth, j cloth, kitchen cloth, drying up cloth, glass cloth|20 60 200|0.3|pouch|camp|hygiene|oftenWet
washing up liquid, dish soap, washing up soap, dishwashing liquid, dish washing liquid, dish liquid, camp soap, camp suds, biodegradable soap|20 120 600|0.12|pouch|camp|hygiene|leaks scented
sponge, scourer, scouring pad, dish sponge, scrubber, washing up sponge, dish brush, washing up brush|2 15 80|0.1|pouch|camp|hygiene|oftenWet scented
washing up bowl, wash bowl, washbowl, folding bowl, sink, dish tub, bucket, folding bucket, collapsible bucket, collapsible bowl|50 200 900|0.6|pouch|camp|hygiene|oftenWet
washing up kit, washing up set, dish kit, dishwashing kit, washing up things, washing up stuff, dishwashing stuff, dish washing kit, washing up gear|60 180 800|=group-washing-up-kit
plate, plates, camping plate, dinner plate|30 120 500|0.4|flat 22 x 22 x 2|camp|tableware|hard
bowl, eating bowl, cereal bowl, soup bowl, food bowl, folding plate|20 90 400|=own-bowl
mug, tin mug, enamel mug, coffee mug, tea mug, titanium mug, insulated mug, travel mug|50 110 450|0.5|cylinder 9 x 9|camp|tableware|hard
cup, drinking cup, plastic cup, tin cup, beaker, tumbler, coffee cup|20 70 400|0.4|cylinder 9 x 8|camp|tableware
folding cup, collapsible cup, silicone cup|30 60 200|=own-folding-cup
spork, spoon, fork, tea spoon, teaspoon, tablespoon, long spoon, titanium spoon, plastic spoon, long handled spoon|5 15 90|=own-spoon
cutlery, cutlery set, eating utensils, utensils, knife fork spoon, knife and fork, eating irons, silverware, flatware, kfs, knife fork and spoon, table knife, butter knife|10 60 250|0.1|long 19 x 4|camp|tableware
eating kit, eating set, cup bowl and spoon, bowl and spoon, cup and bowl, plate and cutlery, crockery, dinner set, tableware, dishes, plate bowl mug|60 220 900|=own-cup-bowl-and-spoon
lunch box, lunchbox, food box, sandwich box, plastic box, food container, plastic tub|50 150 500|1|block 17 x 12 x 6|stop|tableware|hard
thermos, thermos flask, vacuum flask, thermo flask, thermos bottle, insulated bottle, insulated flask, vacuum bottle, flask, tea flask, hot drink flask|250 420 1200|=own-steel-flask-0-75-l||||l:0.75^0.8
hip flask, whisky flask, whiskey flask|50 120 350|0.25|flat 12 x 9 x 2.5|camp|tableware|hard
water bottle, bottle, drinking bottle, drink bottle, drinks bottle, plastic bottle, steel bottle, aluminium bottle, wide mouth bottle, sports bottle, canteen, pet bottle, metal bottle|20 120 400|=own-bottle-1-l||||l:1^0.7
soft bottle, soft flask, softflask, folding bottle, collapsible bottle, flexible bottle|15 40 120|=own-soft-bottle-1-l||||l:1^0.7
hydration bladder, water bladder, bladder, reservoir, water reservoir, hydration reservoir, hydration pack, drinking system, hydration system, drinking bladder, drink bladder, hose bladder|60 160 350|=own-reservoir-2-l||||l:2^0.5
water bag, water sack, water carrier, water container, collapsible water container, folding canister, water canister, jerrycan, jerry can, folding water container, water cube, collapsible jerrycan|50 140 900|=group-water-bag-6-l||||l:6^0.7
water filter, filter, filter pump, pump filter, water pump|40 250 700|=group-water-filter-pump
squeeze filter, filter bottle, bottle with filter, straw filter, filter straw, drinking straw filter|40 100 250|=group-water-filter-squeeze
gravity filter, filter bag, gravity water filter|150 310 700|=group-water-filter-gravity
water purifier, purifier, uv purifier, uv pen, uv light for water, uv lamp|60 170 900|0.3|cylinder 17 x 4.5|stop|filter|battery
water tablets, purification tablets, water purification tablets, chlorine tablets, water treatment tablets, water purifying tablets, chlorine, iodine, chlorine drops, water drops, water treatment|5 40 120|=group-water-tablets|n:40^1
cool box, coolbox, cooler, cool bag, ice box, cooler bag, ice pack, ice packs|300 2500 9000|20|block 40 x 30 x 30|camp|foodContainer|hard
bear canister, bear can, bear barrel, bear box, hard food container, food barrel, bear keg|600 1100 1900|=group-hard-food-container-12-l
food bag, bear bag, food sack, scent proof bag, odor proof bag, odour proof bag, rodent bag|30 200 500|=group-food-bag-tear-proof-10-l
food hanging kit, hanging kit, bear hang kit, hang kit, bear line, food hang, bear hang|50 300 900|=group-hang-kit-for-food
`;
//# sourceMappingURL=shelterSleepKitchen.js.map