"""The first look as a report: its numbers are those of the exhibits, its words are in every format, nobody is shown."""

from __future__ import annotations

import html
import io
import re
import zipfile
from dataclasses import replace
from pathlib import Path

import pytest
from lxml import etree
from lxml import html as markup

from istrel.data.dataset import Dataset
from istrel.render.intake import render_intake
from istrel.study.intake import take_in
from istrel.study.opening import open_data
from istrel.study.report import Page, report_of
from made import make_exhibit

SHOWN = {"Mean": "mean", "Standard deviation": "sd", "Median": "median", "Smallest": "min", "Largest": "max"}


def number(text: str) -> float:
    return float(text.replace(",", "").replace("−", "-"))


def pages_of(data: Dataset) -> dict[str, Page]:
    return {page.name: page for page in report_of(take_in(data)).pages}


def test_its_numbers_are_those_of_the_exhibits(learners: Dataset) -> None:
    pages = pages_of(learners)
    names = [name for name, page in pages.items() if page.level.measured and page.drawn is not None]
    exhibit = make_exhibit(f"describe {', '.join(names)}", learners)
    assert len(names) > 8
    for cell in exhibit.whole.cells:
        page = pages[cell.variable]
        assert page.valid == cell.n
        assert sum(count for _, count in page.missing) == cell.missing
        for what, text in page.numbers:
            if what in SHOWN:
                value = float(cell.statistics[SHOWN[what]])
                places = len(text.partition(".")[2])
                assert number(text) == pytest.approx(value, abs=0.5001 * 10**-places), (page.name, what)
        drawn = page.drawn
        assert drawn is not None
        assert int(drawn.counts.sum()) + drawn.below + drawn.above == page.valid
        assert [row for _, row in page.lowest] == [value.row for value in cell.statistics["lowest"]]
    for name, page in pages.items():
        if page.level.categorical:
            assert sum(one.count for one in page.values) + page.others == page.valid, name
            assert sum(one.share for one in page.values) <= 1 + 1e-9


@pytest.mark.parametrize("ending", ["html", "odt"])
def test_every_page_is_in_every_format(ending: str, learners: Dataset) -> None:
    content = render_intake(take_in(learners), ending)
    if ending == "odt":
        with zipfile.ZipFile(io.BytesIO(content)) as archive:
            text = archive.read("content.xml").decode()
            pictures = [archive.read(name) for name in archive.namelist() if name.endswith(".svg")]
        assert len(pictures) > 8
        assert all(etree.fromstring(picture).tag.endswith("svg") for picture in pictures)
    else:
        text = content.decode()
        links = re.findall(r'href="#(v\d+)"', text)
        assert links
        assert all(f'id="{link}"' in text for link in links)
        assert "http" not in text.replace("http://www.w3.org/2000/svg", "")
    words = " ".join(html.unescape(re.sub("<[^>]+>", " ", text)).split())
    for page in pages_of(learners).values():
        said = [
            page.name,
            page.label,
            *page.findings,
            *(text for _, text in page.numbers),
            *(v.value for v in page.values),
        ]
        assert [part for part in said if " ".join(part.split()) not in words] == []


HOSTILE = "<script>alert(1)</script>&'\""


def test_names_and_values_of_any_letters_are_only_letters_and_personal_ones_are_not_shown(
    data_of: object, tmp_path: object
) -> None:

    path = Path(str(tmp_path)) / "odd.csv"
    rows = "".join(
        f'{k}.5,"{HOSTILE.replace(chr(34), chr(34) * 2)}{k % 2}",{"P0" if k == 9 else f"p{k % 3}"}@example.org\n'
        for k in range(12)
    )
    path.write_text(f'"{HOSTILE.replace(chr(34), chr(34) * 2)}",g,mail\n{rows}')
    data = open_data(path)
    book = data.codebook.with_variable(replace(data.codebook["mail"], personal=True))
    intake = take_in(Dataset(data.table, book))
    assert [found for found in intake.findings if "example.org" in found.line] != []  # what the window says
    for ending in ("html", "odt", "json", "txt"):
        content = render_intake(intake, ending)
        if ending == "odt":
            content = zipfile.ZipFile(io.BytesIO(content)).read("content.xml")
        assert b"@example.org" not in content
        assert ending != "odt" or etree.fromstring(content) is not None
    page = render_intake(intake, "html").decode()
    assert "<script>" not in page
    assert HOSTILE in "".join(markup.fromstring(page).itertext())
