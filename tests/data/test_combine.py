"""Join, stack, wide to long and back: the rows that result, and what is told before anything is done."""

from __future__ import annotations

import numpy as np
import pytest

from istrel.data.codebook import MissingCode
from istrel.data.column import Column, Kind, Unread
from istrel.data.combine.gather import gather
from istrel.data.combine.join import Keep, join
from istrel.data.combine.reshape import to_long, to_wide
from istrel.data.combine.stack import stack
from istrel.data.corrections import Correction
from istrel.data.guess import guess_codebook
from istrel.data.table import Source, Table
from istrel.demo import LEARNERS, SESSIONS
from istrel.problem import Problem
from istrel.study.changes.cases import Correct
from istrel.study.changes.codebook import SetMissing, SetText
from istrel.study.changes.sources import AddSource, RemoveSource, UseSource
from istrel.study.combining import gathered, joined, made_wide
from istrel.study.history import History
from istrel.study.opening import open_data
from istrel.study.study import Study, StudySource, study_of


def table(name: str, **columns: list[object]) -> Table:
    """A table from lists; None is missing, texts in a list of numbers are unread."""
    return Table(tuple(column(key, values) for key, values in columns.items()), Source(name))


def column(name: str, values: list[object]) -> Column:
    valid = np.array([value is not None for value in values])
    if any(isinstance(value, int | float) for value in values):
        odd = [i for i, value in enumerate(values) if isinstance(value, str)]
        valid[odd] = False
        numbers = np.array([float(v) if isinstance(v, int | float) else 0.0 for v in values])
        return Column(
            name,
            Kind.NUMBER,
            numbers,
            valid,
            unread=Unread(np.array(odd, np.int64), tuple(str(values[i]) for i in odd)),
        )
    words = tuple(dict.fromkeys(str(value) for value in values if value is not None))
    codes = np.array([words.index(str(v)) if v is not None else 0 for v in values], np.int32)
    return Column(name, Kind.TEXT, codes, valid, words)


def shown(made: Table) -> list[tuple[str, ...]]:
    return [tuple(c.text_at(row) for c in made.columns) for row in range(made.n_rows)]


LEFT = table("left.csv", id=[1, 2, 2, 3, None], x=["a", "b", "c", "d", "e"], v=[1, "?", 3, 4, 5])
RIGHT = table("right.csv", id=[2, 3, 3, 9], v=[20, 30, 31, 90])


def test_a_left_join_keeps_every_row_and_repeats_those_with_several_partners() -> None:
    made, report = join(LEFT, RIGHT, ("id",))
    assert made.names == ("id", "x", "v", "v_right")
    assert shown(made) == [
        ("1", "a", "1", ""),
        ("2", "b", "?", "20"),
        ("2", "c", "3", "20"),
        ("3", "d", "4", "30"),
        ("3", "d", "4", "31"),
        ("", "e", "5", ""),
    ]
    assert (report.rows, report.matched, report.unmatched_left, report.unmatched_right) == (6, 3, 2, 1)
    assert (report.repeated_left, report.repeated_right, report.many_to_many) == (1, 1, 0)
    assert report.words == (
        "6 rows would result; 3 rows on the left find a partner. 2 on the left have none. 1 on the right has none. "
        "1 key value repeats on the left. 1 key value repeats on the right."
    )


def test_inner_and_full_joins() -> None:
    assert [row[0] for row in shown(join(LEFT, RIGHT, ("id",), "both")[0])] == ["2", "2", "3", "3"]
    full = shown(join(LEFT, RIGHT, ("id",), "all")[0])
    assert len(full) == 7
    assert full[-1] == ("9", "", "", "90")


@pytest.mark.parametrize("keep", ["left", "both", "all"])
def test_a_key_beyond_all_others_has_no_partner(keep: Keep) -> None:
    one, other = table("one", id=[1, 99], a=["x", "y"]), table("other", id=[1, 2], b=["p", "q"])
    rows = shown(join(one, other, ("id",), keep)[0])
    assert ("99", "y", "") in rows or keep == "both"
    assert len(rows) == {"left": 2, "both": 1, "all": 3}[keep]


def test_keys_of_words_and_several_keys_join() -> None:
    a = table("a", site=["N", "S", "N"], week=[1, 1, 2], x=[1, 2, 3])
    b = table("b", site=["S", "N", "N"], week=[1, 2, 3], y=[5, 6, 7])
    assert shown(join(a, b, ("site", "week"))[0]) == [("N", "1", "1", ""), ("S", "1", "2", "5"), ("N", "2", "3", "6")]
    with pytest.raises(Problem, match="Choose the key"):
        join(a, b, ())


def test_stacking_joins_names_and_tells_what_differs() -> None:
    a = table("wave1.csv", id=[1, 2], x=["u", None])
    b = table("wave2.csv", id=["3b", None], y=[7, 8])
    made, words = stack((a, b))
    assert shown(made) == [
        ("1", "u", "", "wave1"),
        ("2", "", "", "wave1"),
        ("3b", "", "7", "wave2"),
        ("", "", "8", "wave2"),
    ]
    assert (
        words == "4 rows would result. wave1.csv lacks y. wave2.csv lacks x. Of different kinds, so read as text: id."
    )


