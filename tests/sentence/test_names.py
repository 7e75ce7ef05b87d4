"""Names as people write them: understood without quotes where they can mean only one thing, and told at their place."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from istrel.data.codebook import Codebook, Variable
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.problem import Problem
from istrel.sentence.names import understood
from made import make_exhibit

LABELS = {
    "Body mass (g)": "",
    "Größe (cm)": "",
    "Body mass": "",
    "across": "",
    "age": "Age at entry",
    "q.1": "",
    "%": "",
    "sex": "Twice said",
    "b": "Twice said",
}
CODEBOOK = Codebook(tuple(Variable(name, Level.CONTINUOUS, label) for name, label in LABELS.items()))
WRITTEN = {
    "describe Body mass (g), age": "describe `Body mass (g)`, age",
    "describe body MASS (g) across sex": "describe `Body mass (g)` across sex",
    "describe Body mass (g), Body mass": "describe `Body mass (g)`, `Body mass`",
    "describe `Body mass (g)`": "describe `Body mass (g)`",
    'count sex among sex = "Body mass"': 'count sex among sex = "Body mass"',
    "describe Age at entry across sex": "describe `age` across sex",
    "describe Twice said": "describe Twice said",
    "describe age among (Body mass) > 3": "describe age among (`Body mass`) > 3",
    "describe xBody mass": "describe xBody mass",
    "describe Twıce saıd, Body mass": "describe Twıce saıd, `Body mass`",
    "describe GRÖẞE (cm)": "describe `Größe (cm)`",
    "describe Age at entrİ, age": "describe Age at entrİ, age",
    "describe größe (cm), age": "describe `Größe (cm)`, age",
    "describe q.1": "describe q.1",
    "describe AGE across Sex": "describe `age` across `sex`",
    "describe größe, body mass (g), age ent": "describe `Größe (cm)`, `Body mass (g)`, age ent",
    "describe age at, groes across acros": "describe `age`, groes across `across`",
    "describe entry among Grö > 3 and age at between 2 and 3": (
        "describe `age` among `Größe (cm)` > 3 and `age` between 2 and 3"
    ),
    "describe Twice": "describe Twice",
    "describe all measured, age .. Q.1 across SEX × b as table with mean": (
        "describe all measured, age .. `q.1` across `sex` × b as table with mean"
    ),
    "count sex among sex = entry": "count sex among sex = entry",
    "describe age amnog sex": "describe age amnog sex",
    "relate AGE, b given SEX against ent": "relate `age`, b given `sex` against `age`",
}


@pytest.mark.parametrize("sentence", WRITTEN)
def test_known_names_and_labels_are_quoted(sentence: str) -> None:
    typed = understood(sentence, CODEBOOK)
    assert typed.text == WRITTEN[sentence]
    for word in (" across ", " among ", " > "):
        if word in sentence:
            assert typed.place(typed.text.index(word)) == sentence.index(word)
            assert typed.inner(sentence.index(word)) == typed.text.index(word)


@pytest.mark.parametrize(
    "sentence",
    [
        "describe Body mass (g) acros sex",
        "describe Age at entry, Body mass (g) among nothing > 3",
        "describe Body mass, nothing",
    ],
)
def test_a_mistake_is_told_where_it_was_typed(sentence: str, data_of: Callable[..., Dataset]) -> None:
    data = data_of(
        "Body mass (g),Body mass,age,sex\n" + "".join(f"{k},{k}.5,{30 + k % 9},{'fm'[k % 2]}\n" for k in range(40))
    )
    variable = Variable("age", Level.CONTINUOUS, "Age at entry")
    with pytest.raises(Problem) as told:
        make_exhibit(sentence, Dataset(data.table, data.codebook.with_variable(variable)))
    word = "acros" if "acros" in sentence else "nothing"
    assert sentence[told.value.at : told.value.at + told.value.length] == word


def test_the_numbers_are_those_of_the_quoted_name(data_of: Callable[..., Dataset]) -> None:
    data = data_of("Body mass (g),sex\n" + "".join(f"{k * 10},{'fm'[k % 2]}\n" for k in range(40)))
    plain, quoted = (make_exhibit(f"describe {name} across sex", data) for name in ("body mass (g)", "`Body mass (g)`"))
    assert plain.sheet == quoted.sheet
