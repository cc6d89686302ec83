"""Every blueprint of the API, by subject."""

from __future__ import annotations

from . import progress
from .backups import daily
from .book import acts, lists, logbook, look_back, photos, report
from .calc import counting as calc_counting
from .calc import crew as calc_crew
from .calc import frame as calc_frame
from .calc import frost as calc_frost
from .calc import fruit as calc_fruit
from .calc import grow as calc_grow
from .calc import heights as calc_heights
from .calc import limb as calc_limb
from .calc import plan as calc_plan
from .calc import pot as calc_pot
from .calc import season as calc_season
from .calc import shoot as calc_shoot
from .calc import trace as calc_trace
from .crew import changes, crew
from .door import accounts, passkeys, signing
from .frost import site as frost_site
from .frost import tree as frost_tree
from .heights import aims as heights_aims
from .heights import block as heights_block
from .heights import rotations as heights_rotations
from .heights import tree as heights_tree
from .heights import ways as heights_ways
from .holding import (
    address,
    blocks,
    catalogue,
    demo,
    grove,
    odd,
    own_species,
    people,
    place,
    planting,
    towns,
    tree_lists,
)
from .plan import counted, cutting, proposals, sheets
from .rehearse import own_tree as rehearse_own_tree
from .rehearse import practice as rehearse_practice
from .season import almanac, calendar, months, says, stances, today, weather
from .tree import observing, tracing, trees
from .walk import rows, shoots, walks

BLUEPRINTS = tuple(
    module.routes
    for module in (
        accounts,
        passkeys,
        signing,
        address,
        daily,
        blocks,
        catalogue,
        demo,
        grove,
        odd,
        own_species,
        people,
        place,
        planting,
        progress,
        towns,
        tree_lists,
        observing,
        trees,
        tracing,
        almanac,
        calendar,
        months,
        says,
        stances,
        today,
        weather,
        rows,
        shoots,
        walks,
        cutting,
        proposals,
        counted,
        sheets,
        heights_aims,
        heights_block,
        heights_rotations,
        heights_tree,
        rehearse_own_tree,
        rehearse_practice,
        heights_ways,
        frost_site,
        frost_tree,
        acts,
        lists,
        logbook,
        look_back,
        photos,
        report,
        changes,
        crew,
        calc_frame,
        calc_frost,
        calc_fruit,
        calc_grow,
        calc_heights,
        calc_limb,
        calc_counting,
        calc_crew,
        calc_plan,
        calc_pot,
        calc_season,
        calc_shoot,
        calc_trace,
    )
)
