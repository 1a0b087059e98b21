export const HOUSE_RULE_TEXTS = {
    tent: {
        question: 'Where does the tent ride?',
        drives: 'Packs: the tent’s place',
        choices: {
            core: { label: 'middle, against the back', why: 'heavy and close: short lever, upright walking' },
            roundTheBag: {
                label: 'unbagged, round the sleeping bag',
                why: 'fills the hollows of the bottom, no stiff parcel',
            },
            outsideLow: { label: 'strapped low outside', why: 'a wet tent stays off the dry things' },
            top: { label: 'on top', why: 'pitched before anything else in rain' },
            neverUpper: { label: 'anywhere but the upper part', why: 'a heavy top sways on rough ground' },
        },
    },
    poles: {
        question: 'Poles and pegs?',
        drives: 'Packs: the poles’ place',
        choices: {
            sidePocket: { label: 'outside in a side pocket', why: 'long and wet things stay out' },
            downTheBack: { label: 'inside, down the back', why: 'they stiffen a soft pack and cannot be lost' },
        },
    },
    firstAid: {
        question: 'The group’s first aid?',
        drives: 'Packs: place and reach of first aid',
        choices: {
            topOrOuter: { label: 'top or an outer pocket', why: 'found by anybody within seconds' },
            deep: { label: 'deep inside', why: 'rarely used; everyone has a mini kit' },
            lowOwnZip: { label: 'low, behind its own zip', why: 'out of the way and still quick' },
        },
    },
    food: {
        question: 'Food?',
        drives: 'Packs: the food’s place',
        choices: {
            split: { label: 'today’s on top, the rest in the core', why: 'quick and close, but changes daily' },
            core: { label: 'middle, near the back', why: 'dense: the best place for the balance' },
            top: { label: 'on top', why: 'lunch and resupply without digging' },
        },
    },
    outside: {
        question: 'Things outside the pack?',
        drives: 'Packs: what may be lashed on',
        choices: {
            almostNothing: { label: 'almost nothing', why: 'it snags, swings and gets lost' },
            freely: { label: 'use it freely', why: 'room inside, wet things apart' },
            byGround: {
                label: 'depends on the ground',
                why: 'free on tracks and paths, nothing on moor, rock and snow',
            },
        },
    },
    bags: {
        question: 'Bags inside?',
        drives: 'Kit: bags; Packs: loading steps',
        choices: {
            dryBags: { label: 'dry bags, a colour or mark per kind', why: 'order, and each thing dry by itself' },
            looseInLiner: { label: 'loose in one liner', why: 'no hard little parcels: everything fills the gaps' },
            criticalOnly: { label: 'only the critical things bagged', why: 'little weight, little fuss' },
        },
    },
    rainProtection: {
        question: 'Against rain?',
        drives: 'Kit: liner or cover; Packs: loading steps',
        choices: {
            liner: { label: 'a liner', why: 'dry whatever the wind does to the outside' },
            cover: { label: 'a cover', why: 'the pack itself stays dry and light' },
            criticalBagged: { label: 'neither, critical things bagged', why: 'less to carry on dry trips' },
        },
    },
    reservoir: {
        question: 'Water in the pack?',
        drives: 'Packs: the reservoir’s place; Kit: containers',
        choices: {
            sleeve: { label: 'reservoir first, in its sleeve', why: 'dense and close to the back' },
            top: {
                label: 'reservoir on top at the end',
                why: 'pressure cannot burst it, refilled without unpacking',
            },
            bottlesOnly: { label: 'bottles only', why: 'the level is seen, nothing leaks inside' },
            both: { label: 'both', why: 'two independent containers each' },
        },
    },
    fuel: {
        question: 'Fuel?',
        drives: 'Packs: safety rules for fuel',
        choices: {
            liquidOutside: { label: 'liquid outside, gas in the pot', why: 'a seal fails one day' },
            insideLow: { label: 'inside and low', why: 'nothing outside to be knocked' },
        },
    },
    rainGear: {
        question: 'Rain gear?',
        drives: 'Packs: place and reach of rain gear',
        choices: {
            topOfMain: { label: 'top of the main compartment', why: 'always the same place, dry until needed' },
            outerPocket: { label: 'an outer pocket', why: 'without opening the pack, wet things apart' },
            lid: { label: 'the lid', why: 'quickest of all' },
        },
    },
    stacking: {
        question: 'How is it stacked?',
        drives: 'Packs: loading steps',
        choices: {
            layers: { label: 'layers', why: 'one firm shape, no gaps' },
            columns: { label: 'upright columns', why: 'each thing can be pulled out by itself' },
        },
    },
    frameless: {
        question: 'Packs without a frame?',
        drives: 'Packs: structure rule',
        choices: {
            uprights: { label: 'two stiff uprights first', why: 'rolled mat and tent carry the load to the belt' },
            bagAround: { label: 'no uprights', why: 'light loads need no structure' },
        },
    },
    lid: {
        question: 'The lid?',
        drives: 'Packs: what the lid may hold',
        choices: {
            light: { label: 'keep it light', why: 'weight up there sways' },
            essentials: { label: 'fill it with essentials', why: 'small things findable' },
            off: { label: 'leave it at home', why: 'saves its weight' },
        },
    },
    tentSplit: {
        question: 'Who carries a tent?',
        drives: 'Shares: whether a tent’s parts may ride apart',
        choices: {
            split: { label: 'split over its sleepers', why: 'even loads' },
            whole: { label: 'one carries it whole', why: 'never half a tent missing; relieved elsewhere' },
        },
    },
    tentSpace: {
        question: 'How many in a tent?',
        drives: 'People: places against sleepers',
        choices: {
            exact: { label: 'as many as it sleeps', why: 'no tent carried half empty' },
            oneSpare: { label: 'one place spare', why: 'room for packs, wet things and a bad night' },
        },
    },
    waterShare: {
        question: 'Who carries the water?',
        drives: 'Shares and Packs: litres in each pack over a dry stretch',
        choices: {
            byLimit: {
                label: 'by what each can carry',
                why: 'a light person needs nearly as much and carries half',
            },
            each: { label: 'each their own', why: 'nobody is without, whoever falls behind' },
        },
    },
    cookSet: {
        question: 'Who carries a cook set?',
        drives: 'Shares: whether burner, pot and lighter may ride apart',
        choices: {
            together: { label: 'one carries the set', why: 'burner, pot and lighter are of no use apart' },
            withFuel: { label: 'one carries the set and its fuel', why: 'tea is made by whoever arrives first' },
            stoveApart: {
                label: 'one carries the set, others the food',
                why: 'no one pack holds both: if it is lost, the other half is left',
            },
            free: { label: 'split as it comes', why: 'the evenest loads; the group stays together' },
        },
    },
};
//# sourceMappingURL=houseRuleTexts.js.map