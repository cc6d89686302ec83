"""The work that lies ahead of trees in a span of days: come-backs, sheets, what was seen, sweeps
before a flush, and the season's work where the tree needs it.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from ...catalogue.wording import said
from ...core.choice import one_of
from ...core.frame.known import is_drawn
from ...core.reasons import Reason
from ...core.season.forecast import FORECAST_CODES
from ...core.season.model import WORKS, SeasonAnswer, Segment, Work
from ...core.season.today import acts_of, priced, work_words
from ...core.season.wanted import Standing, Wanted, wanted
from ...core.tasks import task_said
from ...core.words.prices import cost_said
from ...core.words.values import Capital, Share, Value, listed, say
from ...store import frames
from ...store.trees import TreeRecord
from ..plan.works import on_open_sheets
from .dated import Dated
from .item import Item, TodayView, open_run
from .of_tree import on_own_roots
from .one_pass import pick_and_cut

FORTNIGHT = 14


class Ahead(Dated):
    """The work between two days, of one tree or of all."""

    def view(self) -> TodayView:
        """Items in walking order."""
        self._tasks()
        self._sheets()
        self._found_work()
        for alike in self._alike():
            self.made: list[tuple[Item, dict[str, Item]]] = []
            self._seen(alike[0])
            self._sweep(alike[0])
            self._seasonal(alike[0])
            for item, into in self.made:
                for record in alike:
                    self._add(record, item, into)
        place = {r.tree.id: n for n, r in enumerate(self.records)}
        for item in (*self.items.values(), *self.late.values()):
            item.trees.sort(key=lambda r: place[r.tree.id])
            item.rows = list(dict.fromkeys(r.row.n for r in item.trees))
        ordered = sorted(
            self.items.values(),
            key=lambda i: (
                i.trees[0].site.name,
                i.block,
                len(i.rows) == 1,
                i.rows[0],
                place[i.trees[0].tree.id],
                i.key,
            ),
        )
        here = [i for i in ordered if i.later is None and not self._overdue(i)]
        overdue = [i for i in ordered if i.later is None and self._overdue(i)]
        ahead = self.desk.forecast(self.records[0]) if self.records else ()
        missing = None if ahead else said(say("no-forecast"))
        late = sorted(self.late.values(), key=lambda i: (i.trees[0].site.name, i.block, i.rows[0]))
        put_off = [i for i in ordered if i.later is not None]
        return TodayView(self.day, self.until, overdue, here, put_off, late, missing)

    def _alike(self) -> list[list[TreeRecord]]:
        """Trees that need the same, side by side; the first of each stands for all."""
        groups: dict[tuple[object, ...], list[TreeRecord]] = {}
        over = self.at.know.number("today/over-cap")
        for record in self.records:
            tree_id = record.tree.id
            high, cap = self.sized[tree_id].height_m, record.cap_m
            size, row = self.sizes[tree_id], self.rows.get(record.stem.id)
            like = (
                self.held.alike(record),
                None if high is None or cap is None else high - cap > over,
                size and (size.suckers > 0, size.dead > 0),
                row.date if row is not None and tree_id in self.held.log else None,
                frozenset(self.found.get(tree_id, ())),
                self._lowest(record),
            )
            groups.setdefault(like, []).append(record)
        return list(groups.values())

    def _want(self, item: Item, into: dict[str, Item] | None = None) -> None:
        """Work of the trees in hand."""
        self.made.append((item, self.items if into is None else into))

    def _overdue(self, item: Item) -> bool:
        """A look that was due on an earlier day."""
        due = item.last_good if item.kind == "come-back" else None
        return due is not None and due < self.day

    def _seen(self, record: TreeRecord) -> None:
        size = self.sizes[record.tree.id]
        row = self.rows.get(record.stem.id)
        since = row.date if row is not None else self.day
        ticked = {e.work for e in self.desk.log(record) if since <= e.date <= self.day}
        ticked |= self.found.get(record.tree.id, set())
        if size is not None and size.suckers and "sucker" not in ticked and self._open(record):
            reason = Reason("sucker", say("suckers-seen"), catalogue_ids=("rule/sucker",))
            self._want(
                self._item("work", "sucker", say("item-suckers"), "go", (reason,), None, None)
            )
        if size is not None and size.dead and "sanitation" not in ticked:
            reason = Reason("sanitation", say("dead-marked"), catalogue_ids=("rule/sanitation",))
            self._want(
                self._item("work", "sanitation", say("item-dead"), "go", (reason,), None, None)
            )

    def _open(self, record: TreeRecord) -> bool:
        """Whether suckers may come off by the day: not while they may be all that lives."""
        return self.desk.verdict(record, "sucker", with_forecast=False).status == "go"

    def _sweep(self, record: TreeRecord) -> None:
        known = self.at.know
        if on_own_roots(record) or (
            record.stem.rootstock is None
            and known.get(f"own-rooted-usually/{record.tree.species}/as") is not None
        ):
            return
        if not self._open(record):
            return
        for event in self.desk.season(record, ("sucker",)).events:
            if event.name != "sucker sweep" or event.start > self.until or event.end < self.day:
                continue
            if any(
                e.work == "sucker" and event.start <= e.date <= event.end
                for e in self.desk.log(record)
            ):
                continue
            text = say("flush-starts", end=event.end + dt.timedelta(days=1))
            reason = Reason(
                "sucker-sweep", text, date=event.end, catalogue_ids=("windows/sweep-before-flush",)
            )
            says = say("item-sweep")
            self._want(self._item("sweep", "sucker", says, "go", (reason,), event.start, event.end))

    def _standing(self, record: TreeRecord) -> Standing:
        state = self.desk.state(record)
        done: dict[str, dt.date] = {}
        for entry in self.desk.log(record):
            if entry.date <= self.day:
                done[entry.work] = max(entry.date, done.get(entry.work, entry.date))
        start = self.desk.growing_year(record)
        young = self.desk.young(record)
        return Standing(
            state.in_pot,
            record.row.kind == "hedgerow",
            young,
            self.desk.bears(record),
            state.condition,
            self.sized[record.tree.id].height_m,
            record.cap_m,
            start,
            done,
            self._lowest(record),
            self.desk.stance(record)["form"] == "to-the-ground",
        )

    def _lowest(self, record: TreeRecord) -> float | None:
        """The lowest living tip of a tree whose limbs were measured [m]."""
        size, row = self.sizes[record.tree.id], self.rows.get(record.stem.id)
        low = None if size is None else size.lowest_m
        if row is None or low is None or low >= self.at.know.number("today/skirt-low"):
            return None  # nothing hangs so low, and the drawing need not be read
        if row.origin == "sketched":
            return None
        return low if is_drawn(*frames.frame_of(self.session, row)) else None

    def _seasonal(self, record: TreeRecord) -> None:
        for want in wanted(self._standing(record), self.at.know, self.day, self.units):
            if want.work in self.found.get(record.tree.id, ()):
                continue  # a look said what there is of it
            season = self.desk.season(record, (want.work,), with_forecast=False)
            run = open_run(season.segments, self.day, self.until)
            if run is None:
                if want.needed:
                    self._too_late(record, want, season.segments)
                continue
            segment = run[2]
            says = _worded(want.work, segment.max_share)
            ripe = next((r for r in segment.reasons if r.code == "ripe"), None)
            both = (pick_and_cut(ripe),) if ripe else ()
            item = self._windowed(record, "work", want.work, says, (want.why, *both), season, run)
            self._want(item)

    def _found_work(self) -> None:
        """What walks found to be done, where the days allow it and no open sheet has it."""
        records = {r.tree.id: r for r in self.records}
        on_sheets = on_open_sheets(self.session)
        for task in (t for t in self.held.tasks if t.kind == "found"):
            record = records.get(task.scope_id)
            if record is None:
                continue
            work = one_of(WORKS, task.work or "")
            self.found.setdefault(task.scope_id, set()).add(work)
            if work in on_sheets.get(task.scope_id, ()):
                continue
            season = self.desk.season(record, (work,), with_forecast=False)
            run = open_run(season.segments, self.day, self.until)
            if run is None:
                continue
            since = task.since or task.due
            why = Reason(
                "found", say("found-on", day=since), date=since, catalogue_ids=(task.rule,)
            )
            what = task_said(self.at.know, task.rule, task.does, task.says)
            item = self._windowed(record, "found", work, what, (why,), season, run)
            item.walk_id, item.found = task.walk_id, task.rule.split("/")[1]
            self._add(record, item)

    def _windowed(
        self,
        record: TreeRecord,
        kind: str,
        work: Work,
        says: Value,
        why: tuple[Reason, ...],
        season: SeasonAnswer,
        run: tuple[dt.date, dt.date | None, Segment],
    ) -> Item:
        """Work that its window allows, with its price, and what stops it on the day."""
        first, last, segment = run
        opens = max(first, self.day)
        reasons = (*why, *segment.reasons)
        item = self._item(kind, work, says, "go", reasons, opens, last)
        item.acts = acts_of(segment.reasons)
        if priced(work, segment.reasons):
            item.cost = cost_said(float(season.prices[work][(opens - self.day).days]))
            item.like += f"|{said(item.cost)}"
        asked = self.desk.verdict(record, work) if segment.start <= self.day else None
        if asked is not None and any(r.code == "forecast-unknown" for r in asked.reasons):
            item.tone, item.closed_by, item.acts = asked.status, asked.sentence, asked.acts
            item.like += "|asked"
        if self.desk.forecast(record):
            self._close(record, work, opens, item)
        return item

    def _close(self, record: TreeRecord, work: Work, from_day: dt.date, item: Item) -> None:
        """Where the forecast leaves no day of a window open, say what closes it."""
        ahead = self.desk.season(record, (work,)).segments
        if open_run(ahead, self.day, self.until) is not None:
            return
        coming = (r for s in ahead if s.end >= from_day for r in s.reasons)
        stop = next((r for r in coming if r.code in FORECAST_CODES), None)
        item.tone = "stop"
        item.closed_by = stop.says if stop else say("forecast-closes")
        item.like += "|closed"

    def _too_late(self, record: TreeRecord, want: Wanted, ahead: Sequence[Segment]) -> None:
        start = self.desk.growing_year(record)
        if start >= self.day:
            return
        gone = [
            s
            for s in self.desk.season_between(record, start, self.day, (want.work,)).segments
            if s.status == "go"
        ]
        opens = next((s.start for s in ahead if s.status == "go"), None)
        patience = self.at.know.days("today/too-late-after")
        if (
            not gone
            or (self.day - gone[-1].end).days > patience
            or (opens is not None and (opens - self.day).days < FORTNIGHT)
        ):
            return
        now = ahead[0]
        small = now.status == "light" and now.max_share
        can = (
            say("late-small-cuts", share=Share(now.max_share or 0.0))
            if small
            else say("late-no-cut")
        )
        following = say("late-next", day=opens) if opens else say("late-closed")
        says = say("item-too-late", work=Capital(work_words(want.work)))
        item = self._item(
            "too-late", want.work, says, now.status, (want.why, *now.reasons), opens, gone[-1].end
        )
        item.instead = listed((can, following), " ")
        item.acts = acts_of(now.reasons, opens)
        self._want(item, self.late)


def _worded(work: Work, share: float | None) -> Value:
    """The season's work, and how much of it at most."""
    what = Capital(work_words(work))
    if work == "young":
        return say("item-half-shoots", work=what)
    return say("item-share", work=what, share=Share(round(share, 3))) if share else what
