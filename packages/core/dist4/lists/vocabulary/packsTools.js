/** Everyday names of packs and bags, tools, light, power, navigation and safety; columns as in `shelterSleepKitchen.ts`. */
export const PACKS_TOOLS = `
rucksack, backpack, pack, hiking backpack, hiking pack, trekking backpack, trekking rucksack, backpacking pack, big rucksack, main pack, main bag, hiking rucksack, travel backpack, framed pack, frame pack, frameless pack|500 1800 3500|2|pouch|walking|other||l:60^0.7
day pack, daypack, day sack, daysack, summit pack, day bag, small backpack, small rucksack, day rucksack, running pack, day backpack, packable daypack, summit bag, running vest|120 400 1400|=own-day-sack
bum bag, bumbag, fanny pack, hip pack, hip bag, waist pack, waist bag, belt bag, belt pouch, shoulder bag, handbag, sling bag|50 150 500|0.4|pouch|walking|other
child carrier, kid carrier, baby carrier, child carrier backpack|600 2600 3800|20|block 70 x 35 x 25|walking|other|ridesOutside
pack cover, rain cover, raincover, backpack cover, rucksack cover, pack rain cover, backpack rain cover, rucksack rain cover|50 110 250|=own-pack-cover
dry bag, drybag, dry sack, drysack, waterproof bag, roll top bag, waterproof sack, watertight bag, dry pack, waterproof stuff sack, rolltop bag, water tight bag|20 90 400|=own-dry-bag-20-l||||l:20^0.6
stuff sack, stuffsack, stuff bag, storage sack, ditty bag, ditty sack, pouch, organiser bag, organizer bag, packing cube, packing cubes, mesh bag, small bag, net bag, clothes sack, organiser, organizer, tote bag, cotton bag, draw string bag, drawstring bag, laundry bag, shopping bag|10 45 200|=own-stuff-sack-8-l||||l:8^0.6
compression sack, compression bag, compression stuff sack|50 140 350|0.4|pouch|camp|other
pack liner, rucksack liner, backpack liner, liner, waterproof liner|20 80 200|=own-pack-liner
bin liner, bin liners, bin bag, bin bags, rubbish bag, trash bag, garbage bag, rubbish sack, trash bags, rubbish bags, rubble sack, rubble sacks, litter bag, waste bag, bin sack, refuse bag, refuse sack|5 40 250|0.1|pouch|camp|other
zip bags, zip lock bags, ziplock bags, ziplock, zip lock bag, zip lock, freezer bags, freezer bag, sandwich bags, plastic bags, plastic bag, carrier bag, resealable bags, sealable bags, dog poo bags, poo bags, zipper bags, dog bags|2 20 150|0.05|pouch|camp|other||n:5^1
carabiner, karabiner, carabiners, karabiners, crab, biner, snap link, krab, snap hook, screwgate, locking carabiner, screw gate, locker|10 60 150|0.05|pouch|camp|repair|hard
bungee cord, bungee, bungees, bungee cords, elastic cord, shock cord, stretch cord, luggage strap|10 60 250|0.1|pouch|camp|repair
straps, strap, lashing straps, webbing straps, accessory straps, pack straps, spare straps, spare strap, compression straps|10 50 250|0.1|pouch|camp|repair
cord, paracord, string, rope for washing line, accessory cord, utility cord, line, twine, thin rope, cordage, washing line, clothes line, clothesline, nylon cord, guy cord, laundry line, rope for tarp, prusik cord|5 90 400|=group-cord-20-m||||m:20^1
rope, climbing rope, single rope, glacier rope, dynamic rope, half rope, static rope, walking rope, safety rope, confidence rope|600 1900 4500|=group-rope-30-m||||m:30^1
prusiks, prusik, prusik loop, prusik loops, prusik slings|20 60 200|0.1|pouch|stop|other
slings, sling, tape sling, webbing sling, sling set|20 90 300|0.2|pouch|stop|other
quickdraws, quick draws, quickdraw, quick draw, draws|60 100 250|0.2|pouch|stop|other|hard
belay device, abseil device, descender, tuber, belay plate, figure of eight, rappel device, belay tube|40 80 250|0.1|pouch|stop|other|hard
via ferrata set, via ferrata kit, lanyard set|350 500 800|1.2|pouch|stop|other
climbing gear, climbing kit, rack, trad rack, climbing rack, set of nuts, set of cams|500 1800 6000|3|pouch|stop|other|hard
chalk bag, chalk|50 200 400|0.6|pouch|stop|other
head torch, headtorch, head lamp, headlamp, head light, headlight, forehead lamp, head flashlight|25 90 350|=own-head-torch
torch, flashlight, flash light, pocket lamp, pocket torch, hand torch, light, spare torch, spare light, emergency light, backup torch, penlight, led torch, small torch, hand lamp, reading light, book light, tent light, key ring torch, camping light|20 90 500|0.2|cylinder 12 x 3|stop|light|hard battery
lantern, camping lantern, lamp, camp lantern, camping lamp, tent lamp, solar lantern, solar lamp, led lantern, gas lantern, fairy lights, string lights|40 150 1000|=group-lantern
batteries, battery, spare batteries, spare battery, aa batteries, aaa batteries, cells, rechargeable batteries, spare cells, lithium batteries, aa cells, aaa cells, extra batteries, spare aaa batteries, spare aa batteries, torch batteries, camera battery, spare camera battery, phone battery, cr2032, aaas, aas|5 60 400|=own-spare-cells-for-the-torch|n:3^1
power bank, powerbank, battery pack, usb battery, portable charger, external battery, battery bank, power pack, portable battery|80 210 1200|=own-power-bank-own||||mah:10000^0.85
solar panel, solar charger, solar cell, solar panels, folding solar panel|100 400 1500|=group-solar-panel
charger, phone charger, usb charger, wall charger, plug, adapter, adaptor, travel adapter, travel adaptor, power plug, usb plug, charging plug, power adapter, battery charger, plug adapter, plug adaptor|20 70 400|0.1|block 8 x 5 x 3|camp|power|hard
charging cable, cable, usb cable, charger cable, phone cable, lightning cable, usb c cable, charging cord, charging lead, usb lead, cables, micro usb cable, usb cord, charge cable, usb cables|8 30 120|=own-charging-cable
phone, mobile phone, mobile, cell phone, cellphone, smartphone, smart phone, handy phone, telephone|90 190 350|=own-phone
phone case, phone holder, waterproof phone case, phone pouch|15 40 150|0.1|pouch|walking|other
headphones, earphones, ear buds, earbuds, ear phones, headset|5 40 350|0.1|pouch|camp|other|battery
camera, digital camera, dslr, slr, mirrorless camera, camera with lens, compact camera, action camera, action cam, film camera, video camera, camcorder, point and shoot, system camera|100 600 2000|=own-camera
camera lens, lens, zoom lens, spare lens|100 450 1500|0.8|cylinder 11 x 8|stop|instrument|hard crushable
camera gear, camera kit, camera equipment, photo gear, photo equipment, camera bag, camera stuff|300 1500 5000|3|block 24 x 16 x 12|stop|instrument|crushable
tripod, camera tripod, travel tripod, mini tripod, monopod, small tripod|60 900 3500|=group-camera-tripod
memory card, memory cards, sd card, sd cards|1 5 30|0.01|pouch|camp|other
selfie stick, gimbal|80 200 600|0.4|long 25 x 5|stop|other
drone, quadcopter|200 600 1500|1.6|block 20 x 14 x 8|stop|instrument|battery crushable
binoculars, binos, field glasses, bins, monocular, opera glasses|60 420 1300|=own-binoculars
spotting scope, scope, telescope|600 1750 3500|=group-spotting-scope
e reader, ereader, ebook reader, ebook, e book, tablet, tablet computer|120 220 800|0.3|flat 18 x 13 x 1|camp|other|battery crushable mustStayDry
laptop, notebook computer, computer|900 1400 2600|2|flat 34 x 23 x 2|camp|other|battery crushable mustStayDry
speaker, bluetooth speaker, loudspeaker, music box, portable speaker|80 350 1200|0.6|cylinder 17 x 7|camp|other|battery
radio, pocket radio, world receiver, wind up radio|60 200 600|0.3|block 12 x 7 x 3|camp|other|battery
book, novel, guidebook, guide book, paperback, field guide, bird book, route guide, flower guide, guide, reading book, bible, plant guide, trail guide, identification guide, walking guide, hymn book, song book|80 280 1000|=own-book
notebook, notepad, note pad, journal, diary, sketchbook, sketch book, drawing pad, paper, exercise book, logbook, log book, trip journal, writing pad|30 160 700|0.3|flat 18 x 12 x 1.2|camp|other|mustStayDry
notebook and pencil, pen and paper, notebook and pen, paper and pencil, pencil and paper, writing things, pen and notebook|40 110 400|=own-notebook-and-pencil
pen, pens, pencil, pencils, ballpoint, biro, marker, marker pen, felt tip, crayons, coloured pencils, highlighter|3 12 150|0.03|long 15 x 2|camp|other
painting kit, watercolours, watercolors, paint set, paints, sketching kit|60 250 1000|0.5|pouch|camp|other
cards, playing cards, deck of cards, pack of cards, card game, set of cards|40 100 250|0.12|block 9 x 6 x 2|camp|other
game, games, board game, dice, travel game, cards and dice, chess, dominoes, backgammon, travel chess, travel games|20 200 1200|=group-cards-and-dice
ball, football, soccer ball, volleyball, rugby ball, beach ball|50 400 600|1|pouch|camp|other
flying disc, disc|60 175 250|0.5|flat 27 x 27 x 3|camp|other
kite|100 300 800|1.5|long 60 x 6|camp|other
toy, toys, teddy, teddy bear, cuddly toy, soft toy, stuffed animal, doll, teddies, cuddly|30 150 700|0.8|stuff 1.5|camp|other
guitar, travel guitar, acoustic guitar|1200 2000 5000|30|block 100 x 38 x 11|camp|other|ridesOutside crushable
ukulele, uke|300 600 1100|4|long 56 x 18|camp|other|crushable
harmonica, mouth organ, tin whistle, recorder, flute, jaw harp, penny whistle|20 150 600|0.2|long 30 x 3|camp|other
fishing rod, fly rod, rod, fishing tackle, fishing gear, fishing kit, tackle, reel|150 500 2000|1.2|long 60 x 5|stop|other|ridesOutside
gps, gps device, gps unit, handheld gps, navigation device, gps receiver, sat nav, satnav, navi, gps handset|60 200 500|=group-navigation-device
satellite beacon, satellite messenger, plb, personal locator beacon, satellite communicator, locator beacon, emergency beacon, sos beacon, tracker, gps tracker, epirb, satellite tracker, rescue beacon, beacon, sat messenger, satellite device|60 150 400|=group-satellite-beacon
satellite phone, sat phone, satphone|100 250 500|0.3|block 15 x 6 x 3|hurry|beacon|hard battery needsSky
walkie talkie, walkie talkies, two way radio, two way radios, handheld radio, vhf radio, uhf radio, pmr radio, ham radio, vhf, pmr, two way radio set|80 200 600|=group-radio-handheld
map, maps, paper map, topo map, topographic map, hiking map, trail map, walking map, ordnance map, os map, contour map, map sheet, paper maps, topo maps, map set, map sheets, spare map|20 90 600|0.2|flat 24 x 13 x 0.7|stop|navigation|mustStayDry
map and compass, compass and map, map & compass|60 120 500|=own-map-and-compass
compass, spare compass, sighting compass, baseplate compass|15 45 250|=own-compass
map case, map cover, map pouch, waterproof map case, map holder|20 80 250|0.2|flat 28 x 28 x 0.4|stop|navigation
whistle, emergency whistle, signal whistle|2 12 60|=own-whistle
signal mirror, flare, flares, signal flare, smoke signal, signal panel|10 80 500|0.1|pouch|hurry|signal
altimeter, barometer, weather station, anemometer, wind meter|20 70 300|0.1|pouch|walking|navigation
watch, wrist watch, wristwatch, gps watch, sports watch, smart watch, smartwatch, alarm clock, clock|15 55 250|=own-watch-with-navigation
group shelter, bothy bag, bothy, storm shelter, survival shelter, emergency shelter, storm bag, two person bothy bag, bothy shelter|150 520 1500|=group-group-shelter-4-people||||person:4^0.8
survival bag, emergency bag, emergency bivvy, emergency bivy, orange survival bag, plastic survival bag, exposure bag, emergency sleeping bag|60 200 700|=own-emergency-bag
rescue blanket, emergency blanket, space blanket, foil blanket, survival blanket, thermal blanket, mylar blanket, gold foil, rescue foil|30 60 250|=own-rescue-blanket
survival kit, emergency kit, survival tin|60 200 800|0.4|pouch|hurry|emergencyShelter
knife, pocket knife, pen knife, penknife, pocketknife, folding knife, army knife, jack knife, jackknife, belt knife, sheath knife, hunting knife, camping knife, fixed blade, bush knife, bushcraft knife, utility knife, clasp knife, fixed blade knife|20 90 400|=own-pocket-knife
multitool, multi tool, pliers, multi purpose tool, tool|60 230 450|=group-multi-tool
scissors, small scissors, nail scissors|10 30 150|0.05|long 12 x 4|camp|repair|sharp
saw, folding saw, wood saw, pruning saw, bow saw, wire saw, camp saw|20 260 800|=group-folding-saw
axe, ax, hatchet, splitting axe, camp axe, tomahawk, chopper|300 750 2200|1.2|long 40 x 12|camp|repair|sharp hard ridesOutside
machete, parang|400 650 1200|1.2|long 55 x 8|camp|repair|sharp ridesOutside
lighter, gas lighter, lighters, cigarette lighter, storm lighter, windproof lighter, fire lighter, mini lighter|8 20 100|=own-lighter
matches, match box, matchbox, storm matches, waterproof matches, box of matches, matchsticks|3 25 90|=own-matches-waterproof
fire steel, firesteel, flint, flint and steel, fire starter, firestarter, ferro rod, fire striker, tinder, firelighters, fire lighters, firelighter, fire starting kit, ferrocerium rod, fire kit|5 60 250|=group-fire-steel-and-tinder
candle, candles, tea lights, tealights, tea light, lantern candle|10 90 600|=group-candle
cigarettes, tobacco, cigars, smokes, rolling tobacco|10 40 200|0.15|pouch|camp|other
duct tape, tape, gaffer tape, duck tape, gaffa tape, insulating tape, repair tape, electrical tape, sticky tape, roll of tape|5 60 500|0.1|pouch|camp|repair
repair kit, repair set, repair stuff, repair things, tent repair, mat repair, tool kit, toolkit, tools, repair bag, repair gear, tools and spares, bike repair kit, tent repair kit, stove repair kit, mat repair kit, maintenance kit, gear repair kit, spare parts|20 250 1000|=group-repair-kit
sewing kit, needle and thread, thread, needles, needle, sewing set, sewing things, needle & thread|1 25 150|0.05|pouch|camp|repair
patches, patch, patch kit, repair patches, mat patches, puncture repair kit, patch set|1 20 120|0.05|pouch|camp|repair
glue, superglue, super glue, seam sealer, seam sealant, seam grip, adhesive, epoxy|3 25 150|0.03|pouch|camp|repair|leaks
cable ties, zip ties, zipties, cable tie, zip tie, wire, wire ties|2 20 200|0.05|pouch|camp|repair||n:10^1
safety pins, safety pin, clothes pegs, pins, clothespins, clothes pins, pegs for washing, binder clips|1 15 100|0.05|pouch|camp|repair||n:10^1
laces, spare laces, shoe laces, shoelaces, boot laces, bootlaces, spare boot laces, spare bootlaces, spare shoelaces|5 25 80|=own-spare-boot-laces
buckle, spare buckle, spare buckles, buckles, spare hip buckle|5 20 100|0.03|pouch|camp|repair
hooks, clips, clip, hook, s hooks|2 30 150|0.05|pouch|camp|repair
padlock, lock, combination lock, bike lock|20 100 1500|0.1|pouch|camp|other|hard
luggage scale, scale, scales, hanging scale, spring scale|30 120 600|0.2|pouch|camp|instrument
tape measure, measuring tape|20 150 700|=group-tape-measure-30-m
thermometer, clinical thermometer|5 25 120|0.05|pouch|hurry|firstAid
chair, camping chair, folding chair, camp chair, deck chair, lightweight chair, camping chairs|400 1200 5000|4|block 36 x 12 x 11|camp|other|ridesOutside
stool, folding stool, camp stool, camping stool, folding seat, tripod stool, three leg stool|250 600 2500|=own-folding-seat
table, folding table, camping table, camp table, roll table|500 2500 8000|8|block 60 x 20 x 8|camp|other|ridesOutside
insect tent, mesh tent, mess tent, bug shelter, screen house|600 890 6000|=group-insect-tent-for-meals
slackline|800 1500 4000|2|pouch|camp|other
clipboard, clip board, writing board|80 220 500|0.5|flat 32 x 23 x 1|stop|other
dog lead, dog leash, leash, dog harness, dog coat, dog collar|50 200 600|0.4|pouch|walking|other
dog bowl, dog dish|40 120 400|0.4|pouch|camp|other
winter safety set, winter safety kit, winter safety gear, snow safety kit, snow safety set|900 1410 3000|=kit-winter-safety-set
avalanche gear, avi gear, avalanche kit, avalanche set, avalanche safety set, avalanche equipment|700 1100 2000|3.5|pouch|hurry|other
gazebo, pavilion, event shelter, party tent|4000 9000 25000|40|block 120 x 20 x 20|camp|tarp|ridesOutside
bell, bear bell|15 60 200|0.1|pouch|walking|signal
bear spray, pepper spray, animal spray|200 330 500|=group-animal-spray
`;
//# sourceMappingURL=packsTools.js.map