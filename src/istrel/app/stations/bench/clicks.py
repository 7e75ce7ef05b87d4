"""What clicks do to the sentence: variables in and out, groups, the form, a setting, a limit, a note's remedy."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from PySide6.QtCore import QObject

from istrel.app.bridge import StudyModel
from istrel.app.stations.bench.draft import Draft
from istrel.app.stations.bench.writing import Writing
from istrel.app.words import retold, tr
from istrel.data.derive import free_name
from istrel.data.rows import Rows
from istrel.exhibits.setting import Remedy
from istrel.problem import Problem
from istrel.sentence import parse, parse_condition, parse_expression
from istrel.sentence.chips import put_in
from istrel.sentence.edit import names_of, toggle_group, toggle_subject, with_form, with_setting
from istrel.sentence.names import understood_condition
from istrel.sentence.request import Request, show
from istrel.sentence.show_formula import show_condition
from istrel.sentence.vocabulary import SETTINGS
from istrel.study.changes.codebook import Derive, SetRows, TreatAsMissing


class Clicks(QObject):
    """Edits the request of the draft and writes it as the sentence."""

    def __init__(self, model: StudyModel, draft: Draft, writing: Writing) -> None:
        super().__init__(writing)
        self._model, self._draft, self._writing = model, draft, writing

    def write(self, request: Request) -> None:
        """A request becomes the sentence."""
        self._writing.say(show(request))

    def toggle_subjects(self, names: Sequence[str]) -> None:
        """Variables go into the sentence together; those that all stand in it go out.

        A sentence that is not whole gets them where it ends.
        """
        text = self._writing.typed().text
        try:
            request: Request | None = parse(text)
        except Problem:
            self._writing.say(put_in(text, len(text), names))
            return
        assert request is not None
        known = set(names_of(request))
        for name in names if known.issuperset(names) else [name for name in names if name not in known]:
            request = toggle_subject(request, name)
        self._writing.say(show(request) if request else "")

    def toggle_groups(self, names: Sequence[str]) -> None:
        """Variables make groups, or no longer do."""
        request = self._draft.request
        if request is None:
            self._writing.say_below(tr("Choose first what to describe; then “by” makes the groups."))
            return
        for name in names:
            request = toggle_group(request, name)
        self.write(request)

    def set_form(self, form: str) -> None:
        """Another form of the same."""
        if self._draft.request is not None:
            self.write(with_form(self._draft.request, form))

    def begin_setting(self, name: str) -> None:
        """Write a setting at the end of the sentence; what it takes is offered, or typed."""
        if self._draft.request is not None:
            request = with_setting(self._draft.request, name, None)
            glue = ", " if request.settings.said else " with "
            self._writing.begin(f"{show(request)}{glue}{name} = ")

    def drag_setting(self, name: str, value: float, done: bool) -> None:
        """A setting follows the pointer; the sentence has it when it is let go."""
        if self._draft.proof is None:
            return
        request = self._draft.request or self._draft.proof.exhibit.request
        request = with_setting(request, name, None if value == SETTINGS[name].usual else value)
        for other in SETTINGS[name].excludes:
            request = with_setting(request, other, None)
        if done:
            self.write(request)
        else:
            self._draft.try_(request)

    def limit(self, condition: str) -> bool:
        """Limit the exhibit, and it alone, to the cases that meet a condition; False where the condition is wrong."""
        if self._draft.request is None:
            return False
        try:
            among = parse_condition(understood_condition(condition, self._model.study.codebook).text)
        except Problem as problem:
            self._model.trouble.emit(retold(problem.message))
            return False
        self.write(replace(self._draft.request, among=among))
        return True

    def limit_between(self, condition: str) -> None:
        """The exhibit is of the cases between two limits, besides what limits it already."""
        among = self._draft.request.among if self._draft.request is not None else None
        self.limit(f"{show_condition(among)} and {condition}" if among is not None else condition)

    def make_bands(self, stem: str, formula: str) -> None:
        """A variable that parts the cases at two limits."""
        name = free_name(stem, self._model.study.table)
        if self._model.do(Derive(name, parse_expression(formula))):
            self._model.trouble.emit(
                tr("“{name}” parts the cases at the limits; it stands in the codebook.", name=name)
            )

    def remedy(self, remedy: Remedy) -> None:
        """What a note in the margin offers: another sentence, or a change of the codebook."""
        if remedy.request is not None:
            self.write(remedy.request)
        elif remedy.code is not None:
            self._model.do(TreatAsMissing((remedy.variable,), (remedy.code,)))
        elif remedy.person:
            self._model.do(SetRows(Rows(person=remedy.person)))
