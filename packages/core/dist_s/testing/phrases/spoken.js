/**
 * How people name what they take, written down before the vocabulary was: a phrase, and the least and most grams that
 * one of it may plausibly weigh, or "?" where nobody can know. Masses are common practice, no source. Every second line
 * was looked at while the vocabulary was made; the others say how good it is.
 */
export const SPOKEN_THINGS = `
tent|900-6000
2p tent|1000-3800
two-man tent|1000-3800
3-person tent|1500-5000
three person tent|1500-5000
4 man tent|2200-8000
one person tent|600-2500
1p tent|600-2500
solo tent|600-2500
family tent|4000-16000
6-person tent|4000-14000
dome tent|1000-6000
tunnel tent|1500-7000
ultralight 2P tent|600-2000
tent (3 pers.)|1500-5000
bivvy|200-1100
bivy sack|200-1100
bivi bag|200-1100
tarp|200-1300
tarp 3x3|300-1300
basha|300-1300
hammock|200-1500
groundsheet|100-800
footprint|100-600
tent pegs|80-700
pegs|80-700
tent stakes|80-700
tent poles|250-1500
flysheet|400-2500
rainfly|400-2500
inner tent|400-2500
mallet|200-900
sleeping bag|500-2200
down sleeping bag|400-2000
summer sleeping bag|350-1300
winter sleeping bag|1000-3000
3 season sleeping bag|600-1800
4-season bag|1000-3000
sleeping bag (kids)|400-1400
quilt|350-1100
sleeping bag liner|80-450
silk liner|80-250
sleeping mat|200-1100
sleeping pad|200-1100
thermal mat|200-900
self-inflating mat|350-1500
inflatable mattress|300-1600
air mat|300-1200
roll mat|150-700
foam pad|150-700
sit mat|20-200
pillow|40-600
inflatable pillow|40-200
camping pillow|40-500
stove|70-900
camping stove|70-1800
gas stove|70-700
petrol stove|250-800
multifuel stove|250-800
alcohol stove|20-350
spirit burner|20-1000
wood stove|100-1200
hobo stove|100-900
gas burner|60-400
burner|60-500
gas canister|180-700
gas cartridge|180-700
450 g canister|550-800
230g gas canister|300-450
100 g gas|150-260
camping gas 230|300-450
butane|180-700
fuel bottle|80-1200
fuel 1 l|750-1200
white gas 1 litre|700-1200
meths|300-1200
windshield|50-400
wind screen|50-400
pot|100-1000
cooking pot|100-1200
1.5 l pot|120-600
2 litre pot|150-900
5 l pot|400-1800
big pot|300-2000
pots and pans|400-2500
cookset|250-2000
mess kit|150-1000
billy can|100-900
frying pan|150-1400
pan|150-1400
kettle|120-900
coffee pot|150-900
moka pot|200-900
french press|150-700
lid|30-300
pot gripper|20-120
ladle|20-200
spatula|15-200
wooden spoon|15-120
tin opener|5-200
can opener|5-200
bottle opener|5-120
chopping board|50-600
cutting board|50-600
sharp knife|20-300
grater|20-300
sieve|30-300
strainer|20-300
salt and pepper|20-300
spices|20-500
oil|100-1100
cooking oil 500 ml|400-650
coffee|50-600
tea bags|10-250
sugar|50-1100
milk powder|50-1100
washing-up liquid|20-600
dish soap|20-600
sponge|2-60
scourer|2-60
tea towel|20-200
washing up bowl|50-900
plate|30-500
bowl|20-400
mug|30-450
tin mug|50-450
cup|20-400
spork|5-90
spoon|5-90
fork|5-90
cutlery|10-250
knife fork spoon|20-250
thermos|250-1100
vacuum flask|250-1100
flask 1 l|300-1000
water bottle|20-350
1l bottle|20-350
drinking bottle 0.5 L|15-300
water bladder|60-300
hydration bladder 2 L|80-300
collapsible water container 10 l|60-600
water carrier|50-600
jerrycan 10l|200-900
water filter|40-700
water purifier|40-900
purification tablets|5-120
chlorine tablets|5-120
rucksack|400-3500
backpack 65L|1000-3500
65 l rucksack|1000-3500
daypack|150-1300
day sack 20 l|150-1300
rain cover|50-250
pack cover|50-250
dry bag|20-400
20 L dry bag|40-350
drybag 10l|25-200
dry sacks|15-400
stuff sack|10-200
compression sack|50-350
bin liner|5-120
rubble sack|20-200
zip-lock bags|2-150
carabiner|10-120
karabiners|10-120
bungee cord|10-250
paracord 15 m|30-180
guy lines|10-200
30 m rope|800-2600
rope 50m|2000-4200
climbing rope|1800-4500
harness|200-800
climbing helmet|150-500
helmet|150-600
slings|20-250
quickdraws|60-250
belay device|40-200
crampons|350-1200
microspikes|150-600
ice axe|250-800
ice screw|80-250
snowshoes|1000-2600
avalanche transceiver|130-400
LVS|130-400
avalanche probe|150-450
snow shovel|300-1000
skis|1500-6000
snow goggles|60-300
walking poles|280-750
trekking poles (pair)|280-750
hiking sticks|280-750
rain jacket|120-900
waterproof jacket|120-900
waterproofs|250-1500
waterproof trousers|100-700
rain pants|100-700
overtrousers|100-700
cagoule|120-900
poncho|100-600
umbrella|100-600
softshell|200-900
soft shell jacket|200-900
hardshell|200-900
fleece|150-800
fleece jacket|150-800
jumper|200-1000
sweater|200-1000
pullover|200-1000
hoodie|250-1000
down jacket|150-900
puffy|150-900
insulated jacket|200-1200
belay jacket|300-1300
gilet|100-600
vest|80-600
windproof|60-500
wind shirt|50-400
t-shirt|80-350
tee shirt|80-350
T-shirts|80-350
shirt|80-500
long-sleeve shirt|100-500
merino top|100-400
base layer|80-450
thermals|150-700
long johns|100-450
leggings|100-450
trousers|150-900
hiking pants|150-900
zip-off trousers|200-800
jeans|400-1100
shorts|80-500
underwear|20-200
undies|20-200
boxers|30-200
knickers|15-150
bra|30-250
sports bra|30-250
socks|25-200
wool socks|30-200
liner socks|15-100
pyjamas|100-700
PJs|100-700
swimming trunks|50-400
bikini|40-400
swimsuit|50-400
swimwear|50-500
hat|20-250
beanie|20-180
woolly hat|20-200
sun hat|30-250
cap|30-200
baseball cap|30-200
neck gaiter|20-150
scarf|40-400
balaclava|25-200
gloves|20-350
mittens|40-450
mitts|40-450
gaiters|80-500
boots|600-2600
hiking boots|600-2600
walking boots|600-2600
trainers|400-1300
trail runners|350-1200
sandals|150-1100
flip flops|100-700
camp shoes|80-900
hut shoes|80-900
wellies|900-2800
belt|40-350
head torch|20-350
headtorch|20-350
headlamp|20-350
torch|20-600
flashlight|20-600
lantern|40-1000
batteries|10-400
AA batteries|10-300
spare batteries|10-400
power bank|80-900
powerbank 10000 mAh|120-400
solar charger|100-1200
charger|20-400
charging cable|8-120
USB cable|8-120
phone|90-350
mobile phone|90-350
smartphone|90-350
camera|150-2000
tripod|100-3500
drone|200-1500
binoculars|150-1300
e-reader|120-450
book|80-1000
guide book|80-1000
journal|50-700
notebook|30-700
pen|3-60
pencil|2-60
playing cards|40-250
deck of cards|40-250
football|100-600
guitar|1200-5000
ukulele|300-1100
speaker|80-1200
GPS|60-500
GPS device|60-500
sat phone|100-500
PLB|80-350
satellite messenger|60-350
walkie-talkie|80-450
two-way radio|80-600
map|20-250
maps|20-600
map and compass|60-500
compass|15-200
map case|20-250
whistle|2-60
altimeter|20-250
watch|15-200
first aid kit|60-1800
FAK|60-1800
big first-aid kit|250-3500
plasters|3-120
blister plasters|3-120
bandages|10-400
painkillers|3-120
ibuprofen|3-120
medication|5-600
inhaler|10-150
epi pen|15-250
insulin|10-600
tick remover|1-60
tweezers|2-60
thermometer|5-120
emergency blanket|30-250
space blanket|30-250
bothy bag|150-1500
survival bag|60-700
toothbrush|3-60
toothpaste|10-250
toiletries|60-1500
wash bag|60-1500
soap|10-250
shampoo|20-500
deodorant|20-300
towel|40-900
travel towel|40-500
toilet paper|10-300
loo roll|10-300
TP|10-300
trowel|10-400
poo shovel|10-400
hand sanitizer|15-350
hand gel|15-350
wet wipes|20-500
tissues|5-150
tampons|3-250
pads|5-350
contact lenses|5-250
contact lens solution|40-500
glasses|10-200
reading glasses|10-200
sunglasses|10-200
shades|10-200
sunscreen|15-400
sun cream|15-400
suncream factor 50|15-400
lip balm|3-60
after sun|15-500
insect repellent|15-350
bug spray|15-350
midge net|10-120
mosquito net|15-900
bear spray|200-500
bear canister|600-1800
food hanging kit|50-900
ear plugs|1-60
eye mask|5-120
hair brush|15-250
comb|3-120
hair ties|1-60
razor|3-200
nail clippers|5-120
mirror|5-250
knife|20-400
pocket knife|20-300
penknife|20-300
multitool|60-450
saw|80-800
folding saw|80-500
axe|400-2000
hatchet|300-1200
lighter|8-90
matches|3-90
fire starter|5-200
flint and steel|10-200
firewood|1000-15000
candles|10-600
duct tape|10-400
gaffer tape|10-500
repair kit|30-800
sewing kit|3-150
needle and thread|1-120
patches|1-120
glue|3-150
cable ties|2-150
safety pins|1-60
string|5-300
spare laces|5-80
wallet|20-350
money|5-300
cash|5-300
passport|20-120
ID|3-150
keys|10-400
car keys|10-400
tickets|1-100
chair|400-4500
camping chair|400-5000
stool|250-2500
folding table|500-8000
cool box|500-9000
trash bags|5-250
rubbish bags|5-250
lunch|80-900
breakfast|40-600
dinner|80-900
snacks|50-1000
trail mix|80-1000
energy bars|25-600
muesli bars|20-600
chocolate|40-500
porridge|40-1100
oats|40-1200
pasta|80-1200
rice|80-1200
cheese|80-1100
salami|80-900
bread|150-1200
noodles|50-700
soup|10-700
instant meals|80-400
freeze dried meal|80-350
apples|100-1500
nuts|50-1100
beer|300-700
wine|700-1600
whisky|150-1600
water 2 l|1900-2300
map stuff for Jonas|?
zither|?
thingy|?
the blue one|?
misc|?
surprise|?
gift for Mia|?
Dad's gadget|?
sample kit B|?
unobtainium|?
wobbler|?
quadrant|?
whatsit|?
extra bits|?
stuff|?
other things|?
TBD|?
see Anna|?
ask Tom|?
n/a|?
xyz|?
kjhgf|?
to be decided|?
spoon holder|?
boot warmer|?
tent heater|?
sock puppet|?
stove insurance|?
hat stand|?
rope ladder|?
water pistol|?
knife sharpening service|?
map reading course|?
parking permit app|?
gas detector|?
jacket potato|?
shuttle to trailhead|?
permit|?
pick up Lena|?
call the hut|?
car|?
booking|?
leave by 8|?
Oskar|?
Mina + Otto|?
dog|?
theodolite|?
bagpipes|?
anvil|?
tuba|?
flagpole|?
snare|?
sextant|?
cauldron|?
weather balloon|?
metal detector|?
juggling clubs|?
kayak paddle|?
fondue|?
`;
//# sourceMappingURL=spoken.js.map