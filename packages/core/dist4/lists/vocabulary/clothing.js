/** Everyday names of clothes and of what is worn in snow; columns as in `shelterSleepKitchen.ts`. */
export const CLOTHING = `
rain jacket, waterproof jacket, rain coat, raincoat, rain shell, shell jacket, hardshell, hard shell, hard shell jacket, hardshell jacket, cagoule, anorak, waterproof coat, mac, rainjacket, waterproof top, waterproof shell, rain top, shell, parka, outer layer, top layer, waterproof layer|150 340 900|=own-rain-jacket
rain trousers, rain pants, waterproof trousers, waterproof pants, over trousers, overtrousers, overpants, shell pants, waterproof bottoms, rain bottoms, hardshell pants, rainpants, hardshell trousers, waterproof leggings|100 230 700|=own-rain-trousers
waterproofs, rain gear, raingear, rain suit, wet weather gear, rain kit, rainwear, rain clothes, wet weather clothes, oilskins, foul weather gear, waterproof clothes, waterproof set|250 570 1500|2.7|stuff 6|hurry|rainwear|oftenWet
poncho, rain poncho, rain cape, cape|100 290 650|=own-poncho
umbrella, brolly, trekking umbrella|100 260 600|=own-umbrella
rain skirt, rain kilt|50 110 250|0.4|stuff 1|hurry|rainwear|oftenWet
softshell, soft shell, softshell jacket, soft shell jacket|250 500 900|2.4|stuff 5|stop|warmLayer
wind jacket, windproof, windproof jacket, wind shirt, windshirt, windcheater, windbreaker, wind breaker, windstopper, wind shell, wind top|50 130 500|=own-wind-jacket
fleece, fleece jacket, fleece top, mid layer, midlayer, micro fleece, microfleece, thin fleece, light fleece, fleece pullover, fleece hoodie, grid fleece, warm layer, insulating layer, insulation layer, middle layer, second layer, extra layer, spare warm layer, spare layer|150 320 800|=own-light-fleece
thick fleece, heavy fleece, warm fleece|350 480 900|=own-thick-fleece
jumper, sweater, pullover, wool jumper, woolly jumper, wool sweater, cardigan, woollen jumper, jersey, sweatshirt, wool pullover, knitted jumper|200 450 1000|3|stuff 6|stop|warmLayer
hoodie, hoody, hooded top, hooded sweatshirt|250 500 1000|3.2|stuff 6.5|stop|warmLayer
down jacket, puffy, puffy jacket, puffer, puffer jacket, down puffy, down coat, down top, feather jacket, down parka, down sweater, duvet jacket|150 380 1000|=own-down-jacket
insulated jacket, synthetic jacket, insulation jacket, belay jacket, warm jacket, padded jacket, winter jacket, thick jacket, winter coat, warm coat, coat, quilted jacket, thermal jacket, synthetic puffy|200 480 1300|=own-synthetic-jacket
jacket|150 400 1000|2|stuff 4.5|hurry|rainwear
gilet, body warmer, bodywarmer, down vest, insulated vest, down gilet, down waistcoat, waistcoat, fleece vest, puffy vest|100 240 600|=own-down-waistcoat
insulated trousers, down trousers, down pants, insulated pants, warm trousers, padded trousers, puffy pants|200 400 900|=own-insulated-trousers
vest, singlet, tank top, undershirt, string vest, sleeveless top, sleeveless shirt, cami, camisole|50 120 400|0.5|stuff 1|camp|spareClothing
t shirt, tshirt, tee shirt, tee, t, short sleeve shirt, cotton shirt, wool t shirt, merino t shirt, merino tee, short sleeve top, functional shirt, sports shirt, running shirt|80 160 350|=own-spare-shirt
shirt, hiking shirt, trekking shirt, top, blouse, polo shirt, polo, spare shirt, sun shirt, sun hoody, sun hoodie, button shirt, checked shirt, flannel shirt, wool shirt, tops|80 200 500|=own-spare-shirt
long sleeve shirt, long sleeved shirt, long sleeve top, long sleeve, long sleeved top, longsleeve, long sleeve t shirt, roll neck, polo neck, turtleneck|100 220 500|0.9|stuff 1.8|camp|spareClothing
base layer, baselayer, merino top, thermal top, base layer top, thermal shirt, merino base layer, first layer, merino shirt, under layer, merino long sleeve, thermal vest, spare base layer, merino baselayer, wool base layer, base layers, technical shirt|80 190 450|=own-spare-base-layer
thermals, thermal underwear, thermal set, long underwear, thermal layers, wool underwear, thermal base layers, base layer set, merino set, ski underwear|150 350 700|1.6|stuff 3|camp|spareClothing|mustStayDry
long johns, longjohns, thermal leggings, thermal bottoms, base layer bottoms, base layer bottom, thermal pants, merino leggings, merino bottoms, base layer leggings, thermal tights, long underpants, thermal trousers, wool leggings|100 190 450|0.9|stuff 1.7|camp|spareClothing|mustStayDry
leggings, tights, running tights, yoga pants|80 200 450|0.8|stuff 1.5|camp|spareClothing
trousers, pants, hiking trousers, hiking pants, walking trousers, trekking trousers, trekking pants, cargo pants, spare trousers, long trousers, long pants, zip off trousers, zip offs, zipoffs, convertible trousers, convertible pants, zip off pants, track pants, sweatpants, joggers, tracksuit bottoms, jogging bottoms, softshell trousers, softshell pants, slacks, outdoor trousers, chinos, sweat pants, dungarees|150 350 900|=own-spare-trousers
jeans, denim trousers|400 650 1100|1.8|stuff 3.4|camp|spareClothing
tracksuit|400 700 1200|2.8|stuff 5.5|camp|spareClothing
shorts, hiking shorts, walking shorts, running shorts, short trousers, short pants, gym shorts, cycling shorts|80 190 500|=own-shorts
skirt, dress, skort, sarong, kilt|80 220 700|0.8|stuff 1.6|camp|spareClothing
underwear, undies, pants underwear, briefs, boxers, boxer shorts, underpants, knickers, panties, pair of pants, spare underwear, undergarments, slips, smalls, clean underwear, boxer briefs, trunks|20 65 250|=own-spare-underwear
bra, sports bra, sport bra, bralette|30 80 250|0.3|stuff 0.5|camp|spareClothing
socks, hiking socks, walking socks, wool socks, woolly socks, thick socks, spare socks, warm socks, merino socks, trekking socks, pair of socks, hiking sock, boot socks, bed socks, ski socks, sleeping socks, camp socks, running socks, ankle socks, cotton socks|25 80 200|=own-spare-socks-pair
liner socks, thin socks, sock liners, inner socks, toe socks|15 40 110|0.15|stuff 0.3|camp|spareClothing|mustStayDry
waterproof socks|80 160 300|0.5|stuff 0.9|stop|clothing
vapour barrier socks, vapor barrier socks, vbl socks|20 60 150|0.1|pouch|camp|spareClothing
pyjamas, pajamas, pjs, jammies, night clothes, nightwear, night dress, nightie, sleepwear, sleep clothes, sleeping clothes, pyjama, nightshirt, camp clothes, dry clothes for the night|100 330 800|=own-night-clothes
swimming trunks, swim trunks, swimming costume, swimsuit, bathing suit, bikini, swim shorts, swimwear, swimming things, swimming gear, bathers, swimming kit, cozzie, swim suit, bathing trunks, swimming shorts, swim things, swim stuff, swim gear, swimming stuff|40 150 500|=own-swimming-things
spare clothes, change of clothes, clothes, clothing, spare clothing, extra clothes, clean clothes, set of clothes, dry clothes, change of clothing, clothes bag|400 1100 4000|5|stuff 10|camp|spareClothing|mustStayDry
hat, warm hat, beanie, woolly hat, wool hat, winter hat, knit hat, knitted hat, bobble hat, toque, tuque, fleece hat, wooly hat, stocking cap, night cap, merino hat, merino beanie|20 65 250|=own-warm-hat
sun hat, sunhat, cap, baseball cap, peaked cap, visor, bucket hat, boonie hat, wide brim hat, straw hat, running cap, legionnaire hat|30 85 250|=own-sun-hat
neck tube, neck gaiter, snood, neck warmer, tube scarf, neckerchief, bandana, bandanna, multifunctional scarf, tubular scarf, neckwarmer, multi scarf|15 45 150|=own-neck-tube
scarf, shawl, wool scarf, pashmina|40 150 400|0.6|stuff 1|stop|handsHead
headband, head band, ear warmer, ear band, earmuffs, ear muffs|10 35 150|0.1|stuff 0.3|stop|handsHead
balaclava, face mask, ski mask, face cover|25 70 200|=own-balaclava
gloves, warm gloves, winter gloves, ski gloves, insulated gloves, thick gloves, leather gloves, work gloves, belay gloves, pair of gloves, waterproof gloves|30 120 400|=own-gloves-warm
thin gloves, liner gloves, glove liners, light gloves, running gloves, fleece gloves, wool gloves, inner gloves, softshell gloves, wind gloves|15 50 150|=own-gloves-thin
mittens, mitts, overmitts, over mitts, down mitts, warm mittens, pair of mittens, shell mitts, ski mitts, mitten shells|40 180 500|=own-mittens-waterproof
hand warmers, handwarmers, hand warmer, heat packs, heat pack, toe warmers, foot warmers|20 90 300|0.2|pouch|stop|handsHead||n:4^1
gaiters, snow gaiters, leg gaiters, gators, mini gaiters, trail gaiters|50 210 500|=own-gaiters
boots, hiking boots, walking boots, mountain boots, leather boots, mountaineering boots, winter boots, trekking boots, hiking shoes boots, snow boots, approach boots, pair of boots, ankle boots, hiking boot|700 1250 2600|=own-walking-boots
shoes, trail shoes, trail runners, trail running shoes, running shoes, runners, trainers, sneakers, hiking shoes, walking shoes, approach shoes, tennis shoes, light shoes, low shoes, gym shoes, spare shoes, pair of shoes, barefoot shoes|350 720 1400|=own-trail-shoes
climbing shoes, rock shoes, climbing boots|350 520 800|2.6|block 26 x 10 x 10|stop|other
sandals, trekking sandals, flip flops, flipflops, thongs sandals, slippers, hut slippers, camp shoes, hut shoes, camp slippers, clogs, foam clogs, camp sandals, down booties, booties, water shoes, sliders, slides, river shoes, jandals, sliders sandals, hut boots, house shoes, espadrilles, mules, pool sliders, bath slippers, bath shoes, wading shoes|80 320 1100|=own-camp-shoes
wellies, wellingtons, wellington boots, rubber boots, gumboots, rain boots|900 1700 2800|9|block 36 x 22 x 13|walking|clothing
insoles, inner soles, footbeds, spare insoles|40 100 250|0.3|flat 28 x 10 x 2|camp|clothing
belt, trouser belt|40 120 350|0.2|pouch|walking|clothing|hard
braces, suspenders|40 100 200|0.2|pouch|walking|clothing
walking clothes, hiking clothes, clothes worn, worn clothes, walking outfit|500 900 1800|=own-walking-clothes
harness, climbing harness, sit harness, glacier harness, via ferrata harness, chest harness|150 360 800|=own-harness
helmet, climbing helmet, bike helmet, bicycle helmet, ski helmet, cycle helmet|150 280 600|=own-helmet
crampons, steel crampons, ice crampons, pair of crampons, step in crampons|500 820 1200|=own-crampons
light crampons, aluminium crampons, aluminum crampons, microspikes, micro spikes, spikes, instep crampons, grippers, ice cleats, ice grips, snow chains, ice spikes, shoe spikes, traction devices|150 420 700|=own-light-crampons
ice axe, ice ax, iceaxe, walking axe, ice pick, mountaineering axe|250 450 800|=own-ice-axe
ice tools, ice tool, technical axes, technical axe, ice axes|500 1100 1500|1.6|long 55 x 10|stop|other|sharp ridesOutside
ice screw, ice screws|80 150 250|0.3|long 22 x 5|stop|other|sharp hard
snow picket, snow anchor, deadman, snow stake|150 320 600|0.5|long 60 x 5|stop|other|sharp ridesOutside
snowshoes, snow shoes, snow shoe, snowshoe, raquettes, pair of snowshoes|1000 1800 2800|=own-snow-shoes
skis, touring skis, cross country skis, ski, pair of skis|1500 3000 6500|9|long 175 x 13|walking|other|ridesOutside hard
skins, climbing skins, ski skins, touring skins|200 450 800|1.6|pouch|walking|other
ski boots, touring boots|2000 2800 4500|12|block 34 x 24 x 14|walking|clothing
sledge, sled, pulka, toboggan|1500 5000 12000|40|block 120 x 45 x 12|walking|other|ridesOutside
avalanche transceiver, transceiver, avalanche beacon, beepers, beeper, lvs, lvs device, lvs set, avi beacon, avalanche receiver|130 210 400|=own-avalanche-transceiver
avalanche probe, probe, snow probe, avi probe|150 270 450|=own-avalanche-probe
snow shovel, avalanche shovel, shovel, spade, avi shovel|300 620 1400|=own-snow-shovel
avalanche airbag, airbag pack, avalanche backpack|2000 2700 4000|30|block 55 x 30 x 20|walking|other
snow saw|120 230 500|0.5|long 45 x 8|stop|other|sharp
snow goggles, ski goggles, goggles, glacier goggles|60 150 300|=own-snow-goggles
walking poles, trekking poles, hiking poles, walking sticks, hiking sticks, walking stick, trekking sticks, poles, walking pole, trekking pole, hiking pole, nordic poles, pair of poles, hiking staff, staff, ski poles, nordic walking poles, sticks, wander poles, telescopic poles|200 480 800|=own-walking-poles-pair
`;
//# sourceMappingURL=clothing.js.map