/** Short words that carry in a gym, to be offered in place of one that clashes; ours, none of them of the trade. */
export const CANDIDATES: readonly string[] =
  `acorn alder amber anchor anvil apple arrow ash aspen badger barley barrel basin beacon birch bishop blizzard
bramble brass bridge brook bucket butter cabin cable candle canyon carbon castle cedar cello chalk cherry cider cinder
clay clover cobalt comet compass copper coral cotton crane cricket crimson crystal dagger dahlia delta denim desert
diamond dolphin domino dragon ember emerald engine falcon feather fern fiddle flint forest fossil fountain galaxy
garlic ginger glacier granite gravel grove hammer harbor hazel heron honey hornet hunter indigo iris iron island
ivory jasper jigsaw jungle juniper kayak kettle kingdom ladder lagoon lantern lemon lily linen lobster locust magnet
maple marble marlin meadow melon meteor mirror monsoon mustang needle nickel nomad nutmeg oak oasis olive onyx orbit
orchid otter oxen paddle panther parrot pepper pilgrim plank planet plum pocket poplar prairie pumpkin quartz
quarry quiver rabbit radar raven ribbon ripple rocket saddle saffron salmon sapphire satin scarlet shadow silver
spider spruce sterling summit sunset tango temple thicket thunder tiger timber topaz tulip tundra turnip umber
vanilla velvet violet walnut whisper willow window winter wombat yarrow yonder zebra zenith zephyr zinc`.split(
    /\s+/,
  );
