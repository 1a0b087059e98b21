/** Everyday names of first aid, washing, papers, food and drink; columns as in `shelterSleepKitchen.ts`. */
export const CARE_FOOD = `
first aid kit, first aid, firstaid kit, fak, first aid bag, med kit, medkit, medical kit, first aid box, first aid set, small first aid kit, personal first aid kit, mini first aid kit, own first aid kit, first aid pouch, first aid supplies, aid kit, ifak, medi kit, first aid stuff, medical bag, medic bag, medicine bag, med bag|60 200 1800|=own-own-small-first-aid
group first aid kit, big first aid kit, large first aid kit, group first aid, expedition first aid kit, group medical kit, main first aid kit, leader first aid kit, team first aid kit|300 620 3500|=group-group-first-aid-up-to-4
plasters, plaster, sticking plasters, blister plasters, blister plaster, blister kit, blister pads, blister care, adhesive bandages, blister patches, hydrocolloid plasters, moleskin, second skin, blister tape, sports tape, zinc oxide tape|3 30 150|=own-blister-care
bandages, bandage, elastic bandage, dressings, dressing, gauze, wound dressings, triangular bandage, sterile pads, steri strips, compression bandage, compresses|5 60 400|0.2|pouch|hurry|firstAid
splint, splints, knee brace, knee support, ankle support, ankle brace, knee bandage, wrist brace|30 130 500|0.5|pouch|hurry|firstAid
disinfectant, antiseptic, wound spray, antiseptic cream, antiseptic wipes, antiseptic spray, alcohol wipes, wound disinfectant, wound gel|5 50 250|0.06|pouch|hurry|firstAid|leaks
painkillers, ibuprofen, paracetamol, aspirin, pain killers, headache tablets, pain relief, acetaminophen, tablets, pills, antihistamine, antihistamines, allergy tablets, allergy pills, diarrhoea tablets, anti diarrhoeal, loperamide, antibiotics, altitude tablets, motion sickness tablets, vitamins, charcoal tablets, magnesium|3 20 150|0.04|pouch|hurry|firstAid|mustStayDry|n:20^1
medicines, medication, medicine, meds, own medicine, prescription, prescription medicine, personal medication, medications, prescription meds, own meds, personal medicines, prescription drugs, regular medication|5 60 600|=own-own-medicines
inhaler, asthma inhaler, asthma spray, puffer inhaler, asthma pump|10 35 150|0.08|pouch|hurry|firstAid
adrenaline pen, epi pen, epinephrine, auto injector, adrenalin pen, allergy kit, emergency medication, adrenaline|15 80 250|0.15|pouch|hurry|firstAid
insulin, insulin kit, insulin pen, diabetes kit, glucose meter, blood sugar meter, glucose tablets, glucose, dextrose, glucose tabs, insulin pump|10 150 700|0.3|pouch|hurry|firstAid|mustStayDry
rehydration salts, electrolytes, electrolyte tablets, salt tablets, electrolyte powder, rehydration sachets, isotonic powder, electrolyte drink|5 50 400|0.08|pouch|stop|snack||n:5^1
tick remover, tick tweezers, tick card, tweezers, tick tool|1 15 60|0.01|pouch|hurry|firstAid
rubber gloves, nitrile gloves, disposable gloves, latex gloves, medical gloves|5 20 120|0.1|pouch|hurry|firstAid
mask, face masks, ffp2 mask|3 10 100|0.05|pouch|hurry|firstAid
condoms, contraceptives, the pill|2 15 60|0.02|pouch|camp|hygiene
toothbrush, tooth brush, travel toothbrush, foldable toothbrush, teeth brush|3 15 80|0.05|long 18 x 2|camp|hygiene
toothbrush and toothpaste, toothbrush and paste, toothbrush & toothpaste, dental kit, tooth brush and paste, toothpaste and toothbrush, toothbrush toothpaste, teeth cleaning kit, teeth things|15 50 200|=own-toothbrush-and-paste
toothpaste, tooth paste, toothpaste tablets, tooth powder, dental floss, floss, tooth tabs|5 40 250|0.05|pouch|camp|hygiene|scented
wash kit, wash bag, washbag, toiletries, toilet bag, toiletry bag, sponge bag, hygiene kit, wash things, washing kit, toiletry kit, bathroom bag, bathroom kit, cosmetics, cosmetic bag, wash stuff, washing things, personal hygiene, hygiene bag, hygiene items, make up, makeup, make up bag, dopp kit, personal hygiene kit, washing stuff, hygiene|50 220 1500|=own-wash-kit
soap, bar of soap, soap bar, body wash, shower gel, shampoo, shampoo bar, conditioner, biodegradable wash, all purpose soap, soap leaves, shower soap, outdoor soap, detergent, laundry soap, washing powder, travel wash, laundry detergent|10 90 500|0.1|pouch|camp|hygiene|leaks scented
deodorant, deo, antiperspirant, perfume, aftershave|20 70 300|0.1|pouch|camp|hygiene|leaks scented
cream, hand cream, face cream, moisturiser, moisturizer, body lotion, lotion, chafing cream, anti chafe, foot cream, foot powder, baby powder, nappy cream, talc, chamois cream, petroleum jelly, bite cream, itch cream, cold cream, healing cream, calamine lotion, talcum powder|10 60 400|0.08|pouch|camp|hygiene|leaks scented
towel, travel towel, microfibre towel, microfiber towel, camping towel, quick dry towel, hand towel, pack towel, bath towel, swim towel, beach towel, sports towel, hiking towel, quick drying towel, wash cloth, washcloth, flannel, face cloth, facecloth, fast drying towel, small towel, trek towel|30 130 900|=own-small-towel
toilet paper, loo roll, loo paper, toilet roll, tp, bog roll, toilet tissue, loo rolls, toilet rolls, roll of toilet paper, bum wipe|10 80 300|=own-toilet-paper-in-a-bag
trowel, toilet trowel, poo shovel, poop shovel, poop trowel, cat hole trowel, cathole trowel, potty trowel, toilet shovel, latrine shovel, poo trowel, toilet spade, hand spade|10 80 400|=group-toilet-trowel
toilet kit, loo kit, toilet bag kit, potty kit, toilet stuff, poo kit, poop kit, toilet things, bathroom trowel kit, shovel and toilet paper|60 240 600|=group-toilet-kit
pee bottle, pee funnel, urination funnel, pee cloth, urinal, pee rag, female urinal|10 60 250|0.2|pouch|camp|hygiene
solar shower, camp shower, camping shower, shower bag|150 300 800|0.6|pouch|camp|hygiene
portable toilet, camping toilet, potty|300 1500 5000|8|block 30 x 30 x 15|camp|hygiene
hand sanitizer, hand sanitiser, sanitizer, sanitiser, hand gel, alcohol gel, hand disinfectant, hand cleaner, hand wash, disinfectant gel, antibacterial gel|15 70 350|=own-hand-gel
wet wipes, baby wipes, wipes, moist wipes, wet wipe, cleaning wipes, body wipes, moist towelettes, wet tissues, moist tissues|10 120 500|0.3|pouch|camp|hygiene|leaks
tissues, tissue, paper tissues, hankies, handkerchief, hanky, paper handkerchiefs, pocket tissues, pack of tissues, facial tissues, handkerchiefs|5 30 200|0.1|pouch|stop|hygiene
tampons, pads, sanitary towels, sanitary pads, menstrual cup, period products, period things, monthly supplies, period cup, panty liners, period kit, feminine hygiene, period pants, menstrual products, sanitary products, menstrual kit|3 80 400|=own-monthly-supplies
nappies, diapers, nappy, diaper|20 300 1500|3|pouch|stop|hygiene
contact lenses, contacts, contact lens, spare contact lenses, daily lenses, lenses, daily contacts|3 20 250|0.1|pouch|camp|hygiene
contact lens solution, lens solution, saline, contact solution, lens fluid|30 150 500|0.15|pouch|camp|hygiene|leaks
glasses, spectacles, reading glasses, spare glasses, eyeglasses, prescription glasses, specs, eye glasses, pair of glasses, spare spectacles|10 60 250|0.4|block 16 x 6 x 4|walking|other|crushable
sunglasses, sun glasses, shades, glacier glasses, sunnies, pair of sunglasses, polarised sunglasses|10 70 250|=own-sunglasses-in-a-case
glasses case, sunglasses case, spectacle case|20 60 150|0.4|block 16 x 6 x 4|walking|other
sunscreen, sun screen, sun cream, suncream, sun lotion, suntan lotion, sun protection, sun block, sunblock, sun milk, factor 50, sun tan lotion, zinc cream, factor fifty, spf, sun cream factor, suntan cream, sunscreen spf, suncream spf, sun oil, sun spray|15 100 400|=own-sun-cream-small
lip balm, lip salve, lip stick, lipstick, lip cream, lip balm with sun protection, chap stick, lip protection, lip gloss, lipbalm|3 15 60|=own-lip-balm
after sun, aftersun, after sun lotion, aloe vera, aloe gel, after sun cream|15 120 500|0.15|pouch|camp|hygiene|leaks scented
insect repellent, bug spray, repellent, mosquito spray, mosquito repellent, midge repellent, deet, insect spray, midge spray, anti midge, bug repellent, anti mosquito spray, fly spray, mozzie spray, tick spray, permethrin, mosquito coils, bug stuff, tick repellent, citronella, insect lotion|15 90 350|=own-insect-repellent
head net, midge net, insect head net, mosquito head net, bug net, headnet, mosquito hat, bug head net, midge hood, insect net, mosquito hood|10 30 200|=own-insect-head-net
mosquito net, bed net, sleeping net, mossie net, net|15 300 900|1.2|stuff 3|firstInCamp|insectNet
hearing aid, hearing aids, hearing aid batteries|3 20 80|0.02|pouch|walking|other|battery
ear plugs, earplugs, ear plug, ear defenders, foam earplugs|1 6 60|=own-ear-plugs
eye mask, sleep mask, sleeping mask, eyemask|5 25 120|0.1|pouch|camp|hygiene
hair brush, hairbrush, brush, comb, hair comb, hair stuff|10 50 250|0.2|long 18 x 5|camp|hygiene
hair ties, hair tie, hair bands, hair band, hair bobbles, scrunchie, scrunchies, hair grips, hair clips, hair elastics, bobbles, hairband, hair bobble, bobby pins|1 10 80|0.02|pouch|camp|hygiene
hair dryer, hairdryer, hair straighteners|300 500 900|2|block 22 x 20 x 8|camp|hygiene|hard
razor, shaver, shaving kit, razor blades, electric razor, electric shaver, shaving things, shaving foam, shaving gear|3 60 400|0.1|pouch|camp|hygiene
nail clippers, nail clipper, nail file, nail brush, nail set, nail kit|5 25 120|0.02|pouch|camp|hygiene
mirror, pocket mirror, hand mirror|5 40 250|0.05|pouch|camp|hygiene
cotton buds, cotton wool, q tips, cotton pads, cotton swabs|2 20 150|0.1|pouch|camp|hygiene
wallet, purse, money, cash, credit card, credit cards, bank card, bank cards, card holder, change, coins, debit card, cards for the bank, purse and cards, cash and cards, wallet with money, petty cash, pocket money, kitty|3 80 350|0.1|flat 12 x 9 x 2|camp|other
passport, id, id card, identity card, ids, driving licence, driving license, drivers license, insurance card, health card, insurance papers, student card, membership card, hut card, passports, papers, documents, travel documents, paperwork, emergency contacts, contact list, permits and papers, insurance details, vaccination card, id papers, papers and money, important papers, tickets, ticket, train tickets, boarding pass, bus tickets, train ticket, documents folder, docs, insurance docs, insurance documents, travel docs|1 50 300|=own-papers-and-money
keys, key, car key, car keys, house keys, house key, key ring, hut key, door key|5 60 400|=own-keys
food, group food, all food, provisions, rations, food supplies, grub, groceries, meals, shopping, camp food, trail food, expedition food, main meals, food for the trip|200 650 30000|1.6|pouch|camp|food||personDay:1^1
lunch, lunches, packed lunch, lunch food, sandwiches, sandwich, picnic, wraps, lunch pack, trail lunch, sandwich stuff, lunch supplies, filled rolls|60 170 15000|0.35|pouch|stop|food||personDay:1^1
breakfast, breakfasts, cereal breakfast, breakfast food, breakfast things, breakfast supplies|40 120 10000|0.3|pouch|camp|food||personNight:1^1
dinner, dinners, evening meal, evening meals, supper, suppers, tea meals, main meal, curry, chilli, chili, chilli con carne, chili con carne, spaghetti bolognese, bolognese, stew, goulash, stir fry, fajitas, pizza, lasagne, casserole, burritos, pasta with sauce, pasta with pesto, pesto pasta, rice and beans, hotpot, dinner food, hot meal, dried dinner|60 170 15000|0.4|pouch|camp|food||personNight:1^1
ready meal, freeze dried meal, dehydrated meal, instant meal, trekking meal, dried meal, boil in the bag meal, camping meal, freeze dried food, freeze dried meals, instant meals, dehydrated meals, expedition meal, pouch meal, trekking meals, dehydrated food, ready meals, boil in the bag, trekking food, ration pack, astronaut food, rehydrated meal|80 150 900|0.8|pouch|camp|food
emergency food, spare food, emergency rations, emergency ration, spare meal, spare day, reserve food, spare rations, extra food, emergency meal, extra meal|100 500 3000|1|pouch|camp|food
snacks, snack, trail snacks, snack food, nibbles, sweets, candy, treats, gummy bears, snack bag, trail snack, goodies, jelly babies, boiled sweets, wine gums, lollies, munchies, snack bars|30 90 9000|0.2|pouch|walking|snack|scented|personDay:1^1
trail mix, nuts, nut mix, gorp, mixed nuts, peanuts, almonds, cashews, student mix, nuts and raisins, raisins, dried fruit, dried apricots, dates, seeds, dried mango, fruit and nuts, apricots, figs, banana chips, walnuts, hazelnuts, sultanas, cranberries|40 250 1200|0.4|pouch|walking|snack|scented
energy bars, energy bar, muesli bars, muesli bar, cereal bars, cereal bar, granola bars, granola bar, protein bars, protein bar, flapjacks, flapjack, bars, bar, power bars, oat bars, fruit bars, fruit bar, chocolate bars, chocolate bar, nut bar, energy balls, energy gels, energy gel, gels, nut bars|20 50 600|0.1|pouch|walking|snack|scented
chocolate, dark chocolate, bar of chocolate, chocolates, milk chocolate|40 100 500|0.1|flat 16 x 8 x 1|walking|snack|scented
biscuits, cookies, crackers, crisps, chips, oat cakes, oatcakes, rice cakes, crisp bread, crispbread, potato chips, ginger nuts, digestives, pretzels, popcorn, shortbread, rusks, cake, fruit cake, malt loaf, cream crackers, ginger biscuits, stroopwafels, waffles, hard tack, ships biscuit, pastries, muffins|40 200 1000|0.8|pouch|stop|snack|crushable scented
porridge, oats, oatmeal, porridge oats, instant porridge, rolled oats, quick oats, muesli, granola, cereal, cereals, cornflakes, breakfast cereal, instant oats, instant oatmeal, porridge sachets, grits|40 300 1500|0.6|pouch|camp|food
pasta, spaghetti, noodles, instant noodles, ramen, macaroni, rice, couscous, lentils, quinoa, bulgur, polenta, instant mash, mashed potato, mash potato powder, potato powder, instant rice, gnocchi, tortellini, penne, egg noodles, dried beans, dahl, dal, red lentils, beans, instant potatoes, flour, pancake mix, pancake mixture, macaroni cheese, mac and cheese, risotto, dried pasta, mashed potatoes, pancakes mix, instant mashed potato, instant couscous, kidney beans, chickpeas|50 400 1500|0.5|pouch|camp|food
bread, loaf, loaf of bread, rolls bread, pitta, pitta bread, tortillas, flat bread, flatbread, bagels, naan, baguette, buns, pita, pita bread, wrap bread, rye bread, tortilla wraps, tortilla, pumpernickel, bread rolls, brown bread, sliced bread|100 500 1500|2|pouch|stop|food|crushable
cheese, hard cheese, parmesan, cheddar, cream cheese, soft cheese, grated cheese, cheese slices, halloumi, mountain cheese, gouda|50 250 1200|0.25|pouch|stop|food|scented
salami, sausage, sausages, dry sausage, dried sausage, chorizo, pepperoni, jerky, beef jerky, biltong, ham, bacon, cured meat, pate, meat, smoked sausage, hot dogs, burgers, tuna, tin of tuna, sardines, tinned fish, canned fish, dried meat, cabanossi, mince, chicken, steak, steaks, fish, pemmican, smoked salmon, canned tuna, sausage and cheese, bacon bits, mackerel, tinned tuna, tofu, salmon, corned beef, tuna sachets|40 250 1200|0.3|pouch|stop|food|scented
eggs, egg, boiled eggs, hard boiled eggs, egg powder|50 300 800|0.7|block 25 x 11 x 7|camp|food|crushable
apples, apple, fruit, bananas, banana, oranges, orange, fresh fruit, pears, grapes, mandarins, satsumas, clementines, lemon, lemons, lime, limes, melon, avocado, avocados|100 500 2000|0.9|pouch|stop|food|crushable
vegetables, veg, veggies, onion, onions, carrots, potatoes, tomatoes, bell peppers, garlic, cucumber, fresh vegetables, dried vegetables, dried onions, salad, mushrooms, courgettes, courgette, tomato, bell pepper, cabbage, broccoli, ginger, leeks, sweet potatoes, celery, dried mushrooms, peas, sweetcorn, carrot, freeze dried vegetables, lettuce, fresh veg|30 500 3000|1|pouch|camp|food
peanut butter, jam, honey, spread, nut butter, marmalade, chocolate spread, butter, margarine, ghee, almond butter, sandwich spread, hummus, syrup, maple syrup, golden syrup, tahini, coconut cream, coconut milk|50 300 800|0.3|cylinder 10 x 7|camp|food|scented
tins, tin of beans, tinned food, canned food, cans, baked beans, tin of soup, tinned tomatoes, beans in a tin, tin, can, tins of food, tin of fruit, tinned fruit, canned beans, tins of beans|200 450 900|0.45|cylinder 11 x 7.5|camp|food|hard
soup, soups, instant soup, packet soup, cup a soup, soup packets, soup sachets, stock cubes, bouillon, stock, stock cube, broth, packet soups, gravy, gravy powder, sauce mix, pasta sauce, pesto, sauce, tomato puree, tomato paste, tomato sauce, curry paste, soup powder, miso soup, miso, ketchup, mustard, mayonnaise, mayo, hot sauce, soy sauce, brown sauce, curry sauce, chilli sauce, vinegar, relish, gravy granules, stock powder|10 120 800|0.15|pouch|camp|food|scented
salt and pepper, salt, pepper, spices, spice kit, herbs, seasoning, condiments, curry powder, spice mix, spice, spice box, garlic powder, chili flakes, salt & pepper, herbs and spices, cinnamon, chilli flakes, chilli powder, paprika, oregano, basil, mixed herbs, cumin, sauces and spices|5 50 500|0.1|pouch|camp|food|scented
oil, cooking oil, olive oil, vegetable oil, sunflower oil, oil for cooking|50 250 1100|0.3|cylinder 18 x 5|camp|food|leaks scented|l:0.25^1
coffee, ground coffee, instant coffee, coffee powder, coffee bags, coffee sachets, cappuccino powder, coffee beans, tea and coffee|20 150 600|0.3|pouch|camp|food|scented
tea, tea bags, teabags, tea bag, herbal tea, green tea, fruit tea, peppermint tea, camomile tea, black tea, teabag, chai, rooibos|5 50 300|0.2|pouch|camp|food|scented|n:25^1
hot chocolate, cocoa, drinking chocolate, hot chocolate powder, cocoa powder, drinks, drinks powder, drink powder, squash, hot drinks, cordial, juice powder, lemonade powder, brew kit, brews, energy drink powder|20 200 1000|0.3|pouch|camp|food|scented
sugar, sweetener, brown sugar, sugar cubes, sugar sachets|20 200 1100|0.2|pouch|camp|food
milk powder, powdered milk, dried milk, creamer, dry milk, skimmed milk powder, coffee whitener, coffee creamer, instant milk|30 200 1100|0.4|pouch|camp|food
milk, uht milk, oat milk, soya milk, condensed milk, soy milk, cream carton, almond milk|200 550 2200|0.5|cylinder 16 x 7|camp|food|l:0.5^1
dessert, pudding, custard, custard powder, desserts, puddings, mousse, jelly, marshmallows, instant pudding, marshmallow, smores, cheesecake mix|50 150 800|0.3|pouch|camp|food|scented
baby food, baby milk, formula, baby formula|80 400 1500|0.6|pouch|stop|food
dog food, dog biscuits, pet food, kibble|200 900 5000|1.8|pouch|camp|food|scented
beer, beers, can of beer, beer can, lager, cider, cans of beer, ale, cola, soft drink, lemonade, fizzy drink, soda, energy drink, energy drinks, soft drinks, ginger beer, pop|250 520 1200|0.5|cylinder 16 x 6.6|camp|food|hard|l:0.5^1
wine, red wine, white wine, bottle of wine, wine box, box of wine, mulled wine, boxed wine, prosecco, champagne|700 1250 3200|0.9|cylinder 31 x 8|camp|food|hard|l:0.75^0.85
whisky, whiskey, rum, gin, vodka, schnapps, brandy, port, liquor, spirits, hooch, single malt, sloe gin, bottle of rum, bottle of whisky, grappa, booze, bourbon|150 500 1700|0.4|pouch|camp|food|leaks|l:0.4^1
water, drinking water, fresh water, tap water, mineral water, bottled water|500 1000 5000|1|pouch|walking|water||l:1^1
juice, orange juice, apple juice, juice carton, juice cartons, fruit juice|200 500 2200|0.5|pouch|stop|food||l:0.5^1
`;
//# sourceMappingURL=careFood.js.map