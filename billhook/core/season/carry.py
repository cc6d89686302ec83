"""When a pot kept under cover goes out and comes in: by the cold nights of one year in ten and by
what its kind bears.
"""

from __future__ import annotations

import datetime as dt

import numpy as np

from ..known import Knowledge
from .model import Site, TreeState
from .normals import YEAR_DAYS, values_on
from .seen import Dates, on_or_after

_DAY = dt.timedelta(days=1)


def carry_dates(
    site: Site, tree: TreeState, know: Knowledge, coldest: dt.date, dates: Dates
) -> tuple[dt.date | None, dt.date | None]:
    """The day out after the coldest day and the day in after it; None where no night is that cold.
    What was really done stands before both.
    """
    bears = know.get(f"species/{tree.species}/carry-in-night")
    if not tree.in_pot or not tree.under_cover or bears is None:
        return None, None
    limit = know.number(bears.id) + know.number("season/cold-night-below")
    margin = dt.timedelta(days=know.days("season/carry-margin"))
    summer = coldest + dt.timedelta(days=YEAR_DAYS // 2)
    spring, autumn = (
        values_on(site.normals.tmin_c, d, YEAR_DAYS // 2) >= limit for d in (coldest, summer)
    )
    outs = (
        [coldest + dt.timedelta(days=int(np.argmax(spring)))]
        if spring.any() and not spring.all()
        else []
    )
    ins = (
        [summer + dt.timedelta(days=int(np.argmin(autumn))) - _DAY]
        if autumn.any() and not autumn.all()
        else []
    )
    if site.last_frost:
        before = dt.timedelta(days=know.days("season/last-frost-before-coldest"))
        outs.append(on_or_after(coldest - before, site.last_frost) + margin)
    if site.first_frost:
        ins.append(on_or_after(summer, site.first_frost) - margin)
    out, dates.origins["carry_out"] = dates.heed("carry_out", max(outs, default=None), "computed")
    back, dates.origins["carry_in"] = dates.heed("carry_in", min(ins, default=None), "computed")
    return out, back
