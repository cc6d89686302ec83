"""Work that has its day or its sheet already: come-backs, and open cut sheets."""

from __future__ import annotations

import datetime as dt

from ...core.reasons import Reason
from ...core.tasks import CUTS_AS, FROST_TASKS, task_said
from ...core.words.values import say
from ...store.trees import TreeRecord
from ...store.work_tables import Plan
from .gathering import Gathering
from .item import Item


class Dated(Gathering):
    """Come-backs that are due by the last day, and sheets that are open."""

    def _tasks(self) -> None:
        by_scope: dict[str, list[TreeRecord]] = {}
        for record in self.records:
            by_scope.setdefault(record.tree.id, []).append(record)
            by_scope.setdefault(record.row.id, []).append(record)
        for task in self.held.tasks:
            if task.kind == "found" or task.scope_id not in by_scope or task.due > self.until:
                continue
            known = self.at.know.get(task.rule)
            late = say("task-late") if task.due < self.day else ""
            put = say("task-put-off", why=task.why_later) if task.why_later else ""
            reason = Reason(
                "come-back",
                say(
                    "task-due",
                    due=task.due,
                    after="frost" if task.kind in FROST_TASKS else "work",
                    late=late,
                    put=put,
                ),
                date=task.due,
                catalogue_ids=(known.id,) if known else (),
            )
            what = task_said(self.at.know, task.rule, task.does, task.says)
            for record in by_scope[task.scope_id]:
                work = "renewal" if task.rotation_id else "look"
                item = self._item(
                    "come-back", work, what, "go", (reason,), None, task.due, alone=task.id
                )
                item.task = task
                self._asks(item, task.rule)
                cuts_as = CUTS_AS.get(task.kind)
                self._add(record, item, minutes=self._minutes(record, cuts_as) if cuts_as else None)

    def _asks(self, item: Item, rule: str) -> None:
        """Of a day that rests on how the tree is then: what is asked, and when again."""
        row = f"waits-on/{rule.split('/')[1]}" if rule.count("/") == 2 else ""
        if f"{row}/asks" in self.at.know:
            item.asks = self.at.know.row(f"{row}/asks")
            item.ask_again = self.day + dt.timedelta(days=self.at.know.days(f"{row}/again"))

    def _sheets(self) -> None:
        by_tree = {r.tree.id: r for r in self.records}
        for plan in self.held.sheets:
            if (record := by_tree.get(plan.tree_id)) is not None:
                reason = Reason("open-sheet", say("sheet-open", day=plan.day))
                item = self._item(
                    "sheet",
                    plan.work,
                    say("item-finish-sheet"),
                    "go",
                    (reason,),
                    None,
                    None,
                    alone=plan.id,
                )
                item.plan_id = plan.id
                self._add(record, item, minutes=_on_sheet(plan))


def _on_sheet(plan: Plan) -> float | None:
    """Minutes of a sheet's cuts, as it was made."""
    minutes = plan.answer.get("minutes")
    return None if minutes is None else float(minutes) * float(plan.answer.get("pace", 1.0))