def test_wide_to_long_and_back_gives_the_same() -> None:
    wide = table("w", id=[1, 2], sex=["f", "m"], pre=[3, None], post=[5, 6])
    long = to_long(wide, ("pre", "post"))
    assert shown(long) == [
        ("1", "f", "pre", "3"),
        ("1", "f", "post", "5"),
        ("2", "m", "pre", ""),
        ("2", "m", "post", "6"),
    ]
    back, words = to_wide(long, ("id",), "variable", ("value",))
    assert back.names == ("id", "sex", "post", "pre")
    assert shown(back) == [("1", "f", "5", "3"), ("2", "m", "6", "")]
    assert words == "2 rows and 4 variables would result."


def test_repeated_rows_and_lost_ones_are_told_when_made_wide() -> None:
    long = table("l", id=[1, 1, 1, None], week=[1, 1, 2, 1], quiz=[5, 6, 7, 8])
    made, words = to_wide(long, ("id",), "week", ("quiz",))
    assert shown(made) == [("1", "5", "7")]
    assert made.names == ("id", "quiz_1", "quiz_2")
    assert words.endswith(
        "1 row repeats key and name; the first of each counts. 1 row without key or name is left out."
    )


def test_the_demo_files_join_into_a_source_of_the_study() -> None:
    learners, sessions = study_of(open_data(LEARNERS)), open_data(SESSIONS)
    history = History(learners).do(AddSource(StudySource(sessions.table, sessions.codebook)))
    assert history.study.current == history.study.sources[1].id
    wide, _ = made_wide(history.study.source, ("learner",), "week", ("quiz",))
    assert len(wide.raw.columns) == 13
    made, words = joined(history.study.sources[0], wide, ("learner",), "left")
    assert "6 key values repeat on the left" in words
    history = history.do(AddSource(made))
    assert history.study.table.n_rows == 612
    assert history.study.codebook["format"].label == "Course format"
    first, second, _ = (source.id for source in history.study.sources)
    history = history.do(UseSource(first)).do(RemoveSource(second))
    assert [source.name for source in history.study.sources] == ["learners.csv", "learners + sessions wide"]
    with pytest.raises(Problem, match="only source"):
        History(learners).do(RemoveSource(first))


VISITS = table(
    "visits.csv",
    id=[2, 1, 2, 2, None, 1],
    sex=["f", "m", "f", "f", "f", "m"],
    place=["N", "S", "S", "N", "N", "S"],
    x=[1.5, None, 3, -9, 5, None],
)


def test_many_rows_become_one_per_key() -> None:
    pairs = [(name, measure) for name in ("x", "place") for measure in ("count", "first", "last")]
    variables, measures = zip(("x", "mean"), ("x", "sum"), *pairs, strict=True)
    made, words = gather(VISITS, ("id",), variables, measures)
    assert made.names == (
        *("id", "sex", "x_mean", "x_sum", "x_count", "x_first", "x_last", "place_count", "place_first", "place_last"),
    )
    assert shown(made) == [
        ("2", "f", "-1.5", "-4.5", "3", "1.5", "-9", "3", "N", "N"),
        ("1", "m", "", "0", "0", "", "", "2", "S", "S"),
    ]
    assert (
        words == "2 rows and 10 variables would result. Each is made from 2 to 3 rows. 1 row without key is left out."
    )
    with pytest.raises(Problem, match="holds no numbers, so it has no mean"):
        gather(VISITS, ("id",), ("place",), ("mean",))


def test_gathered_means_are_those_of_each_group_counted_one_by_one() -> None:
    rng = np.random.default_rng(6)
    keys, values = rng.integers(0, 40, 500).tolist(), rng.normal(size=500).round(3).tolist()
    made, _ = gather(table("t", k=keys, x=values), ("k",), ("x", "x"), ("mean", "count"))
    for row in range(made.n_rows):
        mine = [v for k, v in zip(keys, values, strict=True) if k == made.columns[0].values[row]]
        assert made.column("x_count").values[row] == len(mine)
        assert made.column("x_mean").values[row] == pytest.approx(np.mean(mine), rel=1e-12)


def test_what_is_made_from_a_source_follows_it() -> None:
    """A code, a correction, a new reading: gathered, joined and gathered again; undo brings all of it back."""
    parent = StudySource(VISITS, guess_codebook(VISITS))
    history = History(Study((parent,)))
    per_person, _ = gathered(parent, ("id",), ("x", "x"), ("mean", "count"))
    history = history.do(AddSource(per_person))
    child = history.study.current
    both, _ = joined(history.study.source_of("s1"), history.study.source_of(child), ("id",), "left")
    history = history.do(AddSource(both))
    grandchild = history.study.current
    history = history.do(UseSource(child)).do(SetText("x_mean", "label", "Mean of x")).do(UseSource("s1"))

    def means(of: str) -> list[str]:
        table_ = history.study.source_of(of).data.table
        return [table_.column("x_mean").text_at(row) for row in range(table_.n_rows)]

    assert means(child) == ["-1.5", ""]
    history = history.do(SetMissing("x", (MissingCode(-9.0, "refused"),)))
    assert means(child) == ["2.25", ""]
    assert means(grandchild) == ["2.25", "", "2.25", "2.25", "", ""]
    assert history.study.source_of(child).codebook["x_mean"].label == "Mean of x"
    history = history.do(Correct((Correction("x", "", 8.0, 2, "typed wrong"),)))
    assert means(child) == ["2.25", "8"]
    before = history.study.source_of(child)
    history = history.do(SetText("x", "label", "Something"))
    assert history.study.source_of(child) is before  # nothing of its values changed
    for _ in range(3):
        history = history.undo()
    assert means(child) == ["-1.5", ""]
